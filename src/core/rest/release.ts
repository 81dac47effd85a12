import { estimate, propagate, type Band, type Uncertain } from "../figure";
import type { KnownOfDye } from "../material";
import { acidShare, HALF_ACID } from "./acid";
import { BOWL_COOLING_H, fallsInH } from "./cooling";
import { crossing } from "./crossing";
import {
  DYE_MODEL_MAX_C,
  DYE_RATES,
  freeDye,
  INDIGO_ENERGY,
  INDIGO_HALF_ACID,
  INDIGO_RATES,
  LOSS_ENERGY,
  peakTimeH,
  rateAt,
  READY_SHARE,
  RELEASE_ENERGY,
  type School,
} from "./dye";
import { FOLLOWED_H, SETTLED_C, stretches, type Stay } from "./history";

/** Dye powder of one kind or one jar, beside the others of the bowl. */
export interface DyeLot {
  /** Of all the dye powder, 0–1. */
  readonly share: number;
  /** How fast it goes beside the tables', and how much it gives. */
  readonly pace: number;
  readonly strength: number;
}
/** A dye paste's own clock: what its hours are worked out from. */
export interface DyeClock {
  /** Indigo goes by minutes and wants no acid; all others are released like henna. */
  readonly quick?: true;
  /** Where not all of the dye is as the tables have it. */
  readonly lots?: readonly DyeLot[];
  /** What dabs on the palm said of this bowl, or of its jars before, besides. */
  readonly known?: KnownOfDye;
  /** g of citric-acid equivalents a gram of dye powder. */
  readonly acidPerG: number;
  /** °C of the bowl as it was mixed. */
  readonly startC: number;
  /** Hours in which it loses 63 % of what separates it from its place, at the middle of that figure. */
  readonly coolingH: number;
}
/** Hours from mixing. */
export interface ReleaseHours {
  readonly readyH: number;
  /** From here on it has nearly all it will ever have. */
  readonly bestH: number;
  readonly peakH: number;
  /** Left out where it keeps longer than it is followed. */
  readonly useByH?: number;
}

/** It is at its best from this share of the most that this history ever frees. */
export const BEST_SHARE = 0.95;
/** Ready and use-by never ask for more than this share of a history's own most, so that nothing jumps. */
const OWN_SHARE = 0.9;
/** Nothing is put on that is warmer. @source common practice; skin burns from about 44 °C on for long (from memory) */
export const GOES_ON_BELOW_C = 40;
/** Above 45 °C rates are held, and this much is not known about them. */
const HOT = estimate(1, 0.5, 1.7, "nobody has measured it; above about 60 °C the leaf's own enzyme is spoiled");
/** Around the calibrated rates of both schools alike. */
const RELEASE_FACTOR = estimate(1, 0.69, 1.39, "calibrated");
const LOSS_FACTOR = estimate(1, 0.66, 1.4, "calibrated");

/** Everything that is not sure, in the order in which it is read. */
interface Unsure {
  readonly release: number;
  readonly loss: number;
  readonly releaseJ: number;
  readonly lossJ: number;
  readonly halfAcid: number;
  readonly hot: number;
  /** Of the middle of how fast a bowl cools. */
  readonly cooling: number;
}
const COOLING: Uncertain = {
  value: 1,
  low: BOWL_COOLING_H.low / BOWL_COOLING_H.value,
  high: BOWL_COOLING_H.high / BOWL_COOLING_H.value,
};
const UNSURE: readonly Uncertain[] = [
  RELEASE_FACTOR,
  LOSS_FACTOR,
  RELEASE_ENERGY,
  LOSS_ENERGY,
  HALF_ACID,
  HOT,
  COOLING,
];
const unsureOf = ([release, loss, releaseJ, lossJ, halfAcid, hot, cooling]: ArrayLike<number> &
  Iterable<number>): Unsure => ({ release, loss, releaseJ, lossJ, halfAcid, hot, cooling });
const MIDDLE = unsureOf(UNSURE.map(({ value }) => value));

type Kind = Pick<DyeClock, "acidPerG" | "quick">;
/** Rates at 21 °C, 1/h: between both schools for what is released like henna. */
function ratesFor({ acidPerG, quick }: Kind, { release, loss, halfAcid }: Unsure): readonly [number, number] {
  if (quick) return [release * INDIGO_RATES.releasePerH.value, loss * INDIGO_RATES.lossPerH.value];
  const s = acidShare(acidPerG, halfAcid);
  const between = (plain: number, acid: number) => plain ** (1 - s) * acid ** s;
  return [
    release * between(DYE_RATES.plain.releasePerH.value, DYE_RATES.acid.releasePerH.value),
    loss * between(DYE_RATES.plain.lossPerH.value, DYE_RATES.acid.lossPerH.value),
  ];
}
/**
 * What a paste of this acid has free at the most, kept at 21 °C, of powder as the tables have it and without what acid
 * takes from indigo: the fixed yardstick of all its histories.
 */
