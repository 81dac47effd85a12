import { estimate, type Figure } from "../figure";
import type { Material } from "../material";

/** Hours in which half a litre of paste in a covered bowl loses 63 % of what separates it from the room. */
export const BOWL_COOLING_H = estimate(1.1, 0.7, 1.6, "a covered bowl of half a litre");
const HALF_LITRE_G = 500;
/** Hours of the same for so much: it goes with the way that the heat has to the wall. */
export const coolingHOf = (massG: number, ofHalfALitreH = BOWL_COOLING_H.value): number =>
  ofHalfALitreH * Math.cbrt(Math.min(4000, Math.max(40, massG)) / HALF_LITRE_G);

/** Heat that a gram takes up for each kelvin, J. @source handbook values (from memory): water, oils, dry plant */
const WATER_J = 4.18;
const OIL_J = 2;
const SOLIDS_J = 1.6;
/** What the bowl itself takes up, J/K: a ceramic one of a quarter of a kilo; a plastic one half of that. */
export const BOWL_J: Figure = estimate(200, 80, 320, "a ceramic bowl of 250 g");

/** Heat that something takes up for each kelvin, J/K: what is water in it as water, a wet base too. */
export const heatOf = ({ water, oil }: Pick<Material, "water" | "oil">, massG: number): number =>
  massG * (water.value * WATER_J + oil.value * OIL_J + Math.max(0, 1 - water.value - oil.value) * SOLIDS_J);

/**
 * Temperature of a fresh mix, °C: everything but the liquid that is poured, and the bowl, stood in the kitchen.
 * @param besidesJPerK heat of what is in the bowl besides it, J/K
 * @source heat balance
 */
export function mixTempC(liquidG: number, liquidC: number, besidesJPerK: number, roomC: number): number {
  const poured = liquidG * WATER_J;
  const cold = besidesJPerK + BOWL_J.value;
  return (poured * liquidC + cold * roomC) / (poured + cold);
}

/** Nearer to its place than this a thermometer says nothing of how a bowl cools, K. */
const TELLS_K = 1;
const COOLS_H = { least: 0.1, most: 12 };
/**
 * How a bowl began and cools, by a thermometer: one reading says how warm it was mixed, two how fast it goes as well.
 * Readings that are as warm as the place, or warmer than the one before, say nothing.
 * @source Newton's law of cooling
 */
export function asGauged<T extends { readonly startC: number; readonly coolingH: number }>(
  bowl: T,
  placeC: number,
  readings: readonly { readonly atH: number; readonly tempC: number }[],
): T {
  const tells = readings.filter(({ atH, tempC }) => atH >= 0 && tempC > placeC + TELLS_K);
  const [first] = tells;
  if (!first) return bowl;
  const last = tells.at(-1)!;
  const ratio = (first.tempC - placeC) / (last.tempC - placeC);
  const coolingH =
    last.atH > first.atH && ratio > 1
      ? Math.min(COOLS_H.most, Math.max(COOLS_H.least, (last.atH - first.atH) / Math.log(ratio)))
      : bowl.coolingH;
  const startC = Math.min(100, placeC + (first.tempC - placeC) * Math.exp(first.atH / coolingH));
  return { ...bowl, coolingH, startC };
}

/**
 * Hours until a bowl falls from `fromC` to `toC` where it is `roomC`; zero where it is there already, undefined where
 * it never gets there.
 * @param coolingH hours in which it loses 63 % of what separates it from the room
 * @source Newton's law of cooling
 */
export function fallsInH(fromC: number, toC: number, roomC: number, coolingH: number): number | undefined {
  if (fromC <= toC) return 0;
  return roomC >= toC ? undefined : coolingH * Math.log((fromC - roomC) / (toC - roomC));
}
