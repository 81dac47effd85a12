/** The spoons a household owns; a setting. */
export const SPOON_SETS = ["us", "metric", "australian"] as const;
export type SpoonSet = (typeof SPOON_SETS)[number];

/** What the household's own spoons hold, ml, as found by weighing water in them, and which of them it owns. */
export interface OwnSpoons {
  readonly tsp: number;
  readonly tbsp: number;
  readonly cup: number;
  /** The smallest part of a teaspoon there is a spoon for. */
  readonly leastTsp: (typeof LEAST_TSP)[number];
  readonly hasCup: boolean;
}
export const LEAST_TSP = [0.125, 0.25, 0.5, 1] as const;

export type Spoons = SpoonSet | OwnSpoons;

/** How full a spoon is. */
export const FILLS = ["scant", "level", "rounded", "heaped"] as const;
export type Fill = (typeof FILLS)[number];

export const UNITS = ["g", "ml", "tsp", "tbsp", "cup", "drop", "piece"] as const;
export type Unit = (typeof UNITS)[number];

/**
 * Millilitres in one spoon or cup.
 * @source US customary: NIST Handbook 44, appendix C (from memory: the cup is 236.588 ml, the tablespoon 1/16,
 * the teaspoon 1/48 of it). Metric and Australian: common practice; the Australian tablespoon holds four teaspoons.
 */
export const SPOON_ML: Readonly<
  Record<SpoonSet, { readonly tsp: number; readonly tbsp: number; readonly cup: number }>
> = {
  us: { tsp: 4.92892, tbsp: 14.7868, cup: 236.588 },
  metric: { tsp: 5, tbsp: 15, cup: 250 },
  australian: { tsp: 5, tbsp: 20, cup: 250 },
};

/** Millilitres of each of these spoons. */
export const spoonMl = (spoons: Spoons): Pick<OwnSpoons, "tsp" | "tbsp" | "cup"> =>
  typeof spoons === "string" ? SPOON_ML[spoons] : spoons;

const kept = (spoons: Spoons): Pick<OwnSpoons, "leastTsp" | "hasCup"> =>
  typeof spoons === "string" ? { leastTsp: 0.25, hasCup: true } : spoons;
export const leastTsp = (spoons: Spoons): number => kept(spoons).leastTsp;
export const hasCup = (spoons: Spoons): boolean => kept(spoons).hasCup;
