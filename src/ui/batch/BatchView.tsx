"use client";
import "@/core/catalogue";
import Link from "next/link";
import { useMemo, useState } from "react";
import {
  AGAIN,
  asSeen,
  differs,
  inOrder,
  marksFor,
  soakedMin,
  unpackEvents,
  type LastTime,
  type Stage,
  type StepId,
  type Worksheet,
} from "@/core/batch";
import { LIMITS } from "@/core/limits";
import { findMaterial } from "@/core/material";
import { asHeard } from "@/core/correct";
import { computePaste, liquidParts, PASTE_MODEL, type PasteAnswer } from "@/core/paste";
import type { StoredBatch } from "@/store/batches";
import {
  AGAIN_NAME,
  bandWords,
  liquidName,
  materialName,
  minuteWords,
  roundTo,
  STEP_NAME,
  stepWords,
  totalWords,
} from "@/words";
import { lastTimeWords } from "@/words/lastTime";
import { clockWords, dateWords, dayWords, momentWords } from "@/words/times";
import { Mixing } from "../blend/Mixing";
import { Cautions } from "../blend/Cautions";
import { SmallBowl } from "../bowl/SmallBowl";
import { Button } from "../parts/Button";
import { useNow } from "../clock";
import { Field } from "../parts/Field";
import { Sheet } from "../parts/Sheet";
import { Feel } from "../blend/FeelAndOrder";
import { useShelf } from "../shelf/ShelfContext";
import { AnotherTime } from "./AnotherTime";
import { Aside } from "./Aside";
import { doneOption } from "./doneOption";
import { GatherList } from "./GatherList";
import { History } from "./History";
import { MarkScale } from "./MarkScale";
import { Pours } from "./Pours";
import { Tests } from "./Tests";
import { useEvents } from "./useEvents";
import { FromShelf } from "./FromShelf";
import { WentIn } from "./WentIn";
import { WhereItStands } from "./WhereItStands";

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
  readonly timeZone: string;
  readonly nowMs: number;
}

const MINUTE_MS = 60_000;
const todayWords = ({ totalG, liquid }: PasteAnswer): string =>
  `${bandWords(totalG).mid} g${liquid.state === "unreachable" ? "" : ` with ${bandWords(liquid.ml).mid} ml`}`;
/** The stage that a step ends with, offered as one press beside it. */
const STAGE_AFTER: Readonly<Partial<Record<StepId, { readonly stage: Stage; readonly press: string }>>> = {
  apply: { stage: "onHead", press: "On the head, last section" },
  rinse: { stage: "rinsed", press: "Rinsed" },
};

const MIXED = { stage: "mixed", press: "Mixed: the rest begins" } as const;

