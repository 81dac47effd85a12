import { point, propagate, propagateGiven, type Band, type Uncertain } from "../figure";
import { DISSOLVED_ML_PER_G, OIL_DENSITY_G_PER_ML, WATER_DENSITY_G_PER_ML, type Material } from "../material";
import type { Amounts, CameTo, Ingredient } from "./method";
import type { Composition } from "./product";

/** What something is made of, g. */
export interface Parts {
  readonly waterG: number;
  readonly oilG: number;
  readonly dissolvedG: number;
  readonly solidsG: number;
}
const SOLIDS_G_PER_ML = 1.5;

export const partsOf = ({ water, oil, dissolving }: Material, massG: number): Parts => ({
  waterG: water.value * massG,
  oilG: oil.value * massG,
  dissolvedG: dissolving.value * massG,
  solidsG: Math.max(0, 1 - water.value - oil.value - dissolving.value) * massG,
});
export const plus = (...all: readonly Parts[]): Parts =>
  all.reduce((a, b) => ({
    waterG: a.waterG + b.waterG,
    oilG: a.oilG + b.oilG,
    dissolvedG: a.dissolvedG + b.dissolvedG,
    solidsG: a.solidsG + b.solidsG,
  }));
export const times = (parts: Parts, by: number): Parts => ({
  waterG: parts.waterG * by,
  oilG: parts.oilG * by,
  dissolvedG: parts.dissolvedG * by,
  solidsG: parts.solidsG * by,
});
export const sumOf = (things: readonly Ingredient[]): Parts =>
  plus(NOTHING, ...things.map(({ material, massG }) => partsOf(material, massG)));
export const NOTHING: Parts = { waterG: 0, oilG: 0, dissolvedG: 0, solidsG: 0 };
export const water = (waterG: number): Parts => ({ ...NOTHING, waterG });
export const gramsOf = ({ waterG, oilG, dissolvedG, solidsG }: Parts): number => waterG + oilG + dissolvedG + solidsG;
export const mlOf = ({ waterG, oilG, dissolvedG, solidsG }: Parts): number =>
  waterG / WATER_DENSITY_G_PER_ML +
  oilG / OIL_DENSITY_G_PER_ML +
  dissolvedG * DISSOLVED_ML_PER_G +
  solidsG / SOLIDS_G_PER_ML;

/** Water that is poured on at first, where some is. */
export const pouredFirst = (waterMl: number): Pick<Amounts, "pourMl"> =>
  waterMl > 0 ? { pourMl: point(waterMl) } : {};

/** What goes three ways: into the product, into what stays behind, and off as steam. Together it is what went in. */
export interface Ways {
  readonly product: Parts;
  readonly restG: number;
  readonly steamG: number;
}

/** g of citric acid a gram of everything together. */
export const acidityOf = (things: readonly Ingredient[], totalG: number): number =>
  totalG > 0
    ? things.reduce((sum, { material, massG }) => sum + (material.acidity?.value ?? 0) * massG, 0) / totalG
    : 0;

/** What there is most of, by mass. */
export const heaviestOf = (things: readonly Ingredient[]): Material =>
  things.reduce((most, one) => (one.massG > most.massG ? one : most)).material;

/** Bands of several outputs, the first of which is the product's mass. */
export const bandsGiven = (
  cameTo: CameTo | undefined,
  ...[figures, outputs, model]: Parameters<typeof propagate>
): Band[] =>
  cameTo
    ? propagateGiven(figures, outputs, model, { output: 0, value: cameTo.massG, error: cameTo.errorG })
    : propagate(figures, outputs, model);

/**
 * Everything that is not sure, moved to its ends: amounts and shares with their bands.
 *
 * @param figures the uncertain figures, in the order in which `run` reads them
 * @param inG     everything that goes in, g
 * @param cameTo  what the product was found to weigh, where it was weighed
 * @param volumeOf ml of a product, where what is dissolved in it takes up another room than sugar does
 */
export function worked(
  figures: readonly Uncertain[],
  inG: number,
  run: (values: ArrayLike<number>) => Ways,
  cameTo: CameTo | undefined,
  volumeOf: (parts: Parts) => number = mlOf,
): {
  readonly amounts: Amounts;
  readonly composition: Pick<Composition, "water" | "oil" | "dissolving" | "densityGPerMl">;
  readonly middle: Ways;
} {
  const middle = run(figures.map(({ value }) => value));
  const bands: Band[] = bandsGiven(cameTo, figures, 8, (values, out) => {
    const { product, restG, steamG } = run(values);
    const [grams, ml] = [gramsOf(product), volumeOf(product)];
    const whole = Math.max(grams, 1e-9);
    out.set([
      grams,
      ml,
      restG,
      steamG,
      product.waterG / whole,
      product.oilG / whole,
      product.dissolvedG / whole,
      grams / Math.max(ml, 1e-9),
    ]);
  });
  const [productG, productMl, restG, steamG, waterShare, oil, dissolving, densityGPerMl] = bands;
  return {
    amounts: { inG: point(inG), productG, productMl, restG, steamG },
    composition: { water: waterShare, oil, dissolving, densityGPerMl },
    middle,
  };
}
