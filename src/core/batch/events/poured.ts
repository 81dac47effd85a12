import { checkNumber } from "../../checkNumber";
import { define } from "../define";

export interface Poured {
  readonly kind: "poured";
  readonly ml: number;
}
export interface PouredState {
  /** Sum of all pours that stand, ml. */
  readonly pouredMl: number;
  /** When something was first poured. */
  readonly firstPourMs?: number;
}

export const poured = define<Poured, PouredState>({
  kind: "poured",
  fields: ["ml"],
  movesStock: true,
  poursMl: ({ ml }) => ml,
  check: ({ ml }, field) => [checkNumber(`${field}.ml`, ml, "pouredMl") ?? []].flat(),
  apply: (bowl, { ml }, { atMs }) => {
    bowl.pouredMl += ml;
    if (ml > 0) bowl.firstPourMs ??= atMs;
  },
});
