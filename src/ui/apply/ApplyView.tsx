"use client";
import "@/core/catalogue";
import Link from "next/link";
import { useMemo, useState } from "react";
import {
  comesOff,
  dryingOf,
  forecast,
  SECTION_COUNTS,
  sectionsOf,
  takeOffPlan,
  underCap,
  waterShareOf,
  weightsOf,
  type SectionCount,
} from "@/core/apply";
import { asSeen, bowlG, nowIn, unpackEvents } from "@/core/batch";
import { feelAdvice } from "@/core/feel";
import { NO_SESSION, PURPOSE, SESSION_SD, usualKindOf } from "@/core/head";
import type { StoredBatch } from "@/store/batches";
import { sectionName } from "@/words/apply";
import { materialName } from "@/words/names";
import { clockWords } from "@/words/times";
import { HowFar } from "../batch/HowFar";
import { BOWL } from "../batch/stream";
import { useNow } from "../clock";
import { useAskBeforeLeaving, useKept } from "../events/kept";
import { KeptSays } from "../events/KeptSays";
import { useEvents } from "../events/useEvents";
import { Field } from "../forms/Field";
import { Announced } from "../parts/Announced";
import { Button } from "../parts/Button";
import { useAwake } from "../parts/useAwake";
import { BowlOnScale } from "./BowlOnScale";
import { FreezeRest } from "./FreezeRest";
import { HeadDrawings } from "./HeadDrawings";
import { IfOver } from "./IfOver";
import { IfShort } from "./IfShort";
import { sectionMin, SectionNow } from "./SectionNow";
import { SomebodyHelps } from "./SomebodyHelps";
import { TakeOff } from "./TakeOff";
import { TakeBackLast } from "./TakeBackLast";
import { useChimes, type Chime } from "./useChimes";
import { MASSAGE_MIN, WhileOn } from "./WhileOn";

interface ApplyViewProps {
  readonly batch: StoredBatch;
  readonly packedEvents: string;
  readonly rev: number;
  readonly timeZone: string;
  /** Where phones of the house reach this page, where they do. */
  readonly address: string | undefined;
  readonly nowMs: number;
}
const MINUTE_MS = 60_000;
const LARGE = "text-center text-figure font-say font-semibold";
const toCount = (n: number): SectionCount => SECTION_COUNTS.findLast((one) => one <= n) ?? 4;
/** Hair that is parted so often is thick. */
const THICK_FROM: SectionCount = 6;

