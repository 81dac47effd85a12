import {
  asGauged,
  coolingHOf,
  fallsInH,
  GOES_ON_BELOW_C,
  learnFromDabs,
  movedSoakH,
  releaseAlong,
  SCHOOL_ACID,
  FOLLOWED_H,
  goodUntilH,
  STANDS_C,
  type DabMark,
  type DyeClock,
  type RestPlan,
  type School,
  type Stay,
} from "../rest";
import type { Place } from "./eventKinds";

/** When a mixed paste is ready, at its best and past it; ms since the epoch. */
export interface RestWindow {
  readonly kind: "dye" | "soak";
  readonly mixedMs: number;
  readonly readyMs: number;
  /** Only for a dye: from here on it has nearly all it will ever have. */
  readonly bestMs?: number;
  /** Only for a dye. */
  readonly peakMs?: number;
  /** Only for a dye, and not where it keeps longer than it is followed; before that it may be spoiled. */
  readonly useByMs?: number;
}
const MINUTE_MS = 60_000;
const HOUR_MS = 60 * MINUTE_MS;

/** Where a bowl was put when; elsewhere with how warm it is there. */
export interface Move {
  readonly place: Place;
  readonly atMs: number;
  readonly tempC?: number;
}
/** A kitchen that is not as warm at night, and when its nights are, ms since the epoch, in order. */
export interface Nights {
  readonly tempC: number;
  readonly spans: readonly (readonly [fromMs: number, toMs: number])[];
}
/** What happened to a resting bowl, and the nights over it. */
export interface Since {
  readonly moves?: readonly Move[];
  readonly dabs?: readonly { readonly mark: DabMark; readonly atMs: number }[];
  /** How warm it was by a thermometer, before it was put elsewhere. */
  readonly gauges?: readonly { readonly tempC: number; readonly atMs: number }[];
  readonly nights?: Nights;
}
const NOTHING: Since = {};

/** Where it stands from when, hours from its mixing: in the kitchen until it was put elsewhere. */
export function staysOf(mixedMs: number, kitchenTempC: number, { moves = [], nights }: Since = NOTHING): Stay[] {
  const hourOf = (ms: number) => Math.max(0, (ms - mixedMs) / HOUR_MS);
  const all = [{ place: "kitchen" as Place, atMs: mixedMs } as Move, ...moves];
  return all.flatMap(({ place, atMs, tempC }, i): Stay[] => {
    const fromH = hourOf(atMs);
    if (place !== "kitchen")
      return [{ fromH, tempC: place === "elsewhere" ? (tempC ?? kitchenTempC) : STANDS_C[place] }];
    return nightly({ fromH, tempC: kitchenTempC }, all[i + 1] ? hourOf(all[i + 1].atMs) : Infinity, hourOf, nights);
  });
}
/** A stay in the kitchen, with its nights. */
export function nightly(stay: Stay, untilH: number, hourOf: (ms: number) => number, nights?: Nights): Stay[] {
  const stays = [stay];
  for (const [fromMs, toMs] of nights?.spans ?? []) {
    const [from, to] = [Math.max(stay.fromH, hourOf(fromMs)), Math.min(untilH, hourOf(toMs))];
    if (to <= from) continue;
    if (from === stay.fromH) stays.pop();
    stays.push({ fromH: from, tempC: nights!.tempC });
    if (to < untilH) stays.push({ fromH: to, tempC: stay.tempC });
  }
  return stays;
}

/** A bowl that was saved before there was a clock of its own: as warm as the kitchen once it had cooled to 45 °C. */
const olderClock = (school: School, kitchenTempC: number): DyeClock => ({
  acidPerG: SCHOOL_ACID[school],
  startC: kitchenTempC,
  coolingH: coolingHOf(500),
});

/** The clock of a bowl's dye as it was put up. */
export function plannedClock({ dye, quick }: RestPlan, kitchenTempC: number): DyeClock | undefined {
  if (quick) return quick.clock;
  return dye && (dye.own?.clock ?? olderClock(dye.school, kitchenTempC));
}

