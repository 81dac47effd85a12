import { among } from "../../happening";
import { DAB_MARKS, type DabMark } from "../../rest";
import { define } from "../define";

/** A dab of the paste was on a palm for five minutes, and left such a mark. */
export interface Dabbed {
  readonly kind: "dabbed";
  readonly mark: DabMark;
}
export interface DabbedState {
  readonly dabs: readonly { readonly eventId: string; readonly mark: DabMark; readonly atMs: number }[];
}

export const dabbed = define<Dabbed, DabbedState>({
  kind: "dabbed",
  fields: ["mark"],
  check: ({ mark }, field) => among(`${field}.mark`, mark, DAB_MARKS),
  apply: (bowl, { mark }, { eventId, atMs }) => {
    bowl.dabs.push({ eventId, mark, atMs });
  },
});
