import { MARKS, MARK_RANGE, type BatchState, type Made } from "@/core/batch";
import { liquidParts, type PasteAnswer, type PasteQuestion } from "@/core/paste";
import { gramWords, kitchenNumber, minuteWords, mlWords } from "./amounts";
import { AGAIN_NAME, MARK_NAME, materialName, MIXING_WORD_NAME, PLACE_NAME, PURPOSE_NAME, warmthWord } from "./names";
import { consistencyRange } from "./verdict";

interface Bowl {
  readonly batch: { readonly question: PasteQuestion; readonly answer: PasteAnswer; readonly headName: string };
  readonly state: BatchState;
  readonly made: Made;
}

/** One row of bowls set side by side: what it is about, and what it was in each. */
export interface BowlRow {
  readonly what: string;
  readonly each: readonly string[];
  readonly same: boolean;
}

const NONE = "–";
const MINUTE_MS = 60_000;
const between = (from: number | undefined, to: number | undefined): string =>
  from === undefined || to === undefined || to < from ? NONE : minuteWords((to - from) / MINUTE_MS);

/** What went in, for how long, how warm, and how it was, row by row. */
export function bowlRows(bowls: readonly Bowl[]): BowlRow[] {
  const rows: BowlRow[] = [];
  const add = (what: string, of: (bowl: Bowl) => string) => {
    const each = bowls.map(of);
    if (each.some((one) => one !== NONE)) rows.push({ what, each, same: each.every((one) => one === each[0]) });
  };
  add("head", ({ batch }) => batch.headName);
  add("for", ({ batch }) => PURPOSE_NAME[batch.question.purpose]);
  for (const id of new Set(bowls.flatMap(({ made }) => made.lines.map((line) => line.materialId)))) {
    add(materialName(id), ({ made }) => {
      const own = made.lines.filter((line) => line.materialId === id);
      return own.length === 0 ? NONE : `${gramWords(own.reduce((sum, line) => sum + line.reallyG, 0))} g`;
    });
  }
  for (const id of new Set(
    bowls.flatMap(({ batch }) => liquidParts(batch.question.liquid).map(({ materialId }) => materialId)),
  )) {
    const shareOf = ({ liquid }: PasteQuestion) =>
      liquidParts(liquid).find(({ materialId }) => materialId === id)?.share;
    add(`${materialName(id)}, poured`, ({ batch, state }) => {
      const share = shareOf(batch.question);
      return share === undefined ? NONE : `${mlWords(state.pouredMl * share)} ml`;
    });
    add(`${materialName(id)}, planned`, ({ batch: { question, answer } }) => {
      const share = shareOf(question);
      return share !== undefined && answer.liquid.state !== "unreachable"
        ? `${mlWords(answer.liquid.ml.mid * share)} ml`
        : NONE;
    });
  }
  add(
    "liquid was",
    ({ batch }) => `${warmthWord(batch.question.liquid.tempC)}, ${kitchenNumber(batch.question.liquid.tempC)}°`,
  );
  add("kitchen", ({ batch }) => `${kitchenNumber(batch.question.kitchenTempC)}°`);
  add("came out as", ({ made }) => (made.answer ? consistencyRange(made.answer.on) : NONE));
  add("said last", ({ state }) => (state.lastWord ? MIXING_WORD_NAME[state.lastWord] : NONE));
  add("rested", ({ state }) => between(state.reachedMs.mixed, state.reachedMs.onHead));
  add("stood in", ({ state }) => [...new Set(state.moves.map((move) => PLACE_NAME[move.place]))].join(", ") || NONE);
  add("on the head", ({ state }) => between(state.reachedMs.onHead, state.reachedMs.rinsed));
  for (const mark of MARKS)
    add(MARK_NAME[mark], ({ state }) =>
      state.marks[mark] === undefined ? NONE : `${state.marks[mark]} of ${MARK_RANGE.max}`,
    );
  add("again?", ({ state }) => (state.again ? AGAIN_NAME[state.again] : NONE));
  add("words", ({ state }) => state.notes.map((note) => note.text).join(" ") || NONE);
  return rows;
}
