import { checkNumber } from "../../checkNumber";
import { among } from "../../happening";
import { define } from "../define";

/** What was left in the bowl when all was on, weighed, and whether it reached everywhere. */
export interface Weighed {
  readonly kind: "weighed";
  readonly leftG: number;
  readonly reached: boolean;
}
export interface WeighedState {
  /** The last word of it. */
  readonly session?: Omit<Weighed, "kind"> & { readonly eventId: string; readonly atMs: number };
}

export const weighed = define<Weighed, WeighedState>({
  kind: "weighed",
  fields: ["leftG", "reached"],
  check: ({ leftG, reached }, field) => [
    ...[checkNumber(`${field}.leftG`, leftG, "leftInBowlG")].filter((problem) => problem !== undefined),
    ...among(`${field}.reached`, reached, [true, false]),
  ],
  apply: (bowl, { leftG, reached }, { eventId, atMs }) => {
    bowl.session = { leftG, reached, eventId, atMs };
  },
});
