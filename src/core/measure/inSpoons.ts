import { hasCup, leastTsp, spoonMl, type Spoons } from "./units";

/** A volume as a person would measure it: whole cups and tablespoons, and teaspoons as fine as there is a spoon for. */
export interface SpoonAmount {
  readonly cups: number;
  readonly tbsp: number;
  readonly tsp: number;
  /** What those spoons hold, ml; its distance from what was asked is the rounding. */
  readonly volumeMl: number;
}

/**
 * Millilitres into the spoons that a maker owns, as finely as a spoon is worth: below 2 tablespoons to the smallest
 * teaspoon, below 4 to the half, below 8 to the whole; then whole tablespoons; from a cup up quarter cups and the
 * tablespoons over, from four cups up quarter cups alone; without a cup tablespoons all the way. Anything above zero
 * comes out as at least the smallest spoon.
 */
export function inSpoons(ml: number, spoons: Spoons): SpoonAmount {
  const size = spoonMl(spoons);
  const least = leastTsp(spoons);
  if (!(ml > 0) || !Number.isFinite(ml)) return { cups: 0, tbsp: 0, tsp: 0, volumeMl: 0 };
  if (hasCup(spoons)) {
    if (ml >= 4 * size.cup) return amount(Math.round((ml / size.cup) * 4) / 4, 0, 0, spoons);
    if (ml >= size.cup - size.tbsp / 2) {
      const cups = Math.floor((ml / size.cup) * 4 + 1e-9) / 4;
      const over = Math.round((ml - cups * size.cup) / size.tbsp);
      // A quarter cup is no whole number of metric tablespoons; the nearer of the two ways is said.
      const next = cups + 0.25;
      return Math.abs(next * size.cup - ml) < Math.abs(cups * size.cup + over * size.tbsp - ml)
        ? amount(next, 0, 0, spoons)
        : amount(cups, over, 0, spoons);
    }
  }
  if (ml >= 8 * size.tbsp) return amount(0, Math.round(ml / size.tbsp), 0, spoons);
  const grain = Math.max(least, ml < 2 * size.tbsp ? 0.25 : ml < 4 * size.tbsp ? 0.5 : 1);
  const finest = ml < size.tsp / 2 ? least : grain;
  // Own spoons need not hold whole numbers of each other: as many tablespoons as go in, the rest in teaspoons.
  const tbsp = Math.floor((ml + (finest * size.tsp) / 2) / size.tbsp + 1e-9);
  const tsp = Math.round(Math.max(0, ml - tbsp * size.tbsp) / size.tsp / finest) * finest;
  return tbsp === 0 && tsp === 0 ? amount(0, 0, least, spoons) : amount(0, tbsp, tsp, spoons);
}

function amount(cups: number, tbsp: number, tsp: number, spoons: Spoons): SpoonAmount {
  const size = spoonMl(spoons);
  return { cups, tbsp, tsp, volumeMl: cups * size.cup + tbsp * size.tbsp + tsp * size.tsp };
}
