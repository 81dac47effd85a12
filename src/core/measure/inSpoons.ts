import { SPOON_ML, type SpoonSet } from "./units";

/** A volume as a person would measure it: whole cups and tablespoons, and teaspoons to the quarter. */
export interface SpoonAmount {
  readonly cups: number;
  readonly tbsp: number;
  readonly tsp: number;
  /** What those spoons hold, ml; its distance from what was asked is the rounding. */
  readonly volumeMl: number;
}

/**
 * Millilitres into spoons, as finely as a spoon is worth: below 2 tablespoons to the quarter teaspoon, below 4 to the
 * half, below 8 to the whole; then whole tablespoons; from a cup up quarter cups and the tablespoons over, from four
 * cups up quarter cups alone. Anything above zero comes out as at least a quarter teaspoon.
 */
export function inSpoons(ml: number, spoons: SpoonSet): SpoonAmount {
  const size = SPOON_ML[spoons];
  if (!(ml > 0) || !Number.isFinite(ml)) return { cups: 0, tbsp: 0, tsp: 0, volumeMl: 0 };
  if (ml >= 4 * size.cup) return amount(Math.round((ml / size.cup) * 4) / 4, 0, 0, spoons);
  if (ml >= size.cup - size.tbsp / 2) {
    const cups = Math.floor((ml / size.cup) * 4 + 1e-9) / 4;
    const over = Math.round((ml - cups * size.cup) / size.tbsp);
    // A quarter cup is no whole number of metric tablespoons; the nearer of the two ways is said.
    const next = cups + 0.25;
    return Math.abs(next * size.cup - ml) < Math.abs(cups * size.cup + over * size.tbsp - ml) ? amount(next, 0, 0, spoons) : amount(cups, over, 0, spoons);
  }
  const perTbsp = Math.round(size.tbsp / size.tsp);
  const grain = ml < 2 * size.tbsp ? 0.25 : ml < 4 * size.tbsp ? 0.5 : ml < 8 * size.tbsp ? 1 : perTbsp;
  const teaspoons = Math.max(0.25, Math.round(ml / size.tsp / grain) * grain);
  const tbsp = Math.floor(teaspoons / perTbsp + 1e-9);
  return amount(0, tbsp, teaspoons - tbsp * perTbsp, spoons);
}

function amount(cups: number, tbsp: number, tsp: number, spoons: SpoonSet): SpoonAmount {
  const size = SPOON_ML[spoons];
  return { cups, tbsp, tsp, volumeMl: cups * size.cup + tbsp * size.tbsp + tsp * size.tsp };
}
