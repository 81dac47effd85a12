"use client";
import Link from "next/link";
import {
  bowlsOf,
  dyeIn,
  MOMENTS,
  sketchOf,
  stepsOf,
  strandsOf,
  type ColourPlan,
  type Moment,
  type PlannedBowl,
} from "@/core/colour";
import type { Uncertain } from "@/core/figure";
import type { Head } from "@/core/head";
import type { Spoons } from "@/core/measure";
import { hourWords, minuteWords, roundTo } from "@/words/amounts";
import { colourWord, MOMENT_NAME, partsWords, strandsWords } from "@/words/colour/sketch";
import { DYE_NAME } from "@/words/colour/dyeNames";
import { materialName } from "@/words/names";
import { clockWords, momentWords, wallTimeOf } from "@/words/times";
import { useMemo } from "react";
import { Lock } from "./Lock";
import { PlanFields } from "./PlanFields";

export interface PlanProps {
  readonly name: string;
  readonly plan: ColourPlan;
  readonly onChange: (plan: ColourPlan) => void;
  readonly onDrop?: () => void;
  readonly head: Head;
  readonly headId: string | undefined;
  readonly factor: Uncertain;
  readonly kitchenTempC: number;
  readonly spoons: Spoons;
  /** When the first bowl is on the head. */
  readonly onHeadMs: number | undefined;
  readonly timeZone: string;
  readonly nowMs: number;
}
const HOURS = [1, 2, 3, 4, 6];

/** One plan for a head's colour: its locks, what they are called, and the bowls it takes. */
export function Plan({ name, plan, onChange, onDrop, head, headId, factor, kitchenTempC, spoons, ...when }: PlanProps) {
  const strands = useMemo(() => strandsOf(head), [head]);
  const steps = useMemo(() => stepsOf(plan, kitchenTempC), [plan, kitchenTempC]);
  const locks = useMemo(() => {
    const at = (moment: Moment, by = factor.value) => sketchOf(strands, steps, moment, by);
    const again = sketchOf(strands, { ...steps, rounds: steps.rounds + 1 }, "settled", factor.value);
    return {
      moments: MOMENTS.map((moment) => ({ moment, sketch: at(moment) })),
      again,
      lighter: at("settled", factor.low),
      deeper: at("settled", factor.high),
    };
  }, [strands, steps, factor]);
  const settled = locks.moments.find(({ moment }) => moment === "settled")!.sketch;
  const bowls = useMemo(() => bowlsOf(plan, head, kitchenTempC, spoons), [plan, head, kitchenTempC, spoons]);
  const seen = (sketch: typeof settled) => strandsWords(sketch, strands.greyShare);
  // What a band is seen on: grey strands where there are any.
  const kind = strands.greyShare > 0.02 ? "grey" : "own";
  const ends = [locks.lighter, settled, locks.deeper];
  const isOneWord = new Set(ends.map((sketch) => colourWord(sketch[kind].lab))).size === 1;
  const shown = [
    ...locks.moments.map(({ moment, sketch }) => ({ name: MOMENT_NAME[moment] as string, sketch })),
    { name: "after one round more", sketch: locks.again },
  ];
  const first = plan.parts[0].dye;
  const taken = HOURS.map((hoursOn) => ({
    hoursOn,
    share:
      (dyeIn(stepsOf({ ...plan, hoursOn, rounds: 1 }, kitchenTempC), strands.strand, "settled", 1)[first] ?? 0) /
      Math.max(
        1e-9,
        dyeIn(stepsOf({ ...plan, hoursOn: 24, rounds: 1 }, kitchenTempC), strands.strand, "settled", 1)[first] ?? 0,
      ),
  }));
  return (
    <section aria-label={name} className="flex flex-col gap-4">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2>{name}</h2>
        {onDrop && (
          <button type="button" className="pressable min-h-11" onClick={onDrop}>
            take it away
          </button>
        )}
      </div>
      <p className="font-say text-xl font-medium" role="status">
        {partsWords(plan.parts)}: two days after about {seen(settled)}.
      </p>
      <ul className="grid grid-cols-3 gap-x-2 gap-y-4 sm:grid-cols-5">
        {shown.map(({ name: called, sketch }) => (
          <li key={called}>
            <Lock sketch={sketch} greyShare={strands.greyShare} text={`${called}: ${seen(sketch)}`} />
            <p className="text-sm font-semibold">{called}</p>
            <p className="text-sm text-quiet">{seen(sketch)}</p>
          </li>
        ))}
      </ul>
      <p className="flex flex-wrap items-center gap-x-3 gap-y-1">
        <span>
          {kind === "grey" ? "The grey strands" : "It"} may be anything{" "}
          {isOneWord ? `between these, all of them ${colourWord(settled[kind].lab)}` : "from"}
        </span>
        {ends.map((sketch, i) => (
          <span key={i} className="inline-flex items-center gap-1">
            <span
              aria-hidden
              className="inline-block size-6 border border-line"
              style={{ background: sketch[kind].hex }}
            />
            {isOneWord ? "" : `${colourWord(sketch[kind].lab)}${i === 0 ? " over" : i === 1 ? " to" : "."}`}
          </span>
        ))}
      </p>
      <p className="text-sm text-quiet">
        A first bowl has given so much of what {DYE_NAME[first]} gives in the end after{" "}
        {taken.map(({ hoursOn, share }) => `${hoursOn} h: ${roundTo(share * 100, 5)} %`).join(", ")}. Longer than three
        hours buys little; another round buys more.
      </p>
      <PlanFields plan={plan} onChange={onChange} />
      {bowls && <Bowls name={name} bowls={bowls} plan={plan} headId={headId} {...when} />}
    </section>
  );
}

