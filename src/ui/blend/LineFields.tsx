"use client";
import { useState } from "react";
import { checkNumber } from "@/core/checkNumber";
import { lookupIn, type PasteQuestion } from "@/core/paste";
import { ROLES } from "@/core/balance";
import { materialName, ROLE_NAME, ROLE_NOTE } from "@/words/names";
import { problemWords } from "@/words/problems";
import { figureRows } from "@/words/sources";
import { Button } from "../parts/Button";
import { Field } from "../forms/Field";
import { Options } from "../forms/Options";
import { OtherForms } from "../shelf/OtherForms";
import { useShelf } from "../shelf/ShelfContext";
import { AmountFields } from "./AmountFields";
import { FromJar } from "./FromJar";
import { isMuchEssentialOil } from "./isMuchEssentialOil";
import { MuchEssentialOil } from "./MuchEssentialOil";
import { Swaps } from "./Swaps";
import type { DraftLine } from "./document";
import type { Edit } from "./edit";
import { typedGrams } from "../forms/typed";

export interface LineFieldsProps {
  readonly line: DraftLine;
  readonly amount: string;
  /** What its spoons really hold. */
  readonly rounding?: string;
  /** Grams of it in the bowl, once there is an answer. */
  readonly massG?: number;
  readonly problem: string | undefined;
  /** Makes the whole bowl from so many grams of this. */
  readonly onHaveOnly?: (grams: number) => void;
  readonly dispatch: (action: Edit) => void;
  /** The bowl as it is asked for now, and which line of it this is. */
  readonly question: PasteQuestion;
  readonly index: number;
}

/** What one sets of a thing in the bowl. */
export function LineFields({
  line,
  amount,
  rounding,
  massG,
  problem,
  onHaveOnly,
  dispatch,
  question,
  index,
}: LineFieldsProps) {
  const { find } = useShelf();
  const material = find(line.materialId);
  const change = (to: Partial<DraftLine>) => dispatch({ do: "line", key: line.key, change: to });
  return (
    <div className="flex flex-col gap-3">
      <p className="text-sm text-quiet">{material?.use}</p>
      {line.was && (
        <p>
          It stands in for {materialName(line.was.materialId)}.{" "}
          <button
            type="button"
            className="pressable min-h-11"
            onClick={() => dispatch({ do: "putBack", key: line.key })}
          >
            put {materialName(line.was.materialId)} back
          </button>
        </p>
      )}
      <AmountFields
        label={line.role === "part" ? "Parts" : "Amount"}
        amount={line}
        material={material}
        jarId={line.jarId}
        problem={problem}
        onChange={change}
      />
      {material && !line.sure && isMuchEssentialOil(material, massG) && (
        <MuchEssentialOil amount={amount} onSure={() => change({ sure: true })} />
      )}
      {rounding && <p className="text-sm text-quiet">{rounding}</p>}
      <FromJar line={line} onChange={change} />
      <Options
        label="How it goes in"
        value={line.role}
        onChange={(role) => change({ role })}
        options={ROLES.map((role) => ({ value: role, label: ROLE_NAME[role], note: ROLE_NOTE[role] }))}
      />
      {onHaveOnly && massG !== undefined && massG > 0 && (
        <HaveOnly name={materialName(line.materialId)} onHave={onHaveOnly} />
      )}
      {material && massG !== undefined && massG > 0 && <OtherForms material={material} massG={massG} />}
      <Swaps
        question={question}
        line={index}
        onSwap={(to) => dispatch({ do: "swap", key: line.key, to })}
        onLeaveOut={() => dispatch({ do: "remove", key: line.key })}
      />
      {material && (
        <details>
          <summary className="pressable min-h-11 cursor-pointer py-2">where its numbers come from</summary>
          <dl className="text-sm">
            {figureRows(lookupIn(question)(line.materialId, question.lines[index]?.jarId) ?? material).map(
              ({ what, is, source }) => (
                <div key={what} className="border-b border-line py-1">
                  <div className="flex justify-between gap-3">
                    <dt>{what}</dt>
                    <dd className="text-right font-semibold">{is}</dd>
                  </div>
                  <dd className="text-quiet">{source}</dd>
                </div>
              ),
            )}
          </dl>
        </details>
      )}
      <button
        type="button"
        className="pressable min-h-11 self-start"
        onClick={() => dispatch({ do: "remove", key: line.key })}
      >
        take it out of the bowl
      </button>
    </div>
  );
}

/** "I have only 100 g": the whole bowl from that, in the same proportions. */
function HaveOnly({ name, onHave }: { name: string; onHave: (grams: number) => void }) {
  const [text, setText] = useState("");
  const grams = typedGrams(text);
  const wrong = text.trim() !== "" && checkNumber("amount", grams, "amountG");
  return (
    <form
      className="flex items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (text.trim() !== "" && !wrong) onHave(grams);
      }}
    >
      <Field label={`I have only so much ${name}, g`} problem={wrong ? problemWords(wrong) : undefined}>
        {(a) => (
          <input {...a} className="w-28" inputMode="decimal" value={text} onChange={(e) => setText(e.target.value)} />
        )}
      </Field>
      <Button type="submit" disabled={text.trim() === "" || Boolean(wrong)}>
        make it from that
      </Button>
    </form>
  );
}
