import { practice } from "../figure";
import { stretches, FOLLOWED_H, type BowlHistory } from "./history";

/** Hours that a wet paste keeps, whatever its dye does. */
export const KEEPS_IN_FRIDGE_H = practice(72, 48, 96, "two to four days in the fridge");
export const KEEPS_IN_KITCHEN_H = practice(48, 30, 72, "two days in the kitchen");
const FRIDGE_C = 4;
const KITCHEN_C = 21;

/** The share of its keeping that an hour takes at some warmth; frozen none. */
function agesPerH(tempC: number): number {
  if (tempC < 0) return 0;
  const [cold, warm] = [1 / KEEPS_IN_FRIDGE_H.value, 1 / KEEPS_IN_KITCHEN_H.value];
  return cold * (warm / cold) ** ((tempC - FRIDGE_C) / (KITCHEN_C - FRIDGE_C));
}

/** Hours from mixing until it is spoiled; as long as it is followed where it is frozen before. */
export function spoilsAtH(history: BowlHistory): number {
  let aged = 0;
  for (const { fromH, forH, tempC } of stretches(history)) {
    const perH = agesPerH(Math.min(KITCHEN_C + 20, tempC));
    if (aged + perH * forH >= 1) return fromH + (1 - aged) / perH;
    aged += perH * forH;
  }
  return FOLLOWED_H;
}
