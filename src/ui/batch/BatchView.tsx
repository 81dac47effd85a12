"use client";
import "@/core/catalogue";
import Link from "next/link";
import { useMemo, useState } from "react";
import {
  aimOf,
  asSeen,
  bowlG,
  kindOf,
  mixingSteps,
  soakedMin,
  stepAtMs,
  stepNow,
  unpackEvents,
  type BatchPayload,
  type LastTime,
  type StepId,
  type Worksheet,
} from "@/core/batch";
import type { ColourPlan } from "@/core/colour";
import { findMaterial } from "@/core/material";
import { computePaste, liquidParts, PASTE_MODEL, type PasteAnswer } from "@/core/paste";
import type { StoredBatch } from "@/store/batches";
import { bandWords, liquidName, materialName, roundTo, totalWords } from "@/words";
import { eventWords } from "@/words/events";
import { nightsOf } from "@/words/nights";
import { lastTimeWords } from "@/words/lastTime";
import { dateWords, dayWords, momentWords } from "@/words/times";
import { Mixing } from "../blend/Mixing";
import { Cautions } from "../blend/Cautions";
import { SmallBowl } from "../bowl/SmallBowl";
import { useNow } from "../clock";
import { Feel } from "../blend/FeelAndOrder";
import { OnTheHead } from "./OnTheHead";
import { Aside } from "../events/Aside";
import { doneOption } from "./doneOption";
import { BowlWays } from "./BowlWays";
import { History } from "../events/History";
import { KeptSays } from "../events/KeptSays";
import { HowWasIt } from "./HowWasIt";
import { OrderOfWork } from "./OrderOfWork";
import { ticker } from "./stages";
import { StepNow } from "./StepNow";
import { BOWL } from "./stream";
import { WhereItStands } from "./WhereItStands";
import { useAskBeforeLeaving, useKept } from "../events/kept";
import { Pours } from "./Pours";
import { Tests } from "./Tests";
import { useAwake } from "../parts/useAwake";
import { useEvents } from "../events/useEvents";
import { FromShelf } from "./FromShelf";
import { WentIn } from "./WentIn";

interface BatchViewProps {
  readonly batch: StoredBatch;
  /** Thousands of events reach the browser much faster as one text than as so many objects. */
  readonly packedEvents: string;
  /** The household's rev when the events were read, or a little before. */
  readonly rev: number;
  readonly sheet: Worksheet;
  readonly heads: readonly { readonly id: string; readonly name: string }[];
  readonly blendId: string | undefined;
  readonly lastTime: LastTime | undefined;
  /** What it is to do to the colour, where there is a dye in it that is to. */
  readonly plan: ColourPlan | undefined;
  readonly nightTempC: number | undefined;
  readonly timeZone: string;
  readonly nowMs: number;
}

/** What the page of putting it on is for at a step. */
const ON_HEAD: Readonly<Partial<Record<StepId, string>>> = {
  apply: "section by section, and whether it reaches",
  leaveOn: "how long still, and how far it has dried",
  rinse: "how it comes off",
};

const todayWords = ({ totalG, liquid }: PasteAnswer): string =>
  `${bandWords(totalG).mid} g${liquid.state === "unreachable" ? "" : ` with ${bandWords(liquid.ml).mid} ml`}`;

