"use client";
import "@/core/catalogue";
import Link from "next/link";
import { useMemo, useState } from "react";
import { dyeGoing, restWindow, stepAtMs, unpackEvents, type Worksheet } from "@/core/batch";
import type { StoredBatch } from "@/store/batches";
import { nightsOf } from "@/words/nights";
import { momentWords } from "@/words/times";
import { WhereItStands } from "../batch/WhereItStands";
import { BOWL } from "../batch/stream";
import { useNow } from "../clock";
import { useEvents } from "../events/useEvents";
import { HowWarm } from "./HowWarm";
import { DyeRest } from "./DyeRest";

interface RestViewProps {
  readonly batch: StoredBatch;
  readonly packedEvents: string;
  readonly rev: number;
  readonly sheet: Worksheet;
  readonly nightTempC: number | undefined;
  readonly timeZone: string;
  readonly nowMs: number;
}
const HOUR_MS = 3_600_000;

/** How long a bowl rests: its curve, where it stands until when, and how to have it ready at an hour. */
export function RestView({ batch, packedEvents, rev, sheet, nightTempC, timeZone, nowMs: firstNow }: RestViewProps) {
  const [firstEvents] = useState(() => unpackEvents(packedEvents));
  const { state, happen } = useEvents(BOWL, batch.id, firstEvents, rev);
  const nowMs = useNow(firstNow);
  const { question, answer } = batch;
  const mixedMs = state.reachedMs.mixed ?? stepAtMs(sheet.mixedMin, batch.startsAtMs, sheet, answer, state);
  const kitchenC = question.kitchenTempC;
  const nights = useMemo(
    () => nightsOf({ kitchenTempC: kitchenC, nightTempC, timeZone }, mixedMs),
    [kitchenC, nightTempC, timeZone, mixedMs],
  );
  const { moves, dabs, gauges } = state;
  const going = useMemo(
    () => dyeGoing(answer.rest, mixedMs, kitchenC, { moves, dabs, gauges, nights }),
    [answer.rest, mixedMs, kitchenC, moves, dabs, gauges, nights],
  );
  const [openedMs] = useState(firstNow);
  const plannedMs = state.reachedMs.onHead ?? toCome(mixedMs + (sheet.onHeadMin - sheet.mixedMin) * 60_000, openedMs);
  const window = restWindow(answer.rest, mixedMs, kitchenC, { moves, dabs, gauges, nights });
  return (
    <div className="mx-auto max-w-[82rem] px-4 pt-5 md:px-10">
      <p className="flex flex-wrap gap-x-6">
        <Link href={`/batches/${batch.id}`} className="pressable inline-flex min-h-11 items-center">
          {batch.blendName} for {batch.headName}
        </Link>
        {going && (
          <Link href={`/colour?batch=${batch.id}`} className="pressable inline-flex min-h-11 items-center">
            what it will look like
          </Link>
        )}
      </p>
      {going ? (
        <DyeRest
          going={going}
          state={state}
          nights={nights}
          mixedMs={mixedMs}
          kitchenC={kitchenC}
          closed={state.closedMs !== undefined}
          onHappen={happen}
          plannedMs={plannedMs}
          timeZone={timeZone}
          nowMs={nowMs}
        />
      ) : (
        <h1 className="text-sentence font-say font-medium">
          {nowMs < window.readyMs
            ? `Soaked about ${momentWords(window.readyMs, timeZone, nowMs)}.`
            : `Soaked since ${momentWords(window.readyMs, timeZone, nowMs)}.`}
        </h1>
      )}
      <section aria-label="Where it really stands" className="mt-6">
        <h2>Where it really stands</h2>
        {state.reachedMs.mixed === undefined ? (
          <p>It is not mixed yet; all of this is as planned.</p>
        ) : (
          <WhereItStands
            answer={answer}
            state={state}
            kitchenTempC={kitchenC}
            nights={nights}
            timeZone={timeZone}
            nowMs={nowMs}
            closed={state.closedMs !== undefined}
            onHappen={happen}
          />
        )}
        {going && state.reachedMs.mixed !== undefined && state.closedMs === undefined && moves.length === 0 && (
          <HowWarm onNote={(tempC) => happen({ kind: "gauged", tempC })} />
        )}
        {gauges.length > 0 && (
          <p className="mt-1">
            {gauges.map(({ tempC, atMs }) => `${momentWords(atMs, timeZone, nowMs)}: ${tempC} °C`).join(", ")} by a
            thermometer; the times go by that.
          </p>
        )}
      </section>
    </div>
  );
}

/** Where nobody said an hour that is still to come: the next full one. */
const toCome = (plannedMs: number, nowMs: number): number =>
  plannedMs > nowMs ? plannedMs : Math.ceil(nowMs / HOUR_MS + 0.5) * HOUR_MS;
