import { fromMemory, type Band } from "../../figure";

/** °C at which a fat is melted, and so sets from below. @source handbook ranges of melting points (from memory) */
const MELTS_C: Readonly<Record<string, number>> = {
  "coconut-oil": 24.5,
  "shea-butter": 33,
  "cocoa-butter": 34,
  "mango-butter": 33,
  "kokum-butter": 39,
  "murumuru-butter": 32,
  ghee: 31,
  lanolin: 38,
};
const GAS_J_PER_MOL_K = 8.314;
/** J/mol that a fat takes to melt. */
const MELTING = fromMemory(130_000, 90_000, 170_000, "heats of fusion of triglycerides, 90–170 kJ/mol");

/**
 * °C below which a mixture of fats begins to set: the ideal solubility of each in the rest, the highest counts.
 * @source Hildebrand's ideal solubility, ln x = −ΔH/R (1/T − 1/Tm)
 */
export function setsAtC(fats: readonly { readonly id: string; readonly massG: number }[]): Band | undefined {
  const totalG = fats.reduce((sum, { massG }) => sum + massG, 0);
  const at = (joules: number) =>
    Math.max(
      ...fats.map(({ id, massG }) => {
        const melts = MELTS_C[id];
        if (melts === undefined || !(massG > 0)) return -Infinity;
        return 1 / (1 / (melts + 273.15) - (GAS_J_PER_MOL_K * Math.log(massG / totalG)) / joules) - 273.15;
      }),
    );
  const [low, mid, high] = [at(MELTING.low), at(MELTING.value), at(MELTING.high)];
  return Number.isFinite(mid) && mid > 0 ? { low: low - 1, mid, high: high + 1 } : undefined;
}
