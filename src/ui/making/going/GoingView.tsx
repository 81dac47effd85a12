"use client";
import "@/core/catalogue";
import Link from "next/link";
import { useMemo } from "react";
import {
  asItGoes,
  makingNow,
  METHODS,
  READ_DURING,
  type MakingEvent,
  type MakingPlan,
  type MakingStepId,
  type TimedStep,
} from "@/core/making";
import { gramWords } from "@/words/amounts";
import { andWords } from "@/words/lists";
import { madeWords, makingEventWords, makingStepWords, METHOD_WORDS } from "@/words/making";
import { dayWords, momentWords } from "@/words/times";
import { useNow } from "../../clock";
import { useAwake } from "../../parts/useAwake";
import { Aside } from "../../events/Aside";
import { History } from "../../events/History";
import { KeptSays } from "../../events/KeptSays";
import { Notes } from "../../events/Notes";
import { useAskBeforeLeaving, useKept } from "../../events/kept";
import { useEvents } from "../../events/useEvents";
import { Button } from "../../parts/Button";
import { AllMakings } from "../AllMakings";
import { coloursOf } from "../coloursOf";
import { makingHref } from "../makingHref";
import { Mind } from "../Mind";
import { PICTURES } from "../pictures";
import { PutItUp } from "../PutItUp";
import { WhatComes } from "../WhatComes";
import { OrderOfWork } from "./OrderOfWork";
import { ReadOff } from "./ReadOff";
import { StepNow } from "./StepNow";
import { MAKING } from "./stream";

interface GoingViewProps {
  readonly making: MakingPlan & { readonly id: string; readonly name: string; readonly jarId?: string };
  readonly events: readonly MakingEvent[];
  readonly rev: number;
  readonly timeZone: string;
  readonly nowMs: number;
}

/** How far a step is by the clock, 0–1. */
const shareOf = ({ fromMs, toMs }: TimedStep, nowMs: number): number =>
  toMs > fromMs ? Math.min(1, Math.max(0, (nowMs - fromMs) / (toMs - fromMs))) : 0;

/** Something that is being made, or was: the step that is on, the picture as it stands, and what comes of it. */
export function GoingView({ making, events: firstEvents, rev, timeZone, nowMs: firstNow }: GoingViewProps) {
  const { question, figures, name, jarId } = making;
  const heard = useEvents(MAKING, making.id, firstEvents, rev);
  const { events, state, aside, sendAgain, drop, happen } = heard;
  const nowMs = useNow(firstNow);
  const { made, steps } = useMemo(() => asItGoes(making, state), [making, state]);
  const closed = jarId !== undefined || state.closedMs !== undefined;
  const kept = useKept(`/makings/${making.id}`, closed, heard.arrived);
  useAskBeforeLeaving(heard, kept.cannot);
  const { step, next } = makingNow(steps);
  useAwake(!closed && step !== undefined && step.durationMin < 60 && Object.keys(state.doneMs).length > 0);
  const method = METHODS.find(({ id }) => id === question.method)!;
  const words = METHOD_WORDS[method.id];
  const Picture = PICTURES[method.id];
  const names = figures.map(({ names: [first] }) => first.text);
  const things = andWords(question.things.map(({ massG }, i) => `${gramWords(massG)} g ${names[i]}`));
  const textOf = (id: MakingStepId) => makingStepWords(words, id, things, question.settings, made);
  const tick = (id: MakingStepId, done: boolean) => happen({ kind: "stepDone", step: id, done });
  const putUp = (
    <PutItUp
      words={words}
      made={made}
      names={names}
      called={name}
      path={`makings/${making.id}/jar`}
      press="Put it up …"
      look="main"
    />
  );
  return (
    <div className="mx-auto max-w-[82rem] px-4 pt-5 md:px-10">
      <h1 className="text-sentence break-words">
        {name}, {dayWords(making.startsAtMs, timeZone, nowMs)}
      </h1>
      <p className="max-w-[52rem] text-lg">
        {madeWords(question)}
        {!jarId && state.closedMs !== undefined && (
          <strong> Given up {momentWords(state.closedMs, timeZone, nowMs)}.</strong>
        )}{" "}
        {jarId && (
          <Link href={`/shelf/${jarId}`} className="pressable">
            It is on the shelf.
          </Link>
        )}{" "}
        {closed && (
          <Link href={makingHref(question, name)} className="pressable">
            Make it again.
          </Link>
        )}
      </p>
      <KeptSays kept={kept} closed={closed} timeZone={timeZone} what="the making" />
      <Aside taps={aside} wordsOf={makingEventWords} onAgain={sendAgain} onDrop={drop} />
      <div className="mt-4 grid gap-x-12 gap-y-6 lg:grid-cols-[minmax(0,1fr)_24rem]">
        <div className="flex flex-col gap-5">
          {!closed &&
            (step ? (
              <StepNow
                step={step}
                next={next}
                text={textOf(step.id)}
                sign={words.sign?.[step.id]}
                late={words.late?.[step.id]?.(question.settings, made)}
                timeZone={timeZone}
                nowMs={nowMs}
                onDone={(id) => tick(id, true)}
              >
                {step.id === steps.at(-1)?.id && <div className="mt-3">{putUp}</div>}
                {READ_DURING.includes(step.id) && (
                  <ReadOff gauges={method.gauges} count={state.read.length} onRead={happen} />
                )}
              </StepNow>
            ) : (
              <section aria-label="Now" className="border-b-[3px] border-ink pb-5">
                <h2 className="text-sentence font-say font-semibold">It is made</h2>
                <p className="mb-3 text-lg">
                  It draws on the jars of what went in, and stands on the shelf with its date.
                </p>
                {putUp}
              </section>
            ))}
          <Picture
            made={made}
            settings={question.settings}
            {...coloursOf(question.things.map(({ massG }, i) => ({ massG, material: figures[i] })))}
            now={{ step: step?.id, share: step ? shareOf(step, nowMs) : 1 }}
          />
          <OrderOfWork steps={steps} textOf={textOf} now={step?.id} closed={closed} timeZone={timeZone} onTick={tick} />
        </div>
        <aside className="flex flex-col gap-7" aria-label="What comes of it and what happened">
          <WhatComes made={made} names={names} words={words} />
          <Mind notes={made.notes} />
          <section aria-label="Notes">
            <Notes notes={state.notes} closed={closed} onNote={(text) => happen({ kind: "noted", text })} />
          </section>
          {!jarId && (
            <p className="flex flex-wrap gap-x-5">
              {!closed && (
                <a href={`/api/v1/makings/${making.id}/times`} className="pressable flex min-h-11 items-center">
                  times for a calendar
                </a>
              )}
              <Button
                look="text"
                onClick={() => happen({ kind: state.closedMs === undefined ? "closed" : "reopened" })}
              >
                {state.closedMs === undefined ? "give it up" : "take it up again"}
              </Button>
            </p>
          )}
          <History
            events={events}
            withdrawn={state.withdrawn}
            wordsOf={makingEventWords}
            timeZone={timeZone}
            nowMs={nowMs}
            onHappen={happen}
          />
        </aside>
      </div>
      <AllMakings />
    </div>
  );
}
