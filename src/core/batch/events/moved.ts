import { among } from "../../happening";
import { define } from "../define";

/** Where a mixed bowl stands. */
export const PLACES = ["kitchen", "fridge", "freezer"] as const;
export type Place = (typeof PLACES)[number];

export interface Moved {
  readonly kind: "moved";
  readonly place: Place;
}
export interface MovedState {
  /** Where it was put, in order. */
  readonly moves: readonly { readonly place: Place; readonly atMs: number }[];
}

export const moved = define<Moved, MovedState>({
  kind: "moved",
  fields: ["place"],
  check: ({ place }, field) => among(`${field}.place`, place, PLACES),
  apply: (bowl, { place }, { atMs }) => {
    bowl.moves.push({ place, atMs });
  },
});
