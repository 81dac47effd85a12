import type { RestPlan } from "../rest";

/** When a mixed paste is ready, at its best and past it; ms since the epoch. */
export interface RestWindow {
  readonly kind: "dye" | "soak";
  readonly mixedMs: number;
  readonly readyMs: number;
  /** Only for a dye. */
  readonly peakMs?: number;
  readonly useByMs?: number;
}

const MINUTE_MS = 60_000;
const HOUR_MS = 60 * MINUTE_MS;

/** Places a rest plan on the clock, from the moment the paste was mixed. Middles of the bands. */
export function restWindow(rest: RestPlan, mixedMs: number): RestWindow {
  if (!rest.dye) return { kind: "soak", mixedMs, readyMs: mixedMs + rest.restMin * MINUTE_MS };
  const hours = rest.dye[rest.dye.school];
  const fromMs = mixedMs + rest.dye.coolFirstH.mid * HOUR_MS;
  return {
    kind: "dye", mixedMs,
    readyMs: fromMs + hours.readyH.mid * HOUR_MS,
    peakMs: fromMs + hours.peakH.mid * HOUR_MS,
    useByMs: fromMs + hours.useByH.mid * HOUR_MS,
  };
}
