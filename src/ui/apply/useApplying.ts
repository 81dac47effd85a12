"use client";
import { useMemo } from "react";
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
import type { Air } from "@/core/air";
import { asSeen, bowlG, nowIn, type BatchState } from "@/core/batch";
import { feelAdvice } from "@/core/feel";
import { NO_SESSION, PURPOSE, SESSION_SD, usualKindOf } from "@/core/head";
import type { StoredBatch } from "@/store/batches";

const toCount = (n: number): SectionCount => SECTION_COUNTS.findLast((one) => one <= n) ?? 4;

/** Everything that follows from a bowl and what has happened while it was put on. */
export function useApplying({ question, answer }: StoredBatch, state: BatchState) {
  const { head, purpose, choices, kitchenTempC } = question;
  const { dye } = PURPOSE[purpose];
  const made = useMemo(() => asSeen(question, answer, state), [question, answer, state]);
  const fullG = bowlG(answer, made, state);
  const count = state.sections.of ?? toCount(answer.sections.count);
  const sections = useMemo(() => sectionsOf(count, head.traits?.thinning), [count, head]);
  const usual = head.usual?.[usualKindOf(purpose)] ?? NO_SESSION;
  // What goes on her; what stays in the bowl is not used.
  const planG = answer.head.pasteG.mid - answer.head.leftInBowlG.mid;
  const seen = useMemo(() => {
    const weights = state.sections.of === count ? weightsOf(fullG, state.scale, nowIn(state)) : [];
    return forecast(fullG, planG, Math.hypot(usual.sd, SESSION_SD), sections, weights);
  }, [fullG, planG, usual.sd, sections, state, count]);
  const feel = useMemo(() => feelAdvice(question, answer), [question, answer]);
  const takeOff = useMemo(() => takeOffPlan(question, feel), [question, feel]);

  const { done } = state.sections;
  const { onHead } = state.reachedMs;
  const firstMs = done[0]?.atMs ?? onHead;
  const leaveOn = underCap(answer.leaveOnMin, dye, state.cover?.as === "warmCap");
  const { low, mid, high } = leaveOn;
  const off = useMemo(
    () => (onHead === undefined ? undefined : comesOff(purpose, { low, mid, high }, firstMs ?? onHead, onHead)),
    [purpose, low, mid, high, firstMs, onHead],
  );
  const dryingIn = (air: Air) =>
    dryingOf(purpose, choices?.tool ?? "hands", waterShareOf(question, answer), answer.head.coatMm, kitchenTempC, air);
  return {
    made,
    fullG,
    count,
    sections,
    seen,
    feel,
    takeOff,
    off,
    dryingIn,
    dye,
    massage: !dye && choices?.where !== "lengths",
    firstMs,
    lastMs: done.at(-1)?.atMs ?? firstMs,
    /** Found dry inside when they were opened. */
    dry: state.looks.filter(({ as }) => as === "dryInside").map(({ section }) => section),
  };
}
export type Applying = ReturnType<typeof useApplying>;
