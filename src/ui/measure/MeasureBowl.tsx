"use client";
import Link from "next/link";
import { useState } from "react";
import { asMade, soakedMin, unpackEvents } from "@/core/batch";
import { readingsOf } from "@/core/readings";
import { correctPaste } from "@/core/correct";
import { PASTE_DENSITY } from "@/core/flow";
import { type PasteAnswer } from "@/core/paste";
import { haveOf } from "@/core/shelf";
import type { StoredBatch } from "@/store/batches";
import { minuteWords, roundTo } from "@/words/amounts";
import { eventWords } from "@/words/events";
import { againstTables, notLearntWords } from "@/words/learn";
import { materialName } from "@/words/names";
import { problemWords } from "@/words/problems";
import { BOWL } from "../batch/stream";
import { Aside } from "../events/Aside";
import { useEvents } from "../events/useEvents";
import { WaysOn } from "../blend/Mixing";
import { mixColour } from "../bowl/mixColour";
import { useNow } from "../clock";
import { Button } from "../parts/Button";
import { useShelf } from "../shelf/ShelfContext";
import { MeasureFrame } from "./MeasureFrame";
import { useReading } from "./useReading";

/** A bowl as its page sends it. */
export interface MeasuredBowl {
  readonly batch: StoredBatch;
  readonly packedEvents: string;
  readonly rev: number;
  readonly nowMs: number;
}

/** A bowl that is being made: what to do about it, and what its jars learn. */
export function MeasureBowl({ batch, packedEvents, rev, nowMs: firstNow }: MeasuredBowl) {
  const { question, answer } = batch;
  const { shelf } = useShelf();
  const [first] = useState(() => unpackEvents(packedEvents));
  const { events, state, aside, sendAgain, drop, happen } = useEvents(BOWL, batch.id, first, rev);
  const nowMs = useNow(firstNow);
  const made = asMade(question, answer, state);
  const density = densityOf(made.answer ?? answer);
  const form = useReading(density);
  const minutes = soakedMin(state, nowMs);
  const correction =
    form.read && form.started
      ? correctPaste(
          { ...made.question, liquid: question.liquid },
          { by: "test", reading: form.reading },
          { pouredMl: state.pouredMl, minutesSoaked: minutes, haveG: haveOf(shelf, made.question.lines) },
        )
      : undefined;
  const kept = readingsOf(question, answer, events);
  const last = kept.at(-1);
  const keep = () => {
    happen({ kind: "tested", ...form.reading });
    form.setText({ ...form.text, slump: "", across: "", along: "" });
  };
  return (
    <MeasureFrame
      title={`Measure ${batch.blendName} for ${batch.headName}`}
      form={form}
      colour={mixColour(answer.layers)}
      targetPa={answer.targetYieldPa}
      density={density}
      before={
        <p>
          <Link href={`/batches/${batch.id}`} className="pressable">
            the bowl
          </Link>
          : {roundTo(state.pouredMl, 1)} ml poured, {minutes < 1 ? "not soaked yet" : `soaked ${minuteWords(minutes)}`}.
          {state.pouredMl === 0 && (
            <strong> Nothing is noted as poured; note it there first, or the test says little.</strong>
          )}
        </p>
      }
    >
      <Aside
        taps={aside}
        wordsOf={(payload) => eventWords(payload, (line) => materialName(answer.lines[line]?.materialId ?? ""))}
        onAgain={sendAgain}
        onDrop={drop}
      />
      {correction &&
        (correction.ok ? (
          <WaysOn found={correction.value} question={made.question} />
        ) : (
          <p className="text-stop">{correction.problems.map(problemWords).join(" ")}</p>
        ))}
      {form.usable && (
        <Button look="main" className="self-start" onClick={keep}>
          Keep this reading
        </Button>
      )}
      {last && (
        <p role="status">
          Kept.{" "}
          {last.judged.learns ? (
            <>
              It says the powders hold {againstTables(Math.exp(last.judged.lnFactor))}, and teaches{" "}
              {last.judged.shares.map(({ jarId }, i) => (
                <span key={jarId}>
                  {i > 0 && ", "}
                  <Link href={`/shelf/${jarId}`} className="pressable">
                    {jarName(shelf.jars, jarId)}
                  </Link>
                </span>
              ))}
              .
            </>
          ) : (
            notLearntWords(last.judged.why)
          )}
        </p>
      )}
    </MeasureFrame>
  );
}
const jarName = (jars: readonly { readonly id: string; readonly materialId: string }[], id: string): string => {
  const jar = jars.find((one) => one.id === id);
  return jar ? materialName(jar.materialId) : "a jar that is gone";
};
const densityOf = ({ totalG, totalMl }: PasteAnswer): number =>
  totalMl > 0 ? totalG.mid / totalMl : PASTE_DENSITY.value;
