import { among } from "../../happening";
import { define } from "../define";

/** What is done after a dye was rinsed out, in its order. Ids are kept in events for good. */
export const TENDINGS = ["stains", "dry", "oil", "shampoo", "moisture", "judge"] as const;
export type Tending = (typeof TENDINGS)[number];

/** Something of the day after was done, or not after all. */
export interface Tended {
  readonly kind: "tended";
  readonly task: Tending;
  readonly done: boolean;
}
export interface TendedState {
  readonly tended: readonly Tending[];
}

export const tended = define<Tended, TendedState>({
  kind: "tended",
  fields: ["task", "done"],
  check: ({ task, done }, field) => [
    ...among(`${field}.task`, task, TENDINGS),
    ...among(`${field}.done`, done, [true, false]),
  ],
  apply: (bowl, { task, done }) => {
    bowl.tended = bowl.tended.filter((one) => one !== task);
    if (done) bowl.tended.push(task);
  },
});
