import { among } from "../../happening";
import { define } from "../define";

export const AGAIN = ["yes", "maybe", "no"] as const;
export type Again = (typeof AGAIN)[number];

/** Would one make it again? */
export interface AgainEvent {
  readonly kind: "again";
  readonly again: Again;
}
export interface AgainState {
  readonly again?: Again;
}

export const again = define<AgainEvent, AgainState>({
  kind: "again",
  fields: ["again"],
  searched: true,
  check: (payload, field) => among(`${field}.again`, payload.again, AGAIN),
  apply: (bowl, payload) => {
    bowl.again = payload.again;
  },
});
