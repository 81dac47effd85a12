import { estimate, type Figure } from "../figure";
import type { StrandSize } from "../head";

/** Zeros of the Bessel function J₀. @source Abramowitz & Stegun, table 9.5 (from memory) */
export const J0_ZEROS = [
  2.404825557695773, 5.520078110286311, 8.653727912911013, 11.791534439014281, 14.930917708487787, 18.071063967910924,
  21.211636629879258, 24.352471530749302, 27.493479132040255, 30.634606468431976,
];
/** Below this X the long series would need more zeros. */
const SHORT_X = 0.02;

/**
 * Share of all that a cylinder takes up in the end, at X = D t / a²: 1 − Σ 4/αₙ² e^(−αₙ² X); for short times
 * 4√(X/π) − X − X^1.5/(3√π).
 * @source Crank, The Mathematics of Diffusion, 1975, ch. 5 (from memory)
 */
export function uptakeAt(x: number): number {
  if (!(x > 0)) return 0;
  if (x < SHORT_X) return 4 * Math.sqrt(x / Math.PI) - x - x ** 1.5 / (3 * Math.sqrt(Math.PI));
  return 1 - J0_ZEROS.reduce((sum, zero) => sum + (4 / zero ** 2) * Math.exp(-(zero ** 2) * x), 0);
}

/** m across of a strand. @source Robbins: human hair 50–100 µm (from memory), the words are our own */
export const STRAND_M: Readonly<Record<StrandSize, Figure>> = {
  fine: estimate(55e-6, 45e-6, 62e-6),
  medium: estimate(70e-6, 60e-6, 80e-6),
  coarse: estimate(88e-6, 78e-6, 105e-6),
};
/** m²/s at 25 °C: a fit to practice, 80 % in two and a half hours into a strand of 70 µm. */
export const DYE_INTO_HAIR = estimate(2.9e-14, 1.4e-14, 6e-14, "calibrated: two to three hours on");
/** How that goes with warmth, J/mol. */
export const DIFFUSION_ENERGY = estimate(50_000, 30_000, 75_000, "into keratin; warm caps shorten it by a third or so");
const GAS_CONSTANT = 8.314462618;

/** °C of hair under paste. @source common practice */
export const WORN_C = { open: 25, cap: 31, heat: 38 } as const;
export type WornWarm = keyof typeof WORN_C;

/** Share of what a strand takes up in the end, after so many hours. */
export function takenUp(hours: number, strand: StrandSize, tempC: number): number {
  const diffusion =
    DYE_INTO_HAIR.value * Math.exp((-DIFFUSION_ENERGY.value / GAS_CONSTANT) * (1 / (tempC + 273.15) - 1 / 298.15));
  return uptakeAt((diffusion * Math.max(0, hours) * 3600) / (STRAND_M[strand].value / 2) ** 2);
}
