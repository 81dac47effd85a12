import type { Figure } from "../../figure";
import type { Gauged } from "../method";
import { coolingReadH, firstAndLast, readOff } from "../gauged";
import { LATENT_KJ_PER_KG } from "../steam";
import type { Brew } from "./said";

/** What readings on the way say of a pot; each left out where nothing was read of it. */
export interface Measured {
  /** g an hour that leave at the boil, through the lid as it lies. */
  readonly steamGPerH?: Figure;
  /** Hours in which the pot loses 63 % of what separates it from the room. */
  readonly coolingH?: Figure;
}

/** A stick is read to a millimetre, a scale to two grams. */
const LEVEL_MM = 1;
const SCALE_G = 2;
const BOILING = ["boil", "reduce"] as const;

/** What boiled off between two readings of the scale, or else of the stick, whose millimetre is the pot's area. */
function steamRead({ potCm }: Brew, gauged: readonly Gauged[]): Figure | undefined {
  const scale = firstAndLast(gauged, "weightG", BOILING);
  const stick = firstAndLast(gauged, "levelMm", BOILING);
  const mlPerMm = (Math.PI / 4) * potCm ** 2 * 0.1;
  const read = scale
    ? { ...scale, gPer: 1, error: SCALE_G }
    : stick && { ...stick, gPer: mlPerMm, error: LEVEL_MM * mlPerMm };
  const lostG = read ? (read.first - read.last) * read.gPer : 0;
  if (!read || lostG <= read.error) return undefined;
  return readOff(lostG / read.hours, Math.min(0.9, Math.hypot(read.error / lostG, 0.05)));
}

/** What was read on the way, as figures. @param gauged in the order it was read */
export function measuredOf(brew: Brew, gauged: readonly Gauged[]): Measured {
  const steamGPerH = steamRead(brew, gauged);
  const coolingH = coolingReadH(gauged, ["stand"], brew.roomC);
  return { ...(steamGPerH ? { steamGPerH } : {}), ...(coolingH ? { coolingH } : {}) };
}

/** A ring's power by what boils off, W. */
export const wattsOf = ({ value, low, high, source }: Figure): Figure => {
  const watts = (gPerH: number) => ((gPerH / 1000) * LATENT_KJ_PER_KG.value) / 3.6;
  return { value: watts(value), low: watts(low), high: watts(high), source };
};
