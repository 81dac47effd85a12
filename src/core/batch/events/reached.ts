import { among } from "../../happening";
import { define } from "../define";

export const STAGES = ["mixed", "onHead", "rinsed"] as const;
export type Stage = (typeof STAGES)[number];

export interface Reached {
  readonly kind: "reached";
  readonly stage: Stage;
}
export interface ReachedState {
  readonly reachedMs: Readonly<Partial<Record<Stage, number>>>;
}

export const reached = define<Reached, ReachedState>({
  kind: "reached",
  fields: ["stage"],
  movesStock: true,
  saysIn: ({ stage }) => (stage === "mixed" ? "everything" : undefined),
  check: ({ stage }, field) => among(`${field}.stage`, stage, STAGES),
  apply: (bowl, { stage }, { atMs }) => {
    bowl.reachedMs[stage] = atMs;
  },
});
