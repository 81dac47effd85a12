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
 * Millilitres into spoons. Below 2 tablespoons to the quarter teaspoon, up to 4 tablespoons to the half,
 * above to the whole teaspoon; cups only from two cups up in quarter cups, since nobody counts 30 spoons.
 * Anything above zero comes out as at least a quarter teaspoon.
 */
export function inSpoons(ml: number, spoons: SpoonSet): SpoonAmount {
  const size = SPOON_ML[spoons];
  if (!(ml > 0) || !Number.isFinite(ml)) return { cups: 0, tbsp: 0, tsp: 0, volumeMl: 0 };
  if (ml >= 2 * size.cup) {
    const cups = Math.round((ml / size.cup) * 4) / 4;
    return { cups, tbsp: 0, tsp: 0, volumeMl: cups * size.cup };
  }
  const perTbsp = Math.round(size.tbsp / size.tsp);
  const grain = ml < 2 * size.tbsp ? 0.25 : ml < 4 * size.tbsp ? 0.5 : 1;
  const teaspoons = Math.max(0.25, Math.round(ml / size.tsp / grain) * grain);
  const tbsp = Math.floor(teaspoons / perTbsp + 1e-9);
  const tsp = teaspoons - tbsp * perTbsp;
  return { cups: 0, tbsp, tsp, volumeMl: teaspoons * size.tsp };
}
