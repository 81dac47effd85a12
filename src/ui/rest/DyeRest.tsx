"use client";
import "@/core/catalogue";
import { useDeferredValue, useMemo, useState } from "react";
import { nightly, type BatchPayload, type BatchState, type DyeGoing, type Nights } from "@/core/batch";
import {
  BEST_SHARE,
  FOLLOWED_H,
  goodUntilH,
  releaseAlong,
  releaseBands,
  STANDS_C,
  strengthAt,
  tooSoon,
  waysTo,
  type Stay,
} from "@/core/rest";
import { minuteWords } from "@/words/amounts";
import { fitWords, restLine, spanWords, wayWords, type RestPlace } from "@/words/rest";
import { momentWords, wallTimeOf } from "@/words/times";
import { Field } from "../forms/Field";
import { Announced } from "../parts/Announced";
import { Dabs } from "./Dabs";
import { Pieces, type Piece } from "./Pieces";
import { RestChart, type RestCurve } from "./RestChart";
import { TellMe } from "./TellMe";
import { momentOf } from "./wallClock";

const HOUR_MS = 3_600_000;
const POINTS = 140;
/** Nobody looks further ahead. */
const LONGEST_H = 24 * 20;

const placeOf = (tempC: number): RestPlace =>
  tempC === STANDS_C.fridge
    ? "fridge"
    : tempC === STANDS_C.freezer
      ? "freezer"
      : tempC === STANDS_C.warm
        ? "warm"
        : "kitchen";

const isLess = ([now, most]: readonly number[]): boolean => now < BEST_SHARE * most;
interface DyeRestProps {
  readonly going: DyeGoing;
  readonly state: BatchState;
  readonly nights: Nights | undefined;
  readonly mixedMs: number;
  readonly kitchenC: number;
  readonly closed: boolean;
  readonly onHappen: (payload: BatchPayload) => void;
  /** When it goes on, or went, as far as anybody said. */
  readonly plannedMs: number;
  readonly timeZone: string;
  readonly nowMs: number;
}

