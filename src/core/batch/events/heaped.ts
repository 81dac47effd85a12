import type { Unit } from "../../measure";
import { among } from "../../happening";
import { checkLine, define } from "../define";

/** Spoons that a powder can be heaped on. */
export const SPOONS = ["tsp", "tbsp", "cup"] as const satisfies readonly Unit[];
export type SpoonUnit = (typeof SPOONS)[number];

/** One spoon of a planned line was a heaped one. */
export interface Heaped {
  readonly kind: "heaped";
  readonly line: number;
  readonly unit: SpoonUnit;
}
export interface HeapedState {
  readonly heaped: readonly { readonly line: number; readonly unit: SpoonUnit }[];
}

export const heaped = define<Heaped, HeapedState>({
  kind: "heaped",
  fields: ["line", "unit"],
  movesStock: true,
  check: ({ line, unit }, field) => [...checkLine(line, `${field}.line`), ...among(`${field}.unit`, unit, SPOONS)],
  apply: (bowl, { line, unit }) => {
    bowl.heaped.push({ line, unit });
  },
});
