import { inSpoons, spoonMl, type SpoonAmount, type Spoons } from "../measure";

export interface RoundedLine {
  readonly line: number;
  readonly spoons: SpoonAmount;
}
export interface RoundedBlend {
  readonly lines: readonly RoundedLine[];
  /** The line furthest from its share, as a part of it: 0.04 is 4 % off. */
  readonly worst: number;
  /** The whole against what it was. */
  readonly scale: number;
  readonly scoops: number;
}

/** Proportions may shift by this much, and the whole by as much. Common practice: a level spoon is no surer. */
export const ROUNDING_TOLERANCE = 0.1;
const SCALES = 61;

/** How often one dips a spoon: cups by quarters, spoons whole, and a teaspoon's fractions by what makes them up. */
export function scoopsOf({ cups, tbsp, tsp }: SpoonAmount): number {
  const whole = Math.floor(tsp);
  const part = Math.round((tsp - whole) * 8);
  const parts = [0, 1, 1, 2, 1, 2, 2, 3][part] ?? 1;
  return Math.ceil(cups * 4 - 1e-9) / (cups >= 1 ? 2 : 1) + tbsp + whole + parts;
}

/** Clean amounts near a volume: to the tablespoon, the teaspoon, its half and its quarter. */
function choices(ml: number, spoons: Spoons): SpoonAmount[] {
  const { tsp, tbsp } = spoonMl(spoons);
  return [tbsp, tbsp / 2, tsp, tsp / 2, tsp / 4].flatMap((grain) => {
    const volume = Math.round(ml / grain) * grain;
    return volume > 0 ? [inSpoons(volume, spoons)] : [];
  });
}

/**
 * A whole blend in clean spoons: of all sizes near its own and all roundings that keep each line within the tolerance
 * of its share, the one with the fewest spoons to level; of those the truest.
 *
 * @param volumesMl of the lines as they are, ml > 0
 * @returns undefined where no rounding keeps the proportions, or there is nothing to round
 */
export function roundBlend(
  volumesMl: readonly number[],
  spoons: Spoons,
  tolerance = ROUNDING_TOLERANCE,
): RoundedBlend | undefined {
  if (volumesMl.length === 0 || volumesMl.some((ml) => !(ml > 0) || !Number.isFinite(ml))) return undefined;
  const whole = volumesMl.reduce((sum, ml) => sum + ml, 0);
  let best: RoundedBlend | undefined;
  for (let i = 0; i < SCALES; i++) {
    const factor = 1 - tolerance + (2 * tolerance * i) / (SCALES - 1);
    const picked = volumesMl.map((ml) => {
      const near = choices(ml * factor, spoons).filter(
        ({ volumeMl }) => Math.abs(volumeMl / (ml * factor) - 1) <= tolerance,
      );
      return near.sort((a, b) => scoopsOf(a) - scoopsOf(b))[0] ?? inSpoons(ml * factor, spoons);
    });
    const sum = picked.reduce((total, { volumeMl }) => total + volumeMl, 0);
    const worst = Math.max(
      ...picked.map(({ volumeMl }, line) => Math.abs(volumeMl / sum / (volumesMl[line] / whole) - 1)),
    );
    const scale = sum / whole;
    if (worst > tolerance || Math.abs(scale - 1) > tolerance) continue;
    const scoops = picked.reduce((total, one) => total + scoopsOf(one), 0);
    if (!best || scoops < best.scoops - 1e-9 || (Math.abs(scoops - best.scoops) < 1e-9 && worst < best.worst))
      best = { lines: picked.map((spoonsOf, line) => ({ line, spoons: spoonsOf })), worst, scale, scoops };
  }
  return best;
}
