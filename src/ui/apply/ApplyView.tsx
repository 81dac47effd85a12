"use client";
import "@/core/catalogue";
import Link from "next/link";
import { useMemo, useState } from "react";
import { SECTION_COUNTS, type SectionCount } from "@/core/apply";
import { unpackEvents } from "@/core/batch";
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
import { chimesOf } from "./chimesOf";
import { BowlOnScale } from "./BowlOnScale";
import { FreezeRest } from "./FreezeRest";
import { HeadDrawings } from "./HeadDrawings";
import { IfOver } from "./IfOver";
import { IfShort } from "./IfShort";
import { SectionNow } from "./SectionNow";
import { SomebodyHelps } from "./SomebodyHelps";
import { TakeOff } from "./TakeOff";
import { TakeBackLast } from "./TakeBackLast";
import { useApplying } from "./useApplying";
import { useChimes } from "./useChimes";
import { WhileOn } from "./WhileOn";

interface ApplyViewProps {
  readonly batch: StoredBatch;
  readonly packedEvents: string;
  readonly rev: number;
  readonly timeZone: string;
  /** Where phones of the house reach this page, where they do. */
  readonly address: string | undefined;
  readonly nowMs: number;
}
const LARGE = "text-center text-figure font-say font-semibold";
/** Hair that is parted so often is thick. */
const THICK_FROM: SectionCount = 6;

/** Putting it on, for one clean knuckle: section by section, whether the bowl reaches, when it comes off, and how. */
export function ApplyView({ batch, packedEvents, rev, timeZone, address, nowMs: firstNow }: ApplyViewProps) {
  const [firstEvents] = useState(() => unpackEvents(packedEvents));
  const heard = useEvents(BOWL, batch.id, firstEvents, rev);
  const { events, state, happen } = heard;
  const nowMs = useNow(firstNow);
  const { answer } = batch;
  const closed = state.closedMs !== undefined;
  const kept = useKept(`/batches/${batch.id}/apply`, closed, heard.arrived);
  useAskBeforeLeaving(heard, kept.cannot);

  const applying = useApplying(batch, state);
  const { made, fullG, count, sections, seen, feel, off, dye, firstMs, lastMs } = applying;
  const done = state.sections.done.map(({ section }) => section);
  const [picked, setPicked] = useState<string>();
  const now = sections.find(({ id }) => id === picked) ?? sections.find(({ id }) => !done.includes(id));
  const { onHead, rinsed } = state.reachedMs;
  const over = closed || rinsed !== undefined;
  const chimes = useMemo(
    () => (over ? [] : chimesOf(off, state.massagedMs, now, lastMs)),
    [over, off, state.massagedMs, now, lastMs],
  );
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
          <HeadDrawings sections={sections} done={done} dry={applying.dry} now={now?.id} onPick={setPicked} />
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
          dryingIn={applying.dryingIn}
          massage={applying.massage}
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
            steps={applying.takeOff}
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
