import { nameOfThing } from "../shelf";
import { foldText, wordsOf } from "../text";
import type { BatchState } from "./eventKinds";
import { MARK_RANGE, MARKS, type Mark } from "./events/marked";
import type { BatchSummary } from "./summary";

/** What a batch can be found by, besides its dates. */
export type SearchedBy =
  | { readonly by: "head" | "blend" | "material" | "purpose" | "again" | "word"; readonly value: string }
  | { readonly by: "mark"; readonly mark: Mark; readonly end: "much" | "little" };

const LONGEST = 80;

/** One term of the log's index: a filter is the start of a range of it, in the order of the log. */
export function termOf(found: SearchedBy): string {
  if (found.by === "mark") return `mark:${found.mark}:${found.end}`;
  return [...`${found.by}:${found.by === "word" ? foldText(found.value) : found.value}`].slice(0, LONGEST).join("");
}

/** What a batch is found by besides what happened in it. */
export interface FoundBy {
  readonly headId: string | null;
  readonly blendId: string | null;
  readonly blendName: string;
  readonly headName: string;
  readonly summary: BatchSummary;
}

/** Every term that a batch is found by. */
export function termsOf({ headId, blendId, blendName, headName, summary }: FoundBy, state: BatchState): string[] {
  const materialIds = [...summary.materialIds, ...state.added.map((line) => line.materialId)];
  const found: SearchedBy[] = [
    ...(headId ? [{ by: "head", value: headId } as const] : []),
    ...(blendId ? [{ by: "blend", value: blendId } as const] : []),
    { by: "purpose", value: summary.purpose },
    ...(state.again ? [{ by: "again", value: state.again } as const] : []),
    ...materialIds.map((value) => ({ by: "material", value }) as const),
    ...MARKS.flatMap((mark): SearchedBy[] => {
      const value = state.marks[mark];
      if (value === undefined) return [];
      if (value >= MARK_RANGE.max - 1) return [{ by: "mark", mark, end: "much" }];
      return value <= MARK_RANGE.min + 1 ? [{ by: "mark", mark, end: "little" }] : [];
    }),
    ...wordsOf(
      [blendName, headName, ...materialIds.map(nameOfThing), ...state.notes.map((note) => note.text)].join(" "),
    ).map((value) => ({ by: "word", value }) as const),
  ];
  return [...new Set(found.map(termOf))];
}
