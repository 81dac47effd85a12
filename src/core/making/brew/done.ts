import { LIMITS } from "../../limits";
import type { MakingWay } from "../method";
import { keptBy, tauFor, type Draw } from "./figures";
import { dissolvedIn, drawnOf } from "./outcome";
import { legsOf } from "./pot";
import { BREW_WAYS, type Brew } from "./said";

/** It is done when so much of what dissolves has been drawn. */
export const DONE_SHARE = 0.9;
/** Until the time is found to a quarter of a percent. */
const HALVINGS = 12;
const LONGEST_MIN = LIMITS.brewMin.max;

/** Minutes until it is done; where it never is, until it has nearly all it will get there. */
export function doneMin(brew: Brew, draw: Draw): { readonly minutes: number; readonly reached: number } {
  const pourG = brew.wantMl + keptBy(draw);
  const drawnAt = (minutes: number) => drawnOf(draw, dissolvedIn(draw, legsOf(brew, draw, pourG, minutes / 60)));
  const most = drawnAt(LONGEST_MIN);
  const target = most >= DONE_SHARE ? DONE_SHARE : 0.97 * most;
  let [low, high]: [number, number] = [LIMITS.brewMin.min, LONGEST_MIN];
  for (let i = 0; i < HALVINGS; i++) {
    const middle = Math.sqrt(low * high);
    if (drawnAt(middle) < target) low = middle;
    else high = middle;
  }
  return { minutes: high, reached: target };
}

/** As a clock in a kitchen is read. */
export const onAClock = (minutes: number): number =>
  minutes < 20 ? Math.ceil(minutes) : minutes < 120 ? Math.ceil(minutes / 5) * 5 : Math.ceil(minutes / 30) * 30;

/** Every way that needs no second number, and how long it takes to be done. */
export function schoolsOf(brew: Brew, draw: Draw): MakingWay[] {
  return BREW_WAYS.filter((way) => way !== "reduced").flatMap((way) => {
    const other = { ...brew, way };
    const { minutes, reached } = doneMin(other, { ...draw, tau500H: tauFor(other).value });
    return reached >= DONE_SHARE ? [{ way, minutes: onAClock(minutes) }] : [];
  });
}
