import { WORDS, type Heard, type MixingWord } from "../../correct";
import { among } from "../../happening";
import { define } from "../define";

export interface Said {
  readonly kind: "said";
  readonly word: MixingWord | "right";
}

/** Something that was seen of a bowl, and how much of what it is made of was in it by then. */
export interface SeenThen {
  readonly seen: Heard["seen"];
  readonly pouredMl: number;
  /** How many of the things put in besides. */
  readonly addedCount: number;
  readonly atMs: number;
}
export interface SaidState {
  readonly lastWord?: MixingWord | "right";
}
/** What is seen of a bowl is kept with what is in it. */
export interface SeenState {
  /** What was said and tested of the bowl, in order, each with what was in it by then. */
  readonly seen: readonly SeenThen[];
}
export interface InIt {
  readonly pouredMl: number;
  readonly added: readonly object[];
}

export const said = define<Said, SaidState & SeenState & InIt>({
  kind: "said",
  fields: ["word"],
  check: ({ word }, field) => among(`${field}.word`, word, [...WORDS, "right"]),
  apply: (bowl, { word }, { atMs }) => {
    bowl.lastWord = word;
    bowl.seen.push({
      seen: word === "right" ? { by: "right" } : { by: "word", word },
      pouredMl: bowl.pouredMl,
      addedCount: bowl.added.length,
      atMs,
    });
  },
});
