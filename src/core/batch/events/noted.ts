import { checkText } from "../../text";
import { define } from "../define";

/** Empty once it was erased. */
export interface Noted {
  readonly kind: "noted";
  readonly text: string;
}
export interface NotedState {
  readonly notes: readonly { readonly eventId: string; readonly text: string; readonly atMs: number }[];
}

export const noted = define<Noted, NotedState>({
  kind: "noted",
  fields: ["text"],
  searched: true,
  check: ({ text }, field) => [checkText(`${field}.text`, text, "noteChars") ?? []].flat(),
  apply: (bowl, { text }, { eventId, atMs }) => {
    if (text) bowl.notes.push({ eventId, text, atMs });
  },
});
