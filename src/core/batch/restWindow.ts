import {
  coolingHOf,
  movedSoakH,
  releaseAlong,
  SCHOOL_ACID,
  FOLLOWED_H,
  goodUntilH,
  STANDS_C,
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

/** Where a bowl was put when. */
export interface Move {
  readonly place: Place;
  readonly atMs: number;
}
/** Where it stands from when, hours from its mixing: in the kitchen until it was put elsewhere. */
export const staysOf = (mixedMs: number, kitchenTempC: number, moves: readonly Move[]): Stay[] => [
  { fromH: 0, tempC: kitchenTempC },
  ...moves.map(({ place, atMs }) => ({
    fromH: Math.max(0, (atMs - mixedMs) / HOUR_MS),
    tempC: place === "kitchen" ? kitchenTempC : STANDS_C[place],
  })),
];

/** A bowl that was saved before there was a clock of its own: as warm as the kitchen once it had cooled to 45 °C. */
const olderClock = (school: School, kitchenTempC: number): DyeClock => ({
  acidPerG: SCHOOL_ACID[school],
  startC: kitchenTempC,
  coolingH: coolingHOf(500),
});
/** The clock of a bowl's dye. */
export const dyeClockOf = ({ own, school }: NonNullable<RestPlan["dye"]>, kitchenTempC: number): DyeClock =>
  own?.clock ?? olderClock(school, kitchenTempC);

/**
 * Places a rest plan on the clock, from the moment the paste was mixed. Middles of the bands. A bowl that was put in
 * the fridge or the freezer slows down or stops, and is spoiled there before its dye is gone.
 * @param moves where it was put when; what came before it was mixed only says where it stood then
 */
export function restWindow(
  rest: RestPlan,
  mixedMs: number,
  kitchenTempC = 21,
  moves: readonly Move[] = [],
): RestWindow {
  const stays = staysOf(mixedMs, kitchenTempC, moves);
  const stayed = stays.every(({ tempC }) => tempC === kitchenTempC);
  const at = (hours: number, fromMs = mixedMs): number => Math.round(fromMs + hours * HOUR_MS);
  const { dye } = rest;
  if (!dye) {
    const history = { startC: kitchenTempC, coolingH: coolingHOf(500), stays };
    const soakedH = stayed ? rest.restMin / 60 : movedSoakH(rest.restMin / 60, kitchenTempC, history);
    return { kind: "soak", mixedMs, readyMs: at(soakedH) };
  }
  if (!dye.own && stayed) {
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
  const clock = dyeClockOf(dye, kitchenTempC);
  const hours = releaseAlong(clock, stays);
  const coolH = dye.own?.goesOnH.mid ?? dye.coolFirstH.mid;
  const useByH = goodUntilH(clock, stays, hours);
  return {
    kind: "dye",
    mixedMs,
    readyMs: at(Math.max(coolH, hours.readyH)),
    bestMs: at(Math.max(coolH, hours.bestH)),
    peakMs: at(hours.peakH),
    ...(useByH < FOLLOWED_H ? { useByMs: at(useByH) } : {}),
  };
}