interface BowlsProps extends Pick<PlanProps, "name" | "plan" | "headId" | "onHeadMs" | "timeZone" | "nowMs"> {
  readonly bowls: readonly PlannedBowl[];
}
/** What is mixed when, so that it comes to one moment. */
function Bowls({ name, bowls, plan, headId, onHeadMs, timeZone, nowMs }: BowlsProps) {
  if (onHeadMs === undefined) return null;
  const at = (min: number) => onHeadMs + min * 60_000;
  const steps = bowls.flatMap(({ lines, liquidMl, liquidC, mixedMin, onHeadMin, rinsedMin, stirredIn }, i) => {
    const what = lines.map(({ materialId, massG }) => `${roundTo(massG, 1)} g of ${materialName(materialId)}`);
    const water = `${roundTo(liquidMl, 5)} ml of ${liquidC > 30 ? "warm " : ""}water`;
    const last = bowls.length - 1;
    return [
      {
        ms: at(mixedMin),
        text: `${i === 0 ? "Mix" : "Wet"} ${what.join(" and ")} with about ${water}${
          stirredIn ? ", and ten minutes later stir it into the first bowl" : ""
        }.`,
      },
      ...(stirredIn
        ? []
        : [{ ms: at(onHeadMin), text: `On the head${bowls.length > 1 && i > 0 ? ", the second bowl" : ""}.` }]),
      ...(stirredIn || (bowls[1]?.stirredIn && i < last)
        ? []
        : [{ ms: at(rinsedMin), text: i < last ? "Rinse, squeeze dry." : "Rinse with water only." }]),
      ...(bowls[1]?.stirredIn && i === last ? [{ ms: at(rinsedMin), text: "Rinse with water only." }] : []),
    ];
  });
  const late = steps.some(({ ms }) => ms < nowMs);
  return (
    <section aria-label={`${name}: what is mixed when`} className="flex flex-col gap-2">
      <h3>{bowls.length > 1 ? "Two bowls to one moment" : "The bowl"}</h3>
      <ol className="flex flex-col gap-1">
        {[...steps]
          .sort((a, b) => a.ms - b.ms)
          .map(({ ms, text }, i) => (
            <li key={i} className="grid grid-cols-[9rem_minmax(0,1fr)] gap-x-3">
              <span className="font-semibold">{momentWords(ms, timeZone, nowMs)}</span>
              <span>{text}</span>
            </li>
          ))}
      </ol>
      {late && <p className="text-madder">Something of that is behind us: a later hour on the head fits.</p>}
      {plan.how === "together" &&
        bowls.length === 1 &&
        plan.parts.length > 1 &&
        plan.parts.some(({ dye }) => dye === "indigo") && (
          <p className="text-madder">Indigo that waits for henna is spent before it goes on. Wet it last.</p>
        )}
      <p className="flex flex-wrap gap-x-5">
        {bowls.map((bowl, i) => (
          <Link
            key={i}
            className="pressable inline-flex min-h-11 items-center"
            href={`/blend?${new URLSearchParams({
              bowl: bowl.lines.map(({ materialId, massG }) => `${materialId}-${roundTo(massG, 1)}`).join("."),
              pour: String(bowl.liquidC),
              at: wallTimeOf(at(bowl.onHeadMin), timeZone),
              ...(headId ? { head: headId } : {}),
            })}`}
          >
            make the bowl of {materialName(bowl.lines[0].materialId)}, on at {clockWords(at(bowl.onHeadMin), timeZone)}
          </Link>
        ))}
      </p>
      <p className="text-sm text-quiet">
        {bowls.length > 1 ? "The first stands" : "It stands"} {minuteWords(bowls[0].onHeadMin - bowls[0].mixedMin)} and
        is on {hourWords(plan.hoursOn)}
        {bowls.length > 1 && !bowls[1].stirredIn ? " each" : ""}.
      </p>
    </section>
  );
}
