import { checkText } from "../text";
import { defineKind } from "./kind";

/** Empty once it was erased. */
export interface Noted {
  readonly kind: "noted";
  readonly text: string;
}
export interface NotedState {
  readonly notes: readonly { readonly eventId: string; readonly text: string; readonly atMs: number }[];
}

export const noted = defineKind<Noted, NotedState>({
  kind: "noted",
  fields: ["text"],
  check: ({ text }, field) => [checkText(`${field}.text`, text, "noteChars") ?? []].flat(),
  apply: (state, { text }, { eventId, atMs }) => {
    if (text) state.notes.push({ eventId, text, atMs });
  },
});
