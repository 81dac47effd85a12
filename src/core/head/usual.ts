import { normalShare, Z95, type Band } from "../figure";
import { PURPOSE, type PurposeId } from "./purpose";

/** What is learnt apart: masks and what is like them, and dyes that are packed. */
export const USUAL_KINDS = ["mask", "dye"] as const;
export type UsualKind = (typeof USUAL_KINDS)[number];
export const usualKindOf = (purpose: PurposeId): UsualKind => (PURPOSE[purpose].dye ? "dye" : "mask");

/** A head's own amount beside the model's: ln of it, and how many weighed bowls that comes from. */
export interface Usual {
  readonly mean: number;
  readonly sd: number;
  readonly sessions: number;
}
/** Before the first weighed bowl, with the head's measures in it: ln 0.61–1.64. Estimate. */
export const NO_SESSION: Usual = { mean: 0, sd: 0.3, sessions: 0 };
/** From one bowl to the next the same head takes so much more or less, as a spread of ln. Estimate. */
export const SESSION_SD = 0.18;

/** A weighed bowl: ln of what went on her over what the model had her take; where it did not reach, at least that. */
export interface Session {
  readonly lnRatio: number;
  readonly reached: boolean;
}

const density = (z: number): number => Math.exp(-0.5 * z * z) / Math.sqrt(2 * Math.PI);
/** φ(z) / (1 − Φ(z)), also far out, by a continued fraction there. @source Abramowitz & Stegun 26.2.14 (from memory) */
function hazard(z: number): number {
  if (z < 4) return density(z) / normalShare(-z);
  let tail = z;
  for (let k = 60; k >= 1; k--) tail = z + k / tail;
  return tail;
}
/**
 * What one weighed bowl more says. One that reached is a value; one that did not is a bound, since she would have taken
 * more.
 * @source conjugate normal update; for the bound the moments of a normal cut off below (probit), from memory
 */
export function afterSession({ mean, sd, sessions }: Usual, { lnRatio, reached }: Session): Usual {
  const variance = sd ** 2;
  const together = variance + SESSION_SD ** 2;
  if (reached) {
    const gain = variance / together;
    return { mean: mean + gain * (lnRatio - mean), sd: Math.sqrt(variance * (1 - gain)), sessions: sessions + 1 };
  }
  const spread = Math.sqrt(together);
  const alpha = (lnRatio - mean) / spread;
  const rate = hazard(alpha);
  const left = variance - (variance ** 2 / together) * rate * (rate - alpha);
  return { mean: mean + (variance / spread) * rate, sd: Math.sqrt(Math.max(1e-6, left)), sessions: sessions + 1 };
}
/** What all weighed bowls of a head say together, in their order. */
export const usualOf = (sessions: readonly Session[]): Usual => sessions.reduce(afterSession, NO_SESSION);

/** As factors on the model's amount, 90 %: her usual amount, and one next bowl of hers. */
export const usualBand = ({ mean, sd }: Usual): Band => around(mean, sd);
export const nextBowlBand = ({ mean, sd }: Usual): Band => around(mean, Math.hypot(sd, SESSION_SD));
const around = (mean: number, sd: number): Band => ({
  low: Math.exp(mean - Z95 * sd),
  mid: Math.exp(mean),
  high: Math.exp(mean + Z95 * sd),
});