/** How a bowl's dye goes: its clock as the dabs on it say, where it stood, from when on it is cool enough. */
export interface DyeGoing {
  readonly clock: DyeClock;
  readonly stays: readonly Stay[];
  readonly goesOnH: number;
}
/** Undefined where it is to colour nothing. */
export function dyeGoing(
  rest: RestPlan,
  mixedMs: number,
  kitchenTempC: number,
  since: Since = NOTHING,
): DyeGoing | undefined {
  const planned = plannedClock(rest, kitchenTempC);
  if (!planned) return undefined;
  const stays = staysOf(mixedMs, kitchenTempC, since);
  const dabs = (since.dabs ?? []).map(({ mark, atMs }) => ({ mark, atH: (atMs - mixedMs) / HOUR_MS }));
  const movedMs = since.moves?.[0]?.atMs ?? Infinity;
  const readings = (since.gauges ?? []).filter(({ atMs }) => atMs < movedMs);
  const gauged = asGauged(
    planned,
    kitchenTempC,
    readings.map(({ tempC, atMs }) => ({ tempC, atH: (atMs - mixedMs) / HOUR_MS })),
  );
  const clock = dabs.length > 0 ? { ...gauged, known: learnFromDabs(gauged, stays, dabs, gauged.known) } : gauged;
  const { dye, quick } = rest;
  const goesOnH =
    gauged === planned
      ? ((quick ?? dye?.own)?.goesOnH.mid ?? dye?.coolFirstH.mid ?? 0)
      : (fallsInH(gauged.startC, GOES_ON_BELOW_C, kitchenTempC, gauged.coolingH) ?? 0);
  return { clock, stays, goesOnH };
}

/**
 * Places a rest plan on the clock, from the moment the paste was mixed. Middles of the bands. A bowl that was put in
 * the fridge or the freezer slows down or stops, and is spoiled there before its dye is gone; a dab says how far it is.
 * @param since where it was put when; what came before it was mixed only says where it stood then
 */
export function restWindow(rest: RestPlan, mixedMs: number, kitchenTempC = 21, since: Since = NOTHING): RestWindow {
  const at = (hours: number, fromMs = mixedMs): number => Math.round(fromMs + hours * HOUR_MS);
  const going = dyeGoing(rest, mixedMs, kitchenTempC, since);
  const stays = going?.stays ?? staysOf(mixedMs, kitchenTempC, since);
  const stayed = stays.every(({ tempC }) => tempC === kitchenTempC);
  if (!going) {
    const history = { startC: kitchenTempC, coolingH: coolingHOf(500), stays };
    const soakedH = stayed ? rest.restMin / 60 : movedSoakH(rest.restMin / 60, kitchenTempC, history);
    return { kind: "soak", mixedMs, readyMs: at(soakedH) };
  }
  const { dye } = rest;
  if (dye && !dye.own && stayed && !since.dabs?.length && !since.gauges?.length) {
    const { readyH, peakH, useByH } = dye[dye.school];
    const fromMs = mixedMs + dye.coolFirstH.mid * HOUR_MS;
    return {
      kind: "dye",
      mixedMs,
      readyMs: at(readyH.mid, fromMs),
      bestMs: at(peakH.mid, fromMs),
      peakMs: at(peakH.mid, fromMs),
      useByMs: at(useByH.mid, fromMs),
    };
  }
  const { clock, goesOnH } = going;
  const hours = releaseAlong(clock, stays);
  const useByH = goodUntilH(clock, stays, hours);
  return {
    kind: "dye",
    mixedMs,
    readyMs: at(Math.max(goesOnH, hours.readyH)),
    bestMs: at(Math.max(goesOnH, hours.bestH)),
    peakMs: at(hours.peakH),
    ...(useByH < FOLLOWED_H ? { useByMs: at(useByH) } : {}),
  };
}
