"use client";
import { useState } from "react";
import { wallWords } from "@/words/times";
import { useShelf } from "../shelf/ShelfContext";
import type { PasteAnswer } from "@/core/paste";
import { minuteWords } from "@/words/amounts";
import {
  CONSISTENCY_NAME,
  LANDMARK_NAME,
  materialName,
  PURPOSE_PHRASE,
  ratioWords,
  SIZING_NAME,
  warmthWord,
} from "@/words/names";
import type { BlendPage } from "@/server/blendPage";
import { opened } from "../parts/later";
import { Sheet } from "../parts/Sheet";
import type { BlendDocument } from "./document";
import type { Edit } from "./edit";
import { typed } from "../forms/typed";
import type { ChoiceProps, SentencePart } from "./SentenceChoice";

const SentenceChoice = opened<ChoiceProps & { readonly part: SentencePart }>(() =>
  import("./SentenceChoice").then((file) => file.SentenceChoice),
);

interface SentenceProps {
  readonly doc: BlendDocument;
  readonly heads: BlendPage["heads"];
  readonly answer: PasteAnswer | undefined;
  readonly dispatch: (action: Edit) => void;
  readonly problemAt: (field: string) => string | undefined;
}

/** What each part of the sentence asks, and the fields whose problems stand behind it. */
const PARTS: Readonly<Record<SentencePart, { readonly title: string; readonly fields: readonly string[] }>> = {
  purpose: { title: "What is it for?", fields: ["roots.months", "roots.share"] },
  whose: { title: "Whose hair?", fields: [] },
  hair: { title: "The hair", fields: ["head.longest.cm", "head.amount.ponytailCm", "head.greyShare"] },
  thickness: { title: "How thick when it goes on?", fields: [] },
  liquid: { title: "Which liquid?", fields: ["liquid.tempC", "liquid.with.share", "liquid.with.materialId"] },
  kitchen: { title: "How warm is the kitchen?", fields: ["kitchenTempC"] },
  rest: { title: "How long does it rest?", fields: ["restMin"] },
  sizing: { title: "How much?", fields: [] },
  when: { title: "When?", fields: [] },
};

function lengthWords({ head }: BlendDocument): string {
  if (head.by.length === "landmark" && "landmark" in head.hair.longest)
    return `${LANDMARK_NAME[head.hair.longest.landmark]} hair`;
  return `${head.cmText.trim() || "?"} cm hair`;
}

/** What is wanted, as one sentence; each underlined part opens its choices. */
export function Sentence({ doc, heads, answer, dispatch, problemAt }: SentenceProps) {
  const [open, setOpen] = useState<SentencePart>();
  const { today } = useShelf();
  const set = (change: Partial<BlendDocument>) => dispatch({ do: "set", change });
  const head = heads.find(({ id }) => id === doc.headId);
  const warmth = Number.isFinite(typed(doc.liquidTempText)) ? warmthWord(typed(doc.liquidTempText)) : "?";
  const rest = doc.restText.trim()
    ? Number.isFinite(typed(doc.restText))
      ? minuteWords(typed(doc.restText))
      : "?"
    : answer
      ? minuteWords(answer.rest.restMin)
      : "as long as it needs";
  const share = typed(doc.secondShareText ?? "") / 100;
  const poured =
    `${warmth} ${materialName(doc.liquidId)}` +
    (doc.secondId ? ` and ${materialName(doc.secondId)}, ${share > 0 && share < 1 ? ratioWords(1 - share) : "?"}` : "");
  /** A part of the sentence that opens its choices in place. */
  const part = (which: SentencePart, words: string) => {
    const { title, fields } = PARTS[which];
    return (
      <Sheet
        title={title}
        open={open === which}
        onOpenChange={(to) => setOpen((now) => (to ? which : now === which ? undefined : now))}
        trigger={
          <button
            type="button"
            title={title}
            className={`pressable text-left ${fields.some(problemAt) ? "!text-stop" : ""}`}
          >
            {words}
          </button>
        }
      >
        <SentenceChoice
          part={which}
          doc={doc}
          heads={heads}
          set={set}
          dispatch={dispatch}
          problemAt={problemAt}
          close={() => setOpen(undefined)}
        />
      </Sheet>
    );
  };
  return (
    <p className="text-sentence font-say font-medium">
      {part("purpose", PURPOSE_PHRASE[doc.purpose])} for {part("whose", head ? `${head.name}’s` : "somebody’s")}{" "}
      {part("hair", lengthWords(doc))}, like{" "}
      {part("thickness", typeof doc.target === "number" ? `${doc.target} Pa` : CONSISTENCY_NAME[doc.target])}, made up
      with {part("liquid", poured)} in a {part("kitchen", `${doc.kitchenText.trim() || "?"}°`)} kitchen, rested{" "}
      {part("rest", rest)}; {part("sizing", SIZING_NAME[doc.sizing])},{" "}
      {part("when", doc.whenText ? `on ${wallWords(doc.whenText, today)}` : "whenever it suits")}.
    </p>
  );
}
