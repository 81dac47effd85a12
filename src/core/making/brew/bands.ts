import { point, propagate, type Band, type Uncertain } from "../../figure";
import type { Amounts, CameTo, Ingredient } from "../method";
import { bandsGiven } from "../parts";
import { drawFrom } from "./figures";
import { densityOf, drawnOf, run, type Outcome } from "./outcome";
import type { Brew } from "./said";

/** Of everything that is not sure: the first pour for what is wanted, and with that pour held what comes of it. */
export function bandsOf(
  brew: Brew,
  figures: readonly Uncertain[],
  things: readonly Ingredient[],
  minutes: number,
  plan: Outcome,
  cameTo: CameTo | undefined,
): Amounts & { readonly share: Band; readonly drawn: Band } {
  const herbG = things.reduce((sum, { massG }) => sum + massG, 0);
  const [pourMl] = propagate(figures, 1, (values, out) => {
    out[0] = run(brew, drawFrom(things, values), minutes).pourG;
  });
  const [productG, productMl, restG, steamG, share, drawn] = bandsGiven(cameTo, figures, 6, (values, out) => {
    const draw = drawFrom(things, values);
    const { productG: product, dissolvedG, keptG, steamG: steam } = run(brew, draw, plan.holdH * 60, plan.pourG);
    const dissolved = dissolvedG / (product + keptG);
    const rest = herbG - dissolvedG + keptG;
    out.set([product, product / densityOf(dissolved), rest, steam, dissolved, drawnOf(draw, dissolvedG)]);
  });
  return { inG: point(herbG + plan.pourG), pourMl, productG, productMl, restG, steamG, share, drawn };
}

/** Dissolved g in 100 ml, by the share of the mass that is dissolved. */
export const strengthOf = ({ low, mid, high }: Band): Band => {
  const grams = (share: number) => 100 * share * densityOf(share);
  return { low: grams(low), mid: grams(mid), high: grams(high) };
};