/** A dye while it rests: its curve, where it stands, the ways to an hour, and dabs. */
export function DyeRest({
  going: { clock, stays: sofar, goesOnH },
  state,
  nights,
  mixedMs,
  kitchenC,
  closed,
  onHappen,
  plannedMs,
  timeZone,
  nowMs,
}: DyeRestProps) {
  const isMixed = state.reachedMs.mixed !== undefined;
  const [planned, setPlanned] = useState<readonly Piece[]>([]);
  const [wantedText, setWanted] = useState<string>();
  const wantedMs = momentOf(wantedText ?? wallTimeOf(plannedMs, timeZone), timeZone);
  const hourOf = (ms: number) => (ms - mixedMs) / HOUR_MS;
  const msOf = (hours: number) => mixedMs + hours * HOUR_MS;
  const tempOf = ({ place, tempC }: Piece) =>
    place === "kitchen" ? kitchenC : place === "elsewhere" ? (tempC ?? kitchenC) : STANDS_C[place];
  const past: readonly Piece[] = [{ place: "kitchen", atMs: mixedMs }, ...state.moves];
  const standsIn = past.at(-1)!;
  const asItIs = (all: readonly Stay[]) =>
    all.flatMap((stay, i) =>
      stay.tempC === kitchenC ? nightly(stay, all[i + 1]?.fromH ?? Infinity, hourOf, nights) : [stay],
    );
  const plain = useMemo<readonly Stay[]>(
    () => past.map((one) => ({ fromH: Math.max(0, hourOf(one.atMs)), tempC: tempOf(one) })),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- all follow from these
    [state.moves, mixedMs, kitchenC],
  );
  const stays = useMemo<readonly Stay[]>(() => {
    if (planned.length === 0) return sofar;
    let atH = plain.at(-1)!.fromH;
    return asItIs([
      ...plain,
      ...planned.map((one) => ({ fromH: (atH = Math.max(atH, hourOf(one.atMs))), tempC: tempOf(one) })),
    ]);
    // eslint-disable-next-line react-hooks/exhaustive-deps -- all follow from these
  }, [sofar, plain, planned, mixedMs, kitchenC, nights]);
  const nowH = Math.max(0, hourOf(nowMs));
  const hours = useMemo(() => releaseAlong(clock, stays), [clock, stays]);
  const untilH = useMemo(() => goodUntilH(clock, stays, hours), [clock, stays, hours]);
  // Bands take a few times as long as the line, and follow it.
  const soon = useDeferredValue(stays);
  const bands = useMemo(() => releaseBands(clock, soon), [clock, soon]);
  const times = {
    readyMs: msOf(Math.max(goesOnH, hours.readyH)),
    bestMs: msOf(Math.max(goesOnH, hours.bestH)),
    ...(untilH < FOLLOWED_H ? { untilMs: msOf(untilH) } : {}),
    isFading: nowH > hours.peakH && isLess(strengthAt(clock, stays, [nowH, hours.peakH])),
  };
  const wantedH = wantedMs === undefined ? undefined : hourOf(wantedMs);
  const ways = useMemo(
    () =>
      clock.quick || wantedH === undefined || wantedH <= nowH
        ? []
        : waysTo(clock, plain, nowH, wantedH, kitchenC, asItIs),
    // A minute more or less changes no way.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [clock, plain, Math.round(nowH * 6), wantedH, kitchenC, nights],
  );
  const toH = Math.min(
    LONGEST_H,
    1.12 * Math.max(untilH < LONGEST_H ? untilH : 0, wantedH ?? 0, nowH, hours.bestH, (stays.at(-1)?.fromH ?? 0) + 6),
  );
  const curve = useMemo<RestCurve>(() => {
    const at = Array.from({ length: POINTS + 1 }, (_, i) => (toH * i) / POINTS);
    const points = (along: readonly Stay[]) =>
      strengthAt(clock, along, at).map((share, i) => [mixedMs + at[i] * HOUR_MS, share] as const);
    return {
      fromMs: mixedMs,
      toMs: mixedMs + toH * HOUR_MS,
      own: points(stays),
      ...(planned.length > 0 ? { left: points(sofar) } : {}),
      dabs: state.dabs.map(({ atMs }) => [atMs, strengthAt(clock, stays, [hourOf(atMs)])[0]] as const),
      readyMs: mixedMs + Math.max(goesOnH, hours.readyH) * HOUR_MS,
      untilMs: mixedMs + untilH * HOUR_MS,
      nowMs,
      ...(wantedMs === undefined ? {} : { wantedMs }),
    };
    // eslint-disable-next-line react-hooks/exhaustive-deps -- hourOf follows from mixedMs
  }, [clock, stays, sofar, planned.length, state.dabs, toH, mixedMs, goesOnH, hours.readyH, untilH, nowMs, wantedMs]);
  const strange = useMemo(() => {
    const { known: _, ...planned } = clock;
    return state.dabs.some(({ mark, atMs }) => tooSoon(planned, sofar, { mark, atH: hourOf(atMs) }));
    // eslint-disable-next-line react-hooks/exhaustive-deps -- hourOf follows from mixedMs
  }, [clock, sofar, state.dabs, mixedMs]);
  const line = restLine(times, timeZone, nowMs);
  const span = ({ low, high }: { readonly low: number; readonly high: number }) =>
    spanWords(msOf(low), msOf(high), timeZone, nowMs);
  const keepsNoLonger = untilH < (hours.useByH ?? FOLLOWED_H);
  const hourInFridge = asItIs([
    ...plain,
    { fromH: nowH, tempC: STANDS_C.fridge },
    { fromH: nowH + 1, tempC: kitchenC },
  ]);
  const buysMin = 60 * (goodUntilH(clock, hourInFridge, releaseAlong(clock, hourInFridge)) - untilH);
  return (
    <>
      <h1 className="text-sentence font-say font-medium">{line}</h1>
      <Announced text={line} />
      <p className="text-quiet">
        {isMixed ? "" : "If it is mixed as planned. "}
        With everything that is not sure: ready {span(bands.readyH)}, best {span(bands.bestH)}
        {keepsNoLonger
          ? "; it keeps no longer than that, whatever its dye does"
          : bands.useByH.low < FOLLOWED_H && `, good until ${span(bands.useByH)}`}
        .
      </p>
      <div className="mt-4 grid gap-x-12 gap-y-6 lg:grid-cols-[minmax(0,1fr)_24rem]">
        <div>
          <p className="text-sm text-quiet">How much of the dye is free, hour by hour; filled while it is good.</p>
          <RestChart curve={curve} timeZone={timeZone} text={`What is free of the dye through the hours. ${line}`} />
          <Pieces
            past={past}
            planned={planned}
            fromMs={curve.fromMs}
            toMs={curve.toMs}
            nowMs={Math.max(nowMs, mixedMs)}
            timeZone={timeZone}
            onChange={setPlanned}
          />
          {planned.length > 0 && <p className="mt-2 text-quiet">The dotted line is the bowl left where it stands.</p>}
        </div>
        <div className="flex flex-col gap-4">
          <Field label="On the head at" problem={wantedMs === undefined ? "A day and a time." : undefined}>
            {(a) => (
              <input
                {...a}
                type="datetime-local"
                value={wantedText ?? wallTimeOf(plannedMs, timeZone)}
                onChange={(event) => setWanted(event.target.value)}
              />
            )}
          </Field>
          {ways.length > 0 && wantedMs !== undefined && (
            <section aria-label="Ways to that hour">
              <h2>To have it {momentWords(wantedMs, timeZone, nowMs)}</h2>
              <ol>
                {ways.map((way) => (
                  <li key={way.way} className="border-b border-line py-2">
                    <button
                      type="button"
                      className="pressable text-left font-semibold"
                      onClick={() =>
                        setPlanned(
                          way.stays
                            .slice(plain.length)
                            .filter(({ tempC }, i) => i > 0 || tempC !== tempOf(standsIn))
                            .map(({ fromH, tempC }) => ({ place: placeOf(tempC), atMs: msOf(fromH) })),
                        )
                      }
                    >
                      {wayWords(way, standsIn.place, mixedMs, timeZone, nowMs)}
                    </button>
                    <span className="block">{fitWords(way)}</span>
                  </li>
                ))}
              </ol>
            </section>
          )}
          {wantedMs !== undefined && wantedMs <= nowMs && (
            <p>That hour is behind us; another one says the ways to it.</p>
          )}
          {!clock.quick && untilH < FOLLOWED_H && nowH < untilH && (
            <p>
              {buysMin >= 5 && `An hour in the fridge now puts its end off by about ${minuteWords(buysMin)}. `}
              Frozen by {momentWords(msOf(Math.max(nowH, untilH - clock.coolingH)), timeZone, nowMs)} it keeps for
              weeks.
            </p>
          )}
          {nowH < untilH && <TellMe />}
          <Dabs
            dabs={state.dabs}
            blue={clock.quick === true}
            known={clock.known}
            strange={strange}
            open={isMixed && !closed && state.reachedMs.onHead === undefined}
            timeZone={timeZone}
            nowMs={nowMs}
            onHappen={onHappen}
          />
        </div>
      </div>
    </>
  );
}
