import type { Phase } from "../../material";
import { among } from "../../happening";
import { define } from "../define";

/** Steps of a worksheet. Ids are kept in events for good; new ones are added. */
export const STEPS = [
  "gather",
  "mash",
  "warm",
  "lumps",
  "dry",
  "oilFirst",
  "wet",
  "firstPour",
  "pour",
  "strain",
  "oil",
  "scent",
  "bottle",
  "rest",
  "check",
  "hair",
  "apply",
  "leaveOn",
  "rinse",
  "clear",
] as const;
export type StepId = (typeof STEPS)[number];

export interface Ticked {
  readonly kind: "ticked";
  readonly step: StepId;
  readonly done: boolean;
}
export interface TickedState {
  readonly done: readonly StepId[];
}

/** Steps that put a phase in. */
const PUTS_IN: Readonly<Partial<Record<StepId, Phase>>> = {
  dry: "dry",
  wet: "wet",
  oil: "oil",
  oilFirst: "oil",
  scent: "oil",
};

export const ticked = define<Ticked, TickedState>({
  kind: "ticked",
  fields: ["step", "done"],
  movesStock: true,
  saysIn: ({ step, done }, bowl) => {
    const phase = PUTS_IN[step];
    return phase && done && bowl.done.includes(step) ? { phase } : undefined;
  },
  check: ({ step, done }, field) => [
    ...among(`${field}.step`, step, STEPS),
    ...among(`${field}.done`, done, [true, false]),
  ],
  apply: (bowl, { step, done }) => {
    if (done && !bowl.done.includes(step)) bowl.done.push(step);
    else if (!done) bowl.done = bowl.done.filter((one) => one !== step);
  },
});
