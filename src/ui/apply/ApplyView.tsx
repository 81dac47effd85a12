"use client";
import "@/core/catalogue";
import Link from "next/link";
import { useMemo, useState } from "react";
import { forecast, SECTION_COUNTS, sectionsOf, type SectionCount } from "@/core/apply";
import { asSeen, bowlG, unpackEvents } from "@/core/batch";
import { checkNumber } from "@/core/checkNumber";
import { NO_SESSION, SESSION_SD, usualKindOf } from "@/core/head";
import type { StoredBatch } from "@/store/batches";
import { minuteWords, roundTo } from "@/words/amounts";
import { forecastWords, sectionName } from "@/words/apply";

import { BOWL } from "../batch/stream";
import { useNow } from "../clock";
import { useEvents } from "../events/useEvents";
import { Field } from "../forms/Field";
import { NumberText } from "../forms/NumberText";
import { typed } from "../forms/typed";
import { Announced } from "../parts/Announced";
import { Button } from "../parts/Button";
import { useAwake } from "../parts/useAwake";
import { HeadFromAbove } from "./HeadFromAbove";
import { IfShort } from "./IfShort";

interface ApplyViewProps {
  readonly batch: StoredBatch;
  readonly packedEvents: string;
  readonly rev: number;
  readonly nowMs: number;
}
const MINUTE_MS = 60_000;
/** Half an hour for a whole head, no section under two minutes. @source common practice */
const sectionMin = (share: number): number => Math.max(2, Math.round(30 * share));
const toCount = (n: number): SectionCount => SECTION_COUNTS.findLast((one) => one <= n) ?? 4;

/** Putting it on, for one clean knuckle: the next section large, the bowl on the scale, and whether it will reach. */
export function ApplyView({ batch, packedEvents, rev, nowMs: firstNow }: ApplyViewProps) {
  const [firstEvents] = useState(() => unpackEvents(packedEvents));
  const { state, happen } = useEvents(BOWL, batch.id, firstEvents, rev);
  const nowMs = useNow(firstNow);
  const { question, answer } = batch;
  const made = useMemo(() => asSeen(question, answer, state), [question, answer, state]);
  const fullG = bowlG(answer, made, state);
  const count = state.sections.of ?? toCount(answer.sections.count);
  const sections = useMemo(() => sectionsOf(count), [count]);
  const done = state.sections.done.map(({ section }) => section);
  const [picked, setPicked] = useState<string>();
  const next =
    sections.find(({ id }) => id === picked && !done.includes(id)) ?? sections.find(({ id }) => !done.includes(id));
  const usual = question.head.usual?.[usualKindOf(question.purpose)] ?? NO_SESSION;
  const planSd = Math.hypot(usual.sd, SESSION_SD);
  // What goes on her; what stays in the bowl is not used.
  const planG = answer.head.pasteG.mid - answer.head.leftInBowlG.mid;
  const seen = useMemo(
    () => forecast(fullG, planG, planSd, sections, state.sections.of === count ? state.scale : []),
    [fullG, planG, planSd, sections, state.sections.of, state.scale, count],
  );
  const [leftText, setLeft] = useState("");
  const leftG = typed(leftText);
  const lastG = state.scale.at(-1)?.leftG ?? fullG;
  const problem =
    leftText.trim() === ""
      ? undefined
      : (checkNumber("leftG", leftG, "leftInBowlG") ??
        (leftG > lastG + 20
          ? { field: "leftG", code: "tooLarge" as const, detail: { max: Math.round(lastG) } }
          : undefined));
  const onHead = state.reachedMs.onHead !== undefined;
  const closed = state.closedMs !== undefined;
  useAwake(!closed && !onHead && done.length > 0);
  const firstMs = state.sections.done[0]?.atMs;
  const lastMs = state.sections.done.at(-1)?.atMs;
  const line = seen.toDo < 1 ? forecastWords(seen) : "";
  const tap = (section: string, is: boolean) => happen({ kind: "sectioned", of: count, section, done: is });
  return (
    <div className="mx-auto flex max-w-[34rem] flex-col gap-4 px-4 pt-4">
      <p className="flex flex-wrap items-center justify-between gap-x-4">
        <Link href={`/batches/${batch.id}`} className="pressable inline-flex min-h-11 items-center">
          {batch.blendName} for {batch.headName}
        </Link>
        <strong className="text-stop">Burns, itches, headache: rinse now.</strong>
      </p>
      <HeadFromAbove sections={sections} done={done} now={next?.id} onPick={setPicked} />
      <h1 className="text-center text-figure font-say font-semibold">
        {next ? sectionName(next) : onHead ? "It is on." : "All of it is on."}
      </h1>
      {next && (
        <p className="text-center text-lg">
          about {roundTo(next.share * seen.needG.mid, 5)} g, {minuteWords(sectionMin(next.share))};{" "}
          {`${done.length} of ${sections.length} done`}
        </p>
      )}
      {!closed && next && (
        <div className="grid grid-cols-2 gap-3">
          <Button
            look="main"
            className="col-span-2 min-h-20 text-2xl"
            onClick={() => {
              tap(next.id, true);
              setPicked(undefined);
            }}
          >
            Done
          </Button>
          <Button className="min-h-14" idle={done.length === 0} onClick={() => tap(done.at(-1)!, false)}>
            the last one needs more
          </Button>
          <p className="content-center text-sm text-quiet">
            Thick hair: open the section and look inside. What dried: damp it again.
          </p>
        </div>
      )}
      {!closed && !next && !onHead && (
        <Button look="main" className="min-h-20 text-2xl" onClick={() => happen({ kind: "reached", stage: "onHead" })}>
          On the head, last section
        </Button>
      )}
      {firstMs !== undefined && (
        <p className="text-center">
          First section {minuteWords(Math.max(0, (nowMs - firstMs) / MINUTE_MS))} ago
          {lastMs !== undefined &&
            lastMs !== firstMs &&
            `, last one ${minuteWords(Math.max(0, (nowMs - lastMs) / MINUTE_MS))}`}
          .
        </p>
      )}
      <section aria-label="The bowl on the scale" className="border-t border-line pt-3">
        {line && <p className={`text-lg ${seen.warns ? "font-semibold text-madder" : ""}`}>{line}</p>}
        <Announced text={line} />
        {seen.warns && <IfShort question={question} answer={answer} shortG={Math.max(5, -seen.overG)} bowlG={fullG} />}
        {!closed && done.length > 0 && (
          <form
            className="mt-2 flex flex-wrap items-end gap-3"
            onSubmit={(event) => {
              event.preventDefault();
              if (problem || leftText.trim() === "") return;
              happen({ kind: "onScale", leftG });
              setLeft("");
            }}
          >
            <NumberText
              label="Left in the bowl, by the scale, g"
              hint="Without the bowl; after a section."
              text={leftText}
              onText={setLeft}
              problem={problem}
              large
            />
            <Button type="submit" className="min-h-12" disabled={problem !== undefined || leftText.trim() === ""}>
              Weighed
            </Button>
          </form>
        )}
        {done.length === 0 && (
          <p className="text-quiet">
            About {roundTo(fullG, 5)} g are in the bowl. After a section, weigh it: from then on it is said whether it
            reaches.
          </p>
        )}
      </section>
      {!closed && done.length === 0 && (
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
      <p className="text-sm text-quiet">
        {roundTo(100 * (1 - seen.toDo), 1)} % of the hair is counted as done by the last weighing.
      </p>
    </div>
  );
}
