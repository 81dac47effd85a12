import { among } from "../../happening";
import { define } from "../define";

/** How the paste on the scalp feels. */
export const TOUCHES = ["wet", "almostDry", "dry"] as const;
export type Touch = (typeof TOUCHES)[number];

export interface Touched {
  readonly kind: "touched";
  readonly as: Touch;
}
export interface TouchedState {
  readonly touches: readonly { readonly as: Touch; readonly atMs: number }[];
}

export const touched = define<Touched, TouchedState>({
  kind: "touched",
  fields: ["as"],
  check: ({ as }, field) => among(`${field}.as`, as, TOUCHES),
  apply: (bowl, { as }, { atMs }) => {
    bowl.touches.push({ as, atMs });
  },
});
