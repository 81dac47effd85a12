import { movedDye, movedSoakH, type RestPlan, type Stay } from "../rest";
import type { Place } from "./eventKinds";

/** When a mixed paste is ready, at its best and past it; ms since the epoch. */
export interface RestWindow {
  readonly kind: "dye" | "soak";
  readonly mixedMs: number;
  readonly readyMs: number;
  /** Only for a dye. */
  readonly peakMs?: number;
  /** Only for a dye, and not where it keeps longer than it is followed. */
  readonly useByMs?: number;
}

const MINUTE_MS = 60_000;
const HOUR_MS = 60 * MINUTE_MS;
/** °C where a bowl may be put. @source common practice: household fridges and freezers */
export const PLACE_TEMP_C: Readonly<Record<Exclude<Place, "kitchen">, number>> = { fridge: 4, freezer: -18 };

/**
 * Places a rest plan on the clock, from the moment the paste was mixed. Middles of the bands. A bowl that was put in
 * the fridge or the freezer slows down or stops.
 * @param moves where it was put when; what came before it was mixed only says where it stood then
 */
export function restWindow(
  rest: RestPlan,
  mixedMs: number,
  kitchenTempC = 21,
  moves: readonly { readonly place: Place; readonly atMs: number }[] = [],
): RestWindow {
  const fromMs = mixedMs + (rest.dye?.coolFirstH.mid ?? 0) * HOUR_MS;
  const stays = moves.map(({ place, atMs }): Stay => ({
    fromH: Math.max(0, (atMs - fromMs) / HOUR_MS),
    tempC: place === "kitchen" ? kitchenTempC : PLACE_TEMP_C[place],
  }));
  const at = (hours: number): number => Math.round(fromMs + hours * HOUR_MS);
  const left = stays.every((stay) => stay.tempC === kitchenTempC);
  if (!rest.dye)
    return {
      kind: "soak",
      mixedMs,
      readyMs: left ? mixedMs + rest.restMin * MINUTE_MS : at(movedSoakH(rest.restMin / 60, kitchenTempC, stays)),
    };
  const hours = rest.dye[rest.dye.school];
  if (left)
    return {
      kind: "dye",
      mixedMs,
      readyMs: fromMs + hours.readyH.mid * HOUR_MS,
      peakMs: fromMs + hours.peakH.mid * HOUR_MS,
      useByMs: fromMs + hours.useByH.mid * HOUR_MS,
    };
  const { readyH, peakH, useByH } = movedDye(rest.dye.school, kitchenTempC, stays);
  return {
    kind: "dye",
    mixedMs,
    readyMs: at(readyH),
    peakMs: at(peakH),
    ...(useByH === undefined ? {} : { useByMs: at(useByH) }),
  };
}
