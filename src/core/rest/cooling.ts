import { estimate, propagate, type Band } from "../figure";

/** Hours in which a covered kitchen bowl loses 63 % of what separates it from the room. */
export const BOWL_COOLING_H = estimate(0.8, 0.4, 1.4, "a covered bowl of half a litre");

/**
 * Hours until a bowl falls from `fromC` to `toC` in a kitchen of `roomC`; zero where it is there already.
 * Undefined where the room is too warm for it ever to get there.
 * @source Newton's law of cooling
 */
export function coolingH(fromC: number, toC: number, roomC: number): Band | undefined {
  if (fromC <= toC) return { low: 0, mid: 0, high: 0 };
  if (roomC >= toC) return undefined;
  return propagate([BOWL_COOLING_H], 1, (x, out) => {
    out[0] = x[0] * Math.log((fromC - roomC) / (toC - roomC));
  })[0];
}

/**
 * Temperature of a fresh mix, °C: the liquid gives its heat to the powder, whose solids hold about 0.4 of what
 * water holds by mass. @source heat balance; specific heat of dry plant matter ≈ 1.6 J/g K (from memory)
 */
export function mixTempC(liquidG: number, liquidC: number, solidsG: number, roomC: number): number {
  const liquid = liquidG;
  const solids = 0.4 * solidsG;
  return liquid + solids > 0 ? (liquid * liquidC + solids * roomC) / (liquid + solids) : roomC;
}