export function BatchView({
  batch,
  packedEvents,
  rev,
  sheet,
  heads,
  blendId,
  lastTime,
  timeZone,
  nowMs: firstNow,
}: BatchViewProps) {
  const [firstEvents] = useState(() => unpackEvents(packedEvents));
  const { events, state, waiting, onlyHere, trouble, aside, sendAgain, drop, happen } = useEvents(
    batch.id,
    firstEvents,
    rev,
  );
  const { vessels } = useShelf();
  const nowMs = useNow(firstNow);
  const [note, setNote] = useState("");
  const { question, answer } = batch;
  const made = useMemo(() => asSeen(question, answer, state), [question, answer, state]);
  // Once something went in otherwise, the liquid and the corrections follow what is in the bowl.
  const aim = useMemo(() => {
    const asked = differs(state) || made.heard !== 1 ? { ...made.question, liquid: question.liquid } : question;
    const result = asked === question ? undefined : computePaste(asked);
    return result?.ok ? { question: asked, answer: result.value } : { question, answer };
  }, [made, state, question, answer]);
  // The jug follows what was said of this bowl: after "too thick" it is to stop later than it was planned.
  const jug = useMemo(() => {
    const result = made.heard === 1 ? undefined : computePaste(asHeard(aim.question, made.heard));
    return result?.ok && result.value.liquid.state !== "unreachable" ? result.value.liquid : aim.answer.liquid;
  }, [aim, made.heard]);
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
  const done = new Set(state.done);
  const poured = liquidName(question.liquid);
  // Once something really happened, the later steps follow it and not the plan.
  const shiftOf = (startMin: number): number => {
    const planned = (min: number) => batch.startsAtMs + min * MINUTE_MS;
    if (state.reachedMs.onHead && startMin >= sheet.rinseMin - answer.leaveOnMin.mid)
      return state.reachedMs.onHead - planned(sheet.rinseMin - Math.round(answer.leaveOnMin.mid));
    if (state.reachedMs.mixed && startMin >= sheet.mixedMin) return state.reachedMs.mixed - planned(sheet.mixedMin);
    return 0;
  };
  const dyes = answer.lines.some(({ materialId }) => findMaterial(materialId)?.tags.includes("dye"));
  const materialOf = (line: number) => materialName(answer.lines[line]?.materialId ?? "");
  /** The tap that said a stage was reached. */
  const reachedBy = (stage: Stage) =>
    [...events]
      .sort(inOrder)
      .findLast(
        ({ id, payload }) => payload.kind === "reached" && payload.stage === stage && !state.withdrawn.includes(id),
      )?.id;
  /** The last step of mixing; once it is mixed, all from the pour on is done. */
  const mixing = sheet.steps
    .slice(
      0,
      sheet.steps.findIndex(({ id }) => id === "rest"),
    )
    .map(({ id }) => id);
  const lastMixing = mixing.at(-1);
  const reach = (stage: Stage, step: StepId) => {
    happen({ kind: "reached", stage });
    const also = step === lastMixing ? mixing.slice(mixing.indexOf("pour")) : [step];
    // The press gives way to when it was; that takes the focus, and is read out by it.
    requestAnimationFrame(() => document.getElementById(`reached-${stage}`)?.focus());
    for (const one of also) if (!done.has(one)) happen({ kind: "ticked", step: one, done: true });
  };

  return (
    <div className="mx-auto max-w-[82rem] px-4 pt-5 md:px-10 print:max-w-none print:px-0 print:pt-0">
      <h1 className="text-sentence break-words">
        {batch.blendName} for {batch.headName},{" "}
        <span className="print:hidden">{dayWords(batch.startsAtMs, timeZone, nowMs)}</span>
        <span className="hidden print:inline">{dateWords(batch.startsAtMs, timeZone)}</span>
      </h1>
      <p className="text-lg">
        {totalWords(answer, batch.headName)} On the head about{" "}
        {momentWords(batch.startsAtMs + sheet.onHeadMin * MINUTE_MS + shiftOf(sheet.mixedMin), timeZone, nowMs)}.
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
      <p aria-live="assertive" className="no-print text-stop">
        {waiting > 0 && trouble
          ? `${trouble} ${waiting} ${waiting === 1 ? "tap is" : "taps are"} waiting to be sent.`
          : trouble}
        {onlyHere && " This device has no room left to keep them: leave this page open until they are sent."}
      </p>
      <Aside taps={aside} materialOf={materialOf} onAgain={sendAgain} onDrop={drop} />

      <div className="mt-4 grid gap-x-12 gap-y-6 lg:grid-cols-[minmax(0,1fr)_24rem] print:grid-cols-[1fr_13.5rem] print:gap-x-5">
        <section aria-label="The order of work">
          <ol className="relative ml-1.5 border-l-[3px] border-ink">
            {sheet.steps.map((step) => {
              const { id, startMin, durationMin } = step;
              const stage = id === lastMixing ? MIXED : STAGE_AFTER[id];
              const at = batch.startsAtMs + startMin * MINUTE_MS + shiftOf(startMin);
              return (
                <li
                  key={id}
                  className="grid grid-cols-[4.2rem_1fr] gap-x-2 pb-3 print:pb-0.5 print:text-[9pt] print:leading-tight"
                >
                  <span className="relative pl-3 font-semibold tabular-nums">
                    <span
                      className={`absolute -left-[9px] top-1.5 h-[15px] w-[15px] rounded-full border-[3px] border-ink ${done.has(id) ? "bg-ink" : "bg-ground"}`}
                      aria-hidden
                    />
                    {clockWords(at, timeZone)}
                  </span>
                  <div>
                    <label className="flex min-h-8 items-start gap-2 print:min-h-0">
                      <input
                        type="checkbox"
                        className="mt-0.5 h-6 min-h-0 w-6 shrink-0 print:h-4 print:w-4"
                        checked={done.has(id)}
                        disabled={closed}
                        onChange={(event) => happen({ kind: "ticked", step: id, done: event.target.checked })}
                      />
                      <span>
                        <span className="font-say text-lg font-semibold print:text-base">{STEP_NAME[id]}</span>{" "}
                        <span className="text-sm text-quiet">{minuteWords(durationMin)}</span>
                      </span>
                    </label>
                    <p className={done.has(id) ? "text-quiet" : ""}>{stepWords(step, answer, question, vessels)}</p>
                    {id === "gather" && (
                      <GatherList
                        answer={answer}
                        question={question}
                        drawn={closed || done.has("dry") || state.reachedMs.mixed !== undefined}
                      />
                    )}
                    {id === "rest" && (
                      <WhereItStands
                        answer={answer}
                        state={state}
                        kitchenTempC={question.kitchenTempC}
                        timeZone={timeZone}
                        nowMs={nowMs}
                        closed={closed}
                        onHappen={happen}
                      />
                    )}
                    {stage &&
                      !closed &&
                      (state.reachedMs[stage.stage] ? (
                        <div className="flex flex-wrap items-baseline gap-x-3">
                          <p id={`reached-${stage.stage}`} tabIndex={-1} className="text-sm font-semibold text-leaf">
                            {momentWords(state.reachedMs[stage.stage]!, timeZone, nowMs)}:{" "}
                            {stage.press.split(":")[0].toLowerCase()}
                          </p>
                          {reachedBy(stage.stage) && (
                            <span className="no-print">
                              <AnotherTime
                                what={stage.press.split(":")[0].toLowerCase()}
                                atMs={state.reachedMs[stage.stage]!}
                                timeZone={timeZone}
                                onDate={(at) => happen({ kind: "dated", eventId: reachedBy(stage.stage)!, at })}
                              />
                            </span>
                          )}
                        </div>
                      ) : (
                        <Button className="no-print mt-1 min-h-12" onClick={() => reach(stage.stage, id)}>
                          {stage.press}
                        </Button>
                      ))}
                  </div>
                </li>
              );
            })}
          </ol>
        </section>
        <aside className="flex flex-col gap-7 print:gap-2" aria-label="What went in and how it was">
          <div className="print:hidden">
            <Pours
              liquid={jug}
              colour={findMaterial(question.liquid.materialId)?.colour ?? [0.9, 0.03, 220]}
              liquidName={poured}
              pouredMl={state.pouredMl}
              parts={liquidParts(question.liquid).map(({ materialId, share }) => ({
                name: materialName(materialId),
                share,
              }))}
              spoons={question.spoons}
              closed={closed}
              onPour={(ml) => happen({ kind: "poured", ml })}
            />
          </div>
          <div className="hidden print:block">
            <div className="w-36">
              <SmallBowl layers={answer.layers} totalMl={answer.totalMl} />
            </div>
            <p className="mt-2">
              Really poured: {state.pouredMl > 0 ? `${roundTo(state.pouredMl, 1)} ml` : "________ ml"}
            </p>
          </div>
          {!closed && (
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
          )}
          {state.tests.length > 0 && (
            <div className="print:hidden">
              <Tests tests={state.tests} answer={aim.answer} />
            </div>
          )}
          <div className="print:hidden">
            <WentIn planned={answer} made={made} state={state} closed={closed} onHappen={happen} />
            <FromShelf question={question} answer={answer} events={events} />
          </div>
          <section aria-label="How was it?">
            <h2>How was it?</h2>
            <fieldset disabled={closed} className="mt-1">
              <legend className="sr-only">Marks</legend>
              {marksFor(question.purpose, dyes, state.marks).map((mark) => (
                <MarkScale
                  key={mark}
                  mark={mark}
                  value={state.marks[mark]}
                  onMark={(value) => happen({ kind: "marked", mark, value })}
                />
              ))}
              <div className="no-print mt-1 flex flex-wrap gap-2">
                {AGAIN.map((again) => (
                  <Button
                    key={again}
                    aria-pressed={state.again === again}
                    className={state.again === again ? "bg-sunk font-semibold" : ""}
                    onClick={() => happen({ kind: "again", again })}
                  >
                    {AGAIN_NAME[again]}
                  </Button>
                ))}
              </div>
              <form
                className="no-print mt-3 flex flex-col gap-2"
                onSubmit={(event) => {
                  event.preventDefault();
                  if (note.trim()) {
                    happen({ kind: "noted", text: note.trim() });
                    setNote("");
                  }
                }}
              >
                <Field label="A few words">
                  {(a) => (
                    <textarea
                      {...a}
                      rows={2}
                      maxLength={LIMITS.noteChars.max}
                      value={note}
                      onChange={(e) => setNote(e.target.value)}
                    />
                  )}
                </Field>
                <Button type="submit" className="self-start" disabled={!note.trim()}>
                  Note it
                </Button>
              </form>
            </fieldset>
            {state.notes.length > 0 && (
              <ul className="mt-2 space-y-1 print:text-[8.5pt] print:leading-tight">
                {state.notes.map(({ eventId, text }) => (
                  <li key={eventId} className="break-words border-l-4 border-leaf-fill pl-3">
                    {text}
                  </li>
                ))}
              </ul>
            )}
          </section>
          <div className="no-print flex flex-wrap items-center gap-3">
            {closed ? (
              <Button onClick={() => happen({ kind: "reopened" })}>Open it again</Button>
            ) : (
              <Button look="main" onClick={() => happen({ kind: "closed" })}>
                Close this bowl
              </Button>
            )}
            <Sheet title="Repeat it" trigger={<Button>Repeat for …</Button>}>
              <ul>
                {heads.map((head) => (
                  <li key={head.id}>
                    <Link
                      className="pressable flex min-h-11 items-center"
                      href={`/blend?batch=${batch.id}&head=${head.id}`}
                    >
                      {head.name}
                    </Link>
                  </li>
                ))}
              </ul>
            </Sheet>
            <Button look="text" onClick={() => window.print()}>
              print
            </Button>
            <a href={`/api/v1/batches/${batch.id}/times`} className="pressable flex min-h-11 items-center">
              times for a calendar
            </a>
            <a href={`/api/v1/batches/${batch.id}/book`} className="pressable flex min-h-11 items-center">
              as a book file
            </a>
            {blendId && (
              <Link href={`/blend/${blendId}`} className="pressable flex min-h-11 items-center">
                the blend
              </Link>
            )}
            {blendId && (
              <Link href={`/blend/${blendId}/bowls`} className="pressable flex min-h-11 items-center">
                beside its other bowls
              </Link>
            )}
          </div>
          {/* On paper the cautions stand where the taps are on the screen. */}
          <div className="hidden text-[8pt] leading-snug print:block">
            <Cautions cautions={cautions} />
          </div>
          <History
            events={events}
            withdrawn={state.withdrawn}
            materialOf={materialOf}
            timeZone={timeZone}
            nowMs={nowMs}
            onWithdraw={(eventId) => happen({ kind: "withdrawn", eventId })}
            onDate={(eventId, at) => happen({ kind: "dated", eventId, at })}
          />
        </aside>
      </div>
      <div className="mt-8 flex flex-col gap-8 print:hidden">
        <Cautions cautions={cautions} />
        <Feel question={question} answer={answer} choices={question.choices} />
      </div>
    </div>
  );
}