export function yardstickOf(kind: Kind): number {
  const [k1, k2] = ratesFor(kind, MIDDLE);
  return freeDye(peakTimeH(k1, k2), k1, k2);
}

/** The dye of one lot that is bound and free where a stretch begins. */
interface LotThen {
  readonly k1: number;
  readonly k2: number;
  readonly bound: number;
  readonly free: number;
}
interface Piece {
  readonly fromH: number;
  readonly forH: number;
  readonly lots: readonly LotThen[];
  /** Free where it begins and where it ends. */
  readonly free: number;
  readonly freeAfter: number;
}
/** Free dye of a lot, so many hours into a stretch. @source Bateman 1910 */
const freeOfLot = ({ k1, k2, bound, free }: LotThen, hours: number): number =>
  free * Math.exp(-k2 * hours) + bound * freeDye(hours, k1, k2);
const sumOf = (lots: readonly LotThen[], of: (lot: LotThen) => number): number => {
  let sum = 0;
  for (const lot of lots) sum += of(lot);
  return sum;
};
const freeIn = ({ lots }: Pick<Piece, "lots">, hours: number): number => sumOf(lots, (lot) => freeOfLot(lot, hours));
/** How fast it grows there, 1/h. */
const growthIn = ({ lots }: Piece, hours: number): number =>
  sumOf(lots, (lot) => lot.k1 * lot.bound * Math.exp(-lot.k1 * hours) - lot.k2 * freeOfLot(lot, hours));
/** 1/h of the quickest, for a first guess. */
const paceOf = ({ lots }: Piece): number => Math.max(...lots.map(({ k1, k2 }) => k1 + k2));

const ALL_ALIKE: readonly DyeLot[] = [{ share: 1, pace: 1, strength: 1 }];
function piecesOf(clock: DyeClock, stays: readonly Stay[], unsure: Unsure): Piece[] {
  const { acidPerG, quick, lots = ALL_ALIKE, known, startC, coolingH } = clock;
  const pieces: Piece[] = [];
  const [k1At21, k2At21] = ratesFor(clock, unsure);
  const [faster, stronger] = [known?.pace.value ?? 1, known?.strength.value ?? 1];
  const blue = quick ? 1 - acidShare(acidPerG, INDIGO_HALF_ACID.value) : 1;
  const indigoJ = (INDIGO_ENERGY.value * unsure.releaseJ) / RELEASE_ENERGY.value;
  let then = lots.map(({ share, strength }) => ({ bound: share * strength * stronger * blue, free: 0 }));
  for (const { fromH, forH, tempC } of stretches({ startC, coolingH: coolingH * unsure.cooling, stays })) {
    // Frozen, nothing goes on.
    const pace = tempC < 0 ? 0 : tempC > DYE_MODEL_MAX_C ? unsure.hot : 1;
    const heldC = Math.min(DYE_MODEL_MAX_C, tempC);
    const k1 = faster * pace * rateAt(k1At21, quick ? indigoJ : unsure.releaseJ, heldC);
    const k2 = faster * pace * rateAt(k2At21, quick ? indigoJ : unsure.lossJ, heldC);
    const its = then.map((lot, i): LotThen => ({ k1: k1 * lots[i].pace, k2: k2 * lots[i].pace, ...lot }));
    then = its.map((lot) => ({ bound: lot.bound * Math.exp(-lot.k1 * forH), free: freeOfLot(lot, forH) }));
    const free = pieces.at(-1)?.freeAfter ?? 0;
    pieces.push({ fromH, forH, lots: its, free, freeAfter: then.reduce((sum, one) => sum + one.free, 0) });
  }
  return pieces;
}

/** Hours into a piece at which it has the most, and how much. */
function mostIn(piece: Piece): readonly [hours: number, free: number] {
  const { free, freeAfter, forH } = piece;
  if (!(growthIn(piece, 0) > 0)) return [0, free];
  if (growthIn(piece, forH) > 0) return [forH, freeAfter];
  const far = reaches((h) => -growthIn(piece, h), 1 / paceOf(piece), forH);
  const hours = crossing((h) => -growthIn(piece, h), 0, far);
  return [hours, freeIn(piece, hours)];
}
/** From a first guess on, twice as far each time, until `f` is above zero. */
function reaches(f: (hours: number) => number, first: number, most: number): number {
  let far = Math.min(most, first);
  while (far < most && f(far) <= 0) far = Math.min(most, 2 * far);
  return far;
}

