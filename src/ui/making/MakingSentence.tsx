"use client";
import { useEffect, useRef, useState } from "react";
import type { Method, Settings } from "@/core/making";
import type { Material } from "@/core/material";
import { THINGS, type MethodWords, type Piece } from "@/words/making";
import { Sheet } from "../parts/Sheet";
import type { DraftMaking, DraftThing } from "./draft";
import { MakingFieldInput } from "./MakingFieldInput";
import { ThingsIn } from "./ThingsIn";

/** On the list of what may go in; a press there leads on to the sentence. */
export const HEAPS_MARK = "data-heaps";
/** Keeps a stop on the line of the word before it. */
const STAYS = "\u2060";

interface MakingSentenceProps {
  readonly method: Method;
  readonly words: MethodWords;
  readonly pieces: readonly Piece[];
  readonly draft: DraftMaking;
  readonly settings: Settings;
  readonly problemAt: (field: string) => string | undefined;
  readonly onSet: (id: string, value: string | boolean) => void;
  readonly onAdd: (material: Pick<Material, "id">) => void;
  readonly onThings: (things: readonly DraftThing[]) => void;
}

/** What is made, as one sentence; each underlined part opens what it is about. */
export function MakingSentence(props: MakingSentenceProps) {
  const { method, words, pieces, draft, settings, problemAt, onSet, onAdd, onThings } = props;
  const [open, setOpen] = useState<number>();
  const sentence = useRef<HTMLParagraphElement>(null);
  const some = draft.things.length > 0;
  // The heap that was pressed is gone, or soon: what it became takes the focus.
  const count = draft.things.length;
  const before = useRef(count);
  useEffect(() => {
    const more = count > before.current;
    before.current = count;
    const at = document.activeElement;
    const wasHeap = at === document.body || at?.closest(`[${HEAPS_MARK}]`);
    if (more && wasHeap) sentence.current?.querySelector("button")?.focus();
  }, [count]);
  const isWrong = (id: string) => some && problemAt(id === THINGS ? THINGS : `settings.${id}`) !== undefined;
  return (
    <p ref={sentence} className="text-sentence font-say font-medium">
      {pieces.map((piece, i) =>
        typeof piece === "string" ? (
          piece.replace(/^(?=[,.:])/, STAYS)
        ) : (
          <Sheet
            key={piece.opens.join()}
            title={piece.words}
            open={open === i}
            onOpenChange={(to) => setOpen((now) => (to ? i : now === i ? undefined : now))}
            trigger={
              <button type="button" className={`pressable text-left ${piece.opens.some(isWrong) ? "!text-stop" : ""}`}>
                {piece.words}
              </button>
            }
          >
            {piece.opens[0] === THINGS ? (
              <ThingsIn
                things={draft.things}
                method={method}
                problemAt={(at) => problemAt(`${THINGS}.${at}`)}
                onAdd={onAdd}
                onChange={onThings}
              />
            ) : (
              <div className="flex flex-col gap-3">
                {method.fields
                  .filter(({ id, when }) => piece.opens.includes(id) && (!when || when(settings)))
                  .map((field) => (
                    <MakingFieldInput
                      key={field.id}
                      field={field}
                      words={words.fields[field.id]}
                      value={draft.settings[field.id]}
                      problem={problemAt(`settings.${field.id}`)}
                      onChange={(value) => onSet(field.id, value)}
                    />
                  ))}
              </div>
            )}
          </Sheet>
        ),
      )}
    </p>
  );
}
