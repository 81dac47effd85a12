import type { Material } from "../material";
import { FOLLOWED_H, stretches, type BowlHistory } from "./history";

/** What may still be missing when a powder counts as soaked. */
const NEARLY = 0.05;

/**
 * Share of its full holding that a powder has `minutes` after wetting: f + (1 − f)(1 − e^(−t/τ)). Swelling doubles
 * its pace for each 10 °C (an estimate). Things that do not soak answer 1.
 *
 * @param firstShare f, 0–1; defaults to the material's own
 * @source first-order swelling with our own estimates of f and τ
 */
export function soakedShare(material: Material, minutes: number, tempC: number, firstShare?: number): number {
  if (!material.soak) return 1;
  const f = firstShare ?? material.soak.firstShare.value;
  const timeMin = material.soak.timeMin.value * 2 ** ((22 - tempC) / 10);
  return f + (1 - f) * (1 - Math.exp(-Math.max(0, minutes) / timeMin));
}

/** Minutes until a powder has 95 % of its holding; 0 for what has it at once. */
export function soakMin(material: Material, tempC: number): number {
  if (!material.soak) return 0;
  const missing = 1 - material.soak.firstShare.value;
  const timeMin = material.soak.timeMin.value * 2 ** ((22 - tempC) / 10);
  return missing <= NEARLY ? 0 : timeMin * Math.log(missing / NEARLY);
}

/**
 * Hours until a herb paste that is moved about has soaked as far as `soakH` hours at `atC` would take it. Swelling
 * halves its pace for each 10 °C less; frozen, it stands still.
 * @returns hours from the start, at most as long as it is followed
 */
export function movedSoakH(soakH: number, atC: number, history: BowlHistory): number {
  let soaked = 0;
  for (const { fromH, forH, tempC } of stretches(history)) {
    const pace = tempC < 0 ? 0 : 2 ** ((tempC - atC) / 10);
    if (soaked + pace * forH >= soakH) return fromH + (soakH - soaked) / pace;
    soaked += pace * forH;
  }
  return FOLLOWED_H;
}
