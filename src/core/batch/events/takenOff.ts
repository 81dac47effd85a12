import { TAKE_OFF_STEPS, type TakeOffStepId } from "../../apply";
import { among } from "../../happening";
import { define } from "../define";

/** A step of taking it off was done, or not after all. */
export interface TakenOff {
  readonly kind: "takenOff";
  readonly step: TakeOffStepId;
  readonly done: boolean;
}
export interface TakenOffState {
  readonly takenOff: readonly TakeOffStepId[];
}

export const takenOff = define<TakenOff, TakenOffState>({
  kind: "takenOff",
  fields: ["step", "done"],
  check: ({ step, done }, field) => [
    ...among(`${field}.step`, step, TAKE_OFF_STEPS),
    ...among(`${field}.done`, done, [true, false]),
  ],
  apply: (bowl, { step, done }) => {
    bowl.takenOff = bowl.takenOff.filter((one) => one !== step);
    if (done) bowl.takenOff.push(step);
  },
});