function hoursOf(pieces: readonly Piece[], kind: Kind): ReleaseHours {
  const tops = pieces.map(mostIn);
  const at = tops.reduce((best, [, free], i) => (free > tops[best][1] * (1 + 1e-12) ? i : best), 0);
  const [peakIn, most] = tops[at];
  const peakH = pieces[at].fromH + peakIn;
  /** The first hour at which so much is free; the peak at the latest. */
  const risesTo = (level: number): number => {
    const i = tops.findIndex(([, free]) => free >= level);
    const piece = pieces[i];
    if (!piece) return peakH;
    return piece.fromH + (piece.free >= level ? 0 : crossing((h) => freeIn(piece, h) - level, 0, tops[i][0]));
  };
  const level = Math.min(READY_SHARE * yardstickOf(kind), OWN_SHARE * most);
  const last = pieces.findIndex(({ freeAfter }, i) => i >= at && freeAfter < level);
  const hours = { readyH: risesTo(level), bestH: risesTo(BEST_SHARE * most), peakH };
  if (last < 0) return hours;
  const piece = pieces[last];
  const from = last === at ? peakIn : 0;
  const below = (h: number) => level - freeIn(piece, h);
  const far = reaches(below, from + 1 / paceOf(piece), piece.forH);
  return { ...hours, useByH: piece.fromH + crossing(below, from, far) };
}

/**
 * When a dye paste is ready, at its best, at its peak and to be used by, along its own warmth: two first-order steps
 * with rates that follow it. Ready and use-by stand at 80 % of what this acid frees at the most at a steady 21 °C, or
 * at 90 % of this history's own most where that is less.
 *
 * @param stays where it stands from when, in order, the first from 0 on; below 0 °C nothing goes on
 * @source Bateman 1910 piece by piece, Arrhenius, Newton's law of cooling; middles of our own rates
 */
export const releaseAlong = (clock: DyeClock, stays: readonly Stay[]): ReleaseHours =>
  hoursOf(piecesOf(clock, stays, MIDDLE), clock);

const SURE = { low: 1, high: 1 };
/** Shorter than this, h, is at once. */
const LEAST_H = 1 / 120;

/** The same as bands over everything that is not sure; `useByH` ends where it is no longer followed. */
export interface ReleaseBands {
  readonly readyH: Band;
  readonly bestH: Band;
  readonly peakH: Band;
  readonly useByH: Band;
  /** From here on it is cool enough for a scalp. */
  readonly goesOnH: Band;
}
export function releaseBands(clock: DyeClock, stays: readonly Stay[]): ReleaseBands {
  const roomC = stays[0]?.tempC ?? clock.startC;
  const isSteady = stays.every(({ tempC }) => Math.abs(tempC - clock.startC) < SETTLED_C);
  const { pace } = clock.known ?? {};
  const unsureOfThis = UNSURE.map((one): Uncertain => {
    // What a bowl that never changes its warmth does not hang on is not asked.
    if (isSteady && (one === HOT || one === COOLING)) return { ...one, ...SURE };
    // Dabs know the pace better than the tables.
    if (pace && (one === RELEASE_FACTOR || one === LOSS_FACTOR))
      return { value: 1, low: pace.low / pace.value, high: pace.high / pace.value };
    return one;
  });
  // Hours are moved by their logarithm: none comes out before the mixing.
  const [readyH, bestH, peakH, useByH, goesOnH] = propagate(unsureOfThis, 5, (values, out) => {
    const unsure = unsureOf(values);
    const hours = hoursOf(piecesOf(clock, stays, unsure), clock);
    const cools = fallsInH(clock.startC, GOES_ON_BELOW_C, roomC, clock.coolingH * unsure.cooling);
    const all = [hours.readyH, hours.bestH, hours.peakH, hours.useByH ?? FOLLOWED_H, cools ?? 0];
    out.set(all.map((h) => Math.log(Math.max(LEAST_H, h))));
  }).map(({ low, mid, high }): Band => {
    const back = (log: number) => Math.min(FOLLOWED_H, Math.exp(log) > LEAST_H * 1.001 ? Math.exp(log) : 0);
    return { low: back(low), mid: back(mid), high: back(high) };
  });
  return { readyH, bestH, peakH, useByH, goesOnH };
}

/** What is free at some hours of a history, as a share of what this acid frees at the most at 21 °C. */
export function strengthAt(clock: DyeClock, stays: readonly Stay[], atH: readonly number[]): number[] {
  const pieces = piecesOf(clock, stays, MIDDLE);
  const whole = yardstickOf(clock);
  return atH.map((hour) => {
    const piece = pieces.findLast(({ fromH }) => fromH <= hour) ?? pieces[0];
    return freeIn(piece, Math.max(0, hour - piece.fromH)) / whole;
  });
}

/** As much acid as a school has at the most, g a gram. */
export const SCHOOL_ACID: Readonly<Record<School, number>> = { acid: 1, plain: 0 };
/** Ready, peak and use-by as bands. */
export type DyeWindow = Pick<ReleaseBands, "readyH" | "peakH" | "useByH">;
/**
 * The window of a school at a steady temperature.
 * @param tempC 0–45; undefined above, where the model does not know
 */
export function dyeWindow(school: School, tempC: number): DyeWindow | undefined {
  if (!(tempC >= 0 && tempC <= DYE_MODEL_MAX_C)) return undefined;
  const clock = { acidPerG: SCHOOL_ACID[school], startC: tempC, coolingH: BOWL_COOLING_H.value };
  const { readyH, peakH, useByH } = releaseBands(clock, [{ fromH: 0, tempC }]);
  return { readyH, peakH, useByH };
}
