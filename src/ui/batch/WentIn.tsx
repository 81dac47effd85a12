"use client";
import { useState } from "react";
import { checkAmount, type PasteAnswer } from "@/core/paste";
import type { Material } from "@/core/material";
import {
  SPOONS,
  type BatchPayload,
  type BatchState,
  type Made,
  type MadeLine,
  type Measured,
  type SpoonUnit,
} from "@/core/batch";
import { consistencyRange, shortly, countWords, gramWords, materialName, mlWords, problemWords } from "@/words";
import { UNIT_NAME } from "@/words/names";
import { AddThing } from "../blend/AddThing";
import { useShelf } from "../shelf/ShelfContext";
import { AmountFields, type DraftAmount } from "../blend/AmountFields";
import { firstAmount, readAmount } from "../blend/draftAmount";
import { textOf } from "../forms/typed";
import { TakeReading } from "../instruments/TakeReading";
import { Button } from "../parts/Button";
import { Sheet } from "../parts/Sheet";

interface WentInProps {
  readonly planned: PasteAnswer;
  readonly made: Made;
  readonly state: BatchState;
  readonly closed: boolean;
  readonly onHappen: (payload: BatchPayload) => void;
}

const SAME_G = 0.05;

/** Planned against really put in, line by line; a heaped spoon or another amount is a press away. */
export function WentIn({ planned, made, state, closed, onHappen }: WentInProps) {
  const [adding, setAdding] = useState<Material>();
  const measuredLine = (line: number) =>
    state.measured[line] !== undefined || state.heaped.some((spoon) => spoon.line === line);
  return (
    <section aria-label="What went in">
      <h2>What went in</h2>
      <table className="w-full text-left">
        <thead className="text-sm text-quiet">
          <tr>
            <th className="font-normal">of</th>
            <th className="text-right font-normal">planned</th>
            <th className="text-right font-normal">really</th>
          </tr>
        </thead>
        <tbody>
          {made.lines.map((line, i) => (
            <tr
              key={line.line ?? `added ${state.added[i - planned.lines.length]?.eventId}`}
              className="border-b border-line align-baseline"
            >
              <td className="min-w-0 break-words py-0.5">
                {line.line === undefined || closed ? (
                  materialName(line.materialId)
                ) : (
                  <ReallySheet line={line} planned={planned} onHappen={onHappen} />
                )}
                {line.line === undefined && <span className="text-sm text-quiet"> besides</span>}
              </td>
              <td className="whitespace-nowrap text-right">
                {line.plannedG === undefined ? "–" : `${gramWords(line.plannedG)} g`}
              </td>
              <td
                className={
                  "whitespace-nowrap text-right " +
                  (line.line === undefined || measuredLine(line.line) ? "font-semibold" : "text-quiet")
                }
              >
                {line.line !== undefined && !measuredLine(line.line) ? (
                  "as planned"
                ) : (
                  <>
                    {gramWords(line.reallyG)} g
                    {line.plannedG !== undefined && Math.abs(line.reallyG - line.plannedG) > SAME_G && (
                      <span className="block text-sm font-normal text-quiet">
                        {line.reallyG > line.plannedG ? "+" : "−"}
                        {gramWords(Math.abs(line.reallyG - line.plannedG))} g
                      </span>
                    )}
                  </>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {!closed && !adding && (
        <div className="no-print">
          <AddThing
            press="put in something besides"
            already={made.lines.map((line) => line.materialId)}
            onAdd={setAdding}
          />
        </div>
      )}
      {adding && !closed && (
        <div className="no-print mt-2 border-l-4 border-leaf-fill pl-3">
          <AmountForm
            material={adding}
            first={firstAmount(adding)}
            press="Put it in"
            onDone={(amount) => {
              onHappen({ kind: "added", materialId: adding.id, ...amount });
              setAdding(undefined);
            }}
          />
          <button type="button" className="pressable min-h-11" onClick={() => setAdding(undefined)}>
            not after all
          </button>
        </div>
      )}
      <BowlNow made={made} pouredMl={state.pouredMl} />
    </section>
  );
}

/** What is in the bowl by now, and how it would go on. */
function BowlNow({ made: { answer }, pouredMl }: { made: Made; pouredMl: number }) {
  if (!answer)
    return (
      <p className="mt-2 text-stop">What is written here is more than any bowl holds; take back what is not so.</p>
    );
  return (
    <p className="mt-2" aria-live="polite">
      In the bowl by now: <strong>{mlWords(answer.totalG.mid)} g</strong>
      {pouredMl > 0 && (
        <>
          ; rested, it goes on as <strong>{shortly(answer.on.mid)}</strong>
          {consistencyRange(answer.on) !== shortly(answer.on.mid) && ` (${consistencyRange(answer.on)})`}
        </>
      )}
      .
    </p>
  );
}

/** What really went in of one line. */
function ReallySheet({
  line,
  planned,
  onHappen,
}: {
  line: MadeLine;
  planned: PasteAnswer;
  onHappen: (payload: BatchPayload) => void;
}) {
  const [open, setOpen] = useState(false);
  const number = line.line!;
  const { count, unit, spoons } = planned.lines[number];
  const { find } = useShelf();
  const isPowder = find(line.materialId)?.form === "powder";
  const spoonsOf = SPOONS.filter((one): one is SpoonUnit => one !== "cup" || spoons.cups > 0);
  const happen = (payload: BatchPayload) => {
    onHappen(payload);
    setOpen(false);
  };
  return (
    <Sheet
      title={`What really went in of ${materialName(line.materialId)}`}
      open={open}
      onOpenChange={setOpen}
      trigger={
        <button type="button" className="pressable min-h-11 text-left">
          {materialName(line.materialId)}
        </button>
      }
    >
      <div className="flex flex-col gap-3">
        <p className="text-quiet">
          Planned: {gramWords(line.plannedG ?? 0)} g, {countWords(count, unit, spoons)}
        </p>
        {isPowder && (
          <div className="flex flex-wrap gap-2">
            {spoonsOf.map((spoon) => (
              <Button
                key={spoon}
                className="min-h-12"
                onClick={() => happen({ kind: "heaped", line: number, unit: spoon })}
              >
                one {UNIT_NAME[spoon]} was heaped
              </Button>
            ))}
          </div>
        )}
        <p className="font-semibold">Or all in all:</p>
        <AmountForm
          material={find(line.materialId)}
          first={{ text: gramWords(line.reallyG), unit: "g" }}
          press="That went in"
          onDone={(amount) => happen({ kind: "measured", line: number, ...amount })}
        />
      </div>
    </Sheet>
  );
}

function AmountForm({
  material,
  first,
  press,
  onDone,
}: {
  material: Material | undefined;
  first: Pick<DraftAmount, "text" | "unit">;
  press: string;
  onDone: (amount: Measured) => void;
}) {
  const [draft, setDraft] = useState<DraftAmount>({ fill: "level", text: first.text, unit: first.unit });
  const amount: Measured = readAmount({ materialId: material?.id ?? "", ...draft }, () => material);
  const [problem] = checkAmount(amount, "", material?.id, () => material);
  return (
    <form
      className="flex flex-col gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (!problem) onDone(amount);
      }}
    >
      <p className="sr-only">{material?.names[0].text}</p>
      <AmountFields
        label={`How much ${material?.names[0].text ?? "of it"}`}
        amount={draft}
        material={material}
        problem={problem && problemWords(problem)}
        onChange={(change) => setDraft((now) => ({ ...now, ...change }))}
      />
      <TakeReading of="scale" onTake={(value) => setDraft((now) => ({ ...now, unit: "g", text: textOf(value) }))} />
      <Button type="submit" className="min-h-12 self-start" disabled={Boolean(problem)}>
        {press}
      </Button>
    </form>
  );
}