/** A bowl that is made or was made: what to do, what went in, and how it was. */
export function BatchView({
  batch,
  packedEvents,
  rev,
  sheet,
  heads,
  blendId,
  lastTime,
  plan,
  nightTempC,
  timeZone,
  nowMs: firstNow,
}: BatchViewProps) {
  const [firstEvents] = useState(() => unpackEvents(packedEvents));
  const [whole, setWhole] = useState(false);
  const heard = useEvents(BOWL, batch.id, firstEvents, rev);
  const { events, state, aside, sendAgain, drop, happen } = heard;
  const nowMs = useNow(firstNow);
  const { question, answer } = batch;
  const made = useMemo(() => asSeen(question, answer, state), [question, answer, state]);
  const aim = useMemo(() => aimOf(question, answer, state, made), [question, answer, state, made]);
  const today = useMemo(() => {
    const result = computePaste(question);
    return batch.model !== PASTE_MODEL && result.ok ? result.value : undefined;
  }, [batch.model, question]);
  // A stop that a later Infusing knows of is said of older bowls too.
  const cautions = useMemo(
    () => [
      ...(today?.cautions ?? []).filter(
        ({ id, level }) => level === "stop" && !answer.cautions.some((one) => one.id === id),
      ),
      ...answer.cautions,
    ],
    [today, answer],
  );
  const closed = state.closedMs !== undefined;
  const kept = useKept(`/batches/${batch.id}`, closed, heard.arrived);
  useAskBeforeLeaving(heard, kept.cannot);
  const poured = liquidName(question.liquid);
  const work = { answer, state, timeZone, nowMs, onHappen: happen };
  const step = {
    ...work,
    startsAtMs: batch.startsAtMs,
    sheet,
    question,
    onTick: ticker(sheet, state, aim.jug, happen),
  };
  const atMs = (min: number) => stepAtMs(min, batch.startsAtMs, sheet, answer, state);
  const mixedMs = state.reachedMs.mixed ?? atMs(sheet.mixedMin);
  const nights = nightsOf({ kitchenTempC: question.kitchenTempC, nightTempC, timeZone }, mixedMs);
  const onHeadMs = atMs(sheet.mixedMin) + (sheet.onHeadMin - sheet.mixedMin) * 60_000;
  const dyes = answer.lines.some(({ materialId }) => findMaterial(materialId)?.tags.includes("dye"));
  const wordsOf = (payload: BatchPayload) =>
    kindOf(payload)?.aboutEvent
      ? undefined
      : eventWords(payload, (line) => materialName(answer.lines[line]?.materialId ?? ""));

  // What is poured and said stands where it is needed: at its step while that is on, beside it else.
  const now = stepNow(sheet, state).step?.id;
  // Hands are in it: not while it rests for hours, or sits under a cap.
  useAwake(
    !closed &&
      now !== undefined &&
      now !== "rest" &&
      now !== "leaveOn" &&
      (state.done.length > 0 || state.pouredMl > 0),
  );
  // It stays where it is until all is mixed, so that no press loses the focus.
  const pouring = !closed && now !== undefined && mixingSteps(sheet).includes(now);
  const firstPourAt = sheet.steps.findIndex(({ id }) => id === "firstPour");
  const pours = (
    <Pours
      liquid={aim.jug}
      colour={findMaterial(question.liquid.materialId)?.colour ?? [0.9, 0.03, 220]}
      liquidName={poured}
      pouredMl={state.pouredMl}
      parts={liquidParts(question.liquid).map(({ materialId, share }) => ({
        name: materialName(materialId),
        share,
      }))}
      spoons={question.spoons}
      gPerMl={liquidParts(question.liquid).reduce(
        (sum, { materialId, share }) => sum + share * (findMaterial(materialId)?.bulkDensityGPerMl.value ?? 1),
        0,
      )}
      closed={closed}
      onPour={(ml) => happen({ kind: "poured", ml })}
    />
  );
  const mixing = !closed && (
    <div className="no-print">
      <Mixing
        question={aim.question}
        answer={aim.answer}
        pouredMl={state.pouredMl || undefined}
        minutesSoaked={soakedMin(state, nowMs)}
        heard={made.heard}
        lastSaid={state.lastWord}
        onSaid={(word) => happen({ kind: "said", word })}
        lastTest={state.tests.at(-1)?.reading}
        onDone={(option) => doneOption(option, aim.question).forEach(happen)}
      >
        <p>
          <Link href={`/measure?batch=${batch.id}`} className="pressable inline-flex min-h-11 items-center">
            measure it with a ring or on a plate
          </Link>
        </p>
      </Mixing>
    </div>
  );

  return (
    <div className="mx-auto max-w-[82rem] px-4 pt-5 md:px-10 print:max-w-none print:px-0 print:pt-0">
      <h1 className="text-sentence break-words">
        {batch.blendName} for {batch.headName},{" "}
        <span className="print:hidden">{dayWords(batch.startsAtMs, timeZone, nowMs)}</span>
        <span className="hidden print:inline">{dateWords(batch.startsAtMs, timeZone)}</span>
      </h1>
      <p className="text-lg">
        {totalWords(answer, batch.headName)} On the head about {momentWords(onHeadMs, timeZone, nowMs)}.
        {closed && <strong> Closed {momentWords(state.closedMs!, timeZone, nowMs)}.</strong>}
      </p>
      {batch.model !== PASTE_MODEL && (
        <p className="text-quiet">
          Computed with model {batch.model}, and kept so.{" "}
          {today ? (
            <>
              Today’s, {PASTE_MODEL}, says {todayWords(today)}.
            </>
          ) : (
            <>Today’s is {PASTE_MODEL}.</>
          )}
        </p>
      )}
      <KeptSays kept={kept} closed={closed} timeZone={timeZone} what="the bowl" />
      {lastTime && (
        <p className="max-w-[52rem] print:line-clamp-3 print:text-[8.5pt] print:leading-tight">
          <Link href={`/batches/${lastTime.id}`} className="pressable">
            Last time
          </Link>
          , {dayWords(lastTime.startsAtMs, timeZone, nowMs)} for {lastTime.headName}: {lastTimeWords(lastTime)}.
          {lastTime.notes.map((text, i) => (
            <span key={i} className="block break-words border-l-4 border-leaf-fill pl-3">
              “{text}”
            </span>
          ))}
        </p>
      )}
      <Aside taps={aside} wordsOf={wordsOf} onAgain={sendAgain} onDrop={drop} />

      <div
        className={
          "mt-4 grid gap-x-12 gap-y-6 lg:grid-cols-[minmax(0,1fr)_24rem]" +
          " print:grid-cols-[1fr_13.5rem] print:gap-x-5"
        }
      >
        <div className="flex flex-col gap-5">
          {!closed && (
            <StepNow
              {...step}
              later={pouring && sheet.steps.findIndex(({ id }) => id === now) < firstPourAt}
              control={
                pouring ? (
                  <>
                    {pours}
                    {mixing}
                  </>
                ) : now === "rest" ? (
                  <WhereItStands {...work} nights={nights} kitchenTempC={question.kitchenTempC} closed={closed} />
                ) : now && ON_HEAD[now] ? (
                  <Link
                    href={`/batches/${batch.id}/apply`}
                    className="pressable inline-flex min-h-14 items-center text-xl"
                  >
                    {ON_HEAD[now]}
                  </Link>
                ) : undefined
              }
            />
          )}
          {/* With wet hands the rest is out of the way; on a wide screen and on paper it stands beside. */}
          <button
            type="button"
            className="no-print pressable min-h-11 self-start lg:hidden"
            aria-expanded={whole}
            onClick={() => setWhole(!whole)}
          >
            {whole ? "fold the order of work" : "the whole order of work"}
          </button>
          <div className={`${whole ? "" : "hidden"} lg:block print:block`}>
            <OrderOfWork {...step} nights={nights} events={events} closed={closed} nowStep={now} />
          </div>
        </div>
        <aside className="flex flex-col gap-7 print:gap-2" aria-label="What went in and how it was">
          {!pouring && <div className="print:hidden">{pours}</div>}
          <div className="hidden print:block">
            <div className="w-36">
              <SmallBowl layers={answer.layers} totalMl={answer.totalMl} />
            </div>
            <p className="mt-2">
              Really poured: {state.pouredMl > 0 ? `${roundTo(state.pouredMl, 1)} ml` : "________ ml"}
            </p>
          </div>
          {!pouring && mixing}
          {state.tests.length > 0 && (
            <div className="print:hidden">
              <Tests tests={state.tests} answer={aim.answer} />
            </div>
          )}
          <div className="print:hidden">
            <WentIn planned={answer} made={made} state={state} closed={closed} onHappen={happen} />
            <FromShelf question={question} answer={answer} events={events} />
          </div>
          <div className="flex flex-col gap-7 empty:hidden print:hidden">
            <OnTheHead
              batchId={batch.id}
              question={question}
              bowlG={bowlG(answer, made, state)}
              plan={plan}
              state={state}
              closed={closed}
              timeZone={timeZone}
              nowMs={nowMs}
              onHappen={happen}
            />
          </div>
          <HowWasIt purpose={question.purpose} dyes={dyes} state={state} closed={closed} onHappen={happen} />
          <BowlWays batchId={batch.id} blendId={blendId} heads={heads} closed={closed} onHappen={happen} />
          <History
            events={events}
            withdrawn={state.withdrawn}
            wordsOf={wordsOf}
            timeZone={timeZone}
            nowMs={nowMs}
            onHappen={happen}
          />
        </aside>
      </div>
      {/* On paper they stand below all of it, in columns. */}
      <div className="mt-2 hidden columns-3 gap-x-5 text-[8pt] leading-snug print:block">
        <Cautions cautions={cautions} />
      </div>
      <div className="mt-8 flex flex-col gap-4 lg:gap-8 print:hidden">
        <Cautions cautions={cautions} />
        <Feel question={question} answer={answer} choices={question.choices} />
      </div>
    </div>
  );
}
