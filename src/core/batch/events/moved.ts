import { checkNumber } from "../../checkNumber";
import { among } from "../../happening";
import { define } from "../define";

/** Where a mixed bowl stands; elsewhere says how warm it is there. */
export const PLACES = ["kitchen", "fridge", "freezer", "elsewhere"] as const;
export type Place = (typeof PLACES)[number];

export interface Moved {
  readonly kind: "moved";
  readonly place: Place;
  /** Only elsewhere. */
  readonly tempC?: number;
}
export interface MovedState {
  /** Where it was put, in order. */
  readonly moves: readonly { readonly place: Place; readonly atMs: number; readonly tempC?: number }[];
}

export const moved = define<Moved, MovedState>({
  kind: "moved",
  fields: ["place", "tempC"],
  check: ({ place, tempC }, field) => {
    if (place !== "elsewhere")
      return [
        ...among(`${field}.place`, place, PLACES),
        ...(tempC === undefined ? [] : [{ field: `${field}.tempC`, code: "unknownField" as const }]),
      ];
    const problem = checkNumber(`${field}.tempC`, tempC, "standsC");
    return problem ? [problem] : [];
  },
  apply: (bowl, { place, tempC }, { atMs }) => {
    bowl.moves.push({ place, atMs, ...(tempC === undefined ? {} : { tempC }) });
  },
});