/** Putting it on, for one clean knuckle: section by section, whether the bowl reaches, when it comes off, and how. */
export function ApplyView({ batch, packedEvents, rev, timeZone, address, nowMs: firstNow }: ApplyViewProps) {
  const [firstEvents] = useState(() => unpackEvents(packedEvents));
  const heard = useEvents(BOWL, batch.id, firstEvents, rev);
  const { events, state, happen } = heard;
  const nowMs = useNow(firstNow);
  const { question, answer } = batch;
  const { head, purpose } = question;
  const { dye } = PURPOSE[purpose];
  const closed = state.closedMs !== undefined;
  const kept = useKept(`/batches/${batch.id}/apply`, closed, heard.arrived);
  useAskBeforeLeaving(heard, kept.cannot);

  const made = useMemo(() => asSeen(question, answer, state), [question, answer, state]);
  const fullG = bowlG(answer, made, state);
  const count = state.sections.of ?? toCount(answer.sections.count);
  const sections = useMemo(() => sectionsOf(count, head.traits?.thinning), [count, head]);
  const done = state.sections.done.map(({ section }) => section);
  const [picked, setPicked] = useState<string>();
  const now = sections.find(({ id }) => id === picked) ?? sections.find(({ id }) => !done.includes(id));
  const dry = state.looks.filter(({ as }) => as === "dryInside").map(({ section }) => section);

  const usual = head.usual?.[usualKindOf(purpose)] ?? NO_SESSION;
  // What goes on her; what stays in the bowl is not used.
  const planG = answer.head.pasteG.mid - answer.head.leftInBowlG.mid;
  const seen = useMemo(() => {
    const weights = state.sections.of === count ? weightsOf(fullG, state.scale, nowIn(state)) : [];
    return forecast(fullG, planG, Math.hypot(usual.sd, SESSION_SD), sections, weights);
  }, [fullG, planG, usual.sd, sections, state, count]);

  const feel = useMemo(() => feelAdvice(question, answer), [question, answer]);
  const { onHead, rinsed } = state.reachedMs;
  const firstMs = state.sections.done[0]?.atMs ?? onHead;
  const warm = state.cover?.as === "warmCap";
  const off =
    onHead !== undefined && firstMs !== undefined
      ? comesOff(purpose, underCap(answer.leaveOnMin, dye, warm), firstMs, onHead)
      : undefined;
  const massage = !dye && question.choices?.where !== "lengths";
  const lastMs = state.sections.done.at(-1)?.atMs ?? firstMs;
  const chimes = useMemo((): Chime[] => {
    if (closed || rinsed !== undefined) return [];
    const at = (id: string, atMs: number | undefined, words: string, calls: Chime["calls"]): Chime[] =>
      atMs === undefined ? [] : [{ id, atMs, words, calls }];
    if (off)
      return [
        ...at(
          "massage",
          state.massagedMs === undefined ? undefined : state.massagedMs + MASSAGE_MIN * MINUTE_MS,
          "The massage is done.",
          "softly",
        ),
        ...at("from", off.fromMs, "It may come off now.", "softly"),
        ...at("best", off.bestMs, "It is the best time to take it off.", "loudly"),
        ...at("until", off.untilMs, "It should come off now.", "loudly"),
      ];
    const slow = now && lastMs !== undefined ? lastMs + 2 * sectionMin(now.share) * MINUTE_MS : undefined;
    return at("section", slow, "The next section is due: what waits dries.", "softly");
  }, [closed, rinsed, off, state.massagedMs, now, lastMs]);
  const { said, sounds, toggle } = useChimes(chimes, nowMs);
  useAwake(!closed && onHead === undefined && done.length > 0);

  const allDone = done.length >= sections.length;
  return (
    <div className="mx-auto flex max-w-[34rem] flex-col gap-4 px-4 pt-4">
      <p className="flex flex-wrap items-center justify-between gap-x-4">
        <Link href={`/batches/${batch.id}`} className="pressable inline-flex min-h-11 items-center">
          {batch.blendName} for {batch.headName}
        </Link>
        <strong className="text-stop">Burns, itches, headache: rinse now.</strong>
      </p>
      <KeptSays kept={kept} closed={closed} timeZone={timeZone} what="the bowl" />
      {onHead === undefined && (
        <>
          <HeadDrawings sections={sections} done={done} dry={dry} now={now?.id} onPick={setPicked} />
          {allDone && picked === undefined ? (
            <h1 className={LARGE}>All of it is on.</h1>
          ) : closed ? (
            <h1 className={LARGE}>The bowl is closed.</h1>
          ) : (
            <SectionNow
              count={count}
              sections={sections}
              now={now}
              state={state}
              seen={seen}
              thick={count >= THICK_FROM}
              onHappen={happen}
              onDone={() => setPicked(undefined)}
            />
          )}
          {!closed && allDone && (
            <Button
              look="main"
              className="min-h-20 text-2xl"
              onClick={() => happen({ kind: "reached", stage: "onHead" })}
            >
              On the head, last section
            </Button>
          )}
          {firstMs !== undefined && (
            <p className="text-center">
              First section at {clockWords(firstMs, timeZone)}
              {lastMs !== undefined && lastMs !== firstMs && `, last one at ${clockWords(lastMs, timeZone)}`}.
            </p>
          )}
        </>
      )}
      {onHead !== undefined && <h1 className={LARGE}>{rinsed === undefined ? "It is on." : "It is off."}</h1>}
      {off && rinsed === undefined && (
        <WhileOn
          state={state}
          off={off}
          firstMs={firstMs!}
          lastMs={onHead!}
          dryingIn={(air) =>
            dryingOf(
              purpose,
              question.choices?.tool ?? "hands",
              waterShareOf(question, answer),
              answer.head.coatMm,
              question.kitchenTempC,
              air,
            )
          }
          massage={massage}
          dye={dye}
          timeZone={timeZone}
          nowMs={nowMs}
          onHappen={happen}
        />
      )}
      <Announced text={said} />
      {onHead === undefined && (
        <BowlOnScale state={state} bowlG={fullG} seen={seen} closed={closed} onHappen={happen}>
          {seen.warns && !closed && (
            <IfShort
              question={made.question}
              answer={made.answer ?? answer}
              planned={answer}
              shortG={Math.max(5, -seen.overG)}
              bowlG={fullG}
              onHappen={happen}
            />
          )}
          {!seen.warns && <IfOver seen={seen} sections={sections} />}
        </BowlOnScale>
      )}
      {onHead !== undefined && (
        <>
          <TakeOff
            steps={takeOffPlan(question, feel)}
            nameOf={(thing) => materialName(feel.things[thing].materialId)}
            dye={dye}
            state={state}
            closed={closed}
            onHappen={happen}
          />
          {!closed && rinsed === undefined && (
            <Button
              look="main"
              className="min-h-16 text-xl"
              onClick={() => happen({ kind: "reached", stage: "rinsed" })}
            >
              Rinsed
            </Button>
          )}
          <HowFar madeG={fullG} state={state} closed={closed} onHappen={happen} />
          <FreezeRest batchId={batch.id} blendName={batch.blendName} leftG={state.session?.leftG} />
        </>
      )}
      {!closed && done.length === 0 && onHead === undefined && (
        <Field label="Parted into">
          {(a) => (
            <select
              {...a}
              value={count}
              onChange={(event) => {
                const of = Number(event.target.value) as SectionCount;
                happen({ kind: "sectioned", of, section: "s1", done: false });
              }}
            >
              {SECTION_COUNTS.map((one) => (
                <option key={one} value={one}>
                  {one} sections
                </option>
              ))}
            </select>
          )}
        </Field>
      )}
      {!closed && (
        <div className="flex flex-wrap items-center gap-x-6 border-t border-line pt-2">
          <TakeBackLast events={events} withdrawn={state.withdrawn} sections={sections} onHappen={happen} />
          <button type="button" className="pressable min-h-11" aria-pressed={sounds} onClick={toggle}>
            {sounds ? "times are heard: switch the sound off" : "let me hear the times"}
          </button>
        </div>
      )}
      <SomebodyHelps address={address} />
      {onHead === undefined && now && <p className="sr-only">{`Next: ${sectionName(now)}`}</p>}
    </div>
  );
}
