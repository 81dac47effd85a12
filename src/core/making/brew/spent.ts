import { holdingMlPerG } from "../../balance";
import { estimate } from "../../figure";
import { RAW_WET } from "../keeping";
import type { Ingredient, Product } from "../method";
import { heaviestOf } from "../parts";
import { around, productOf } from "../product";
import { keptBy, type Draw } from "./figures";

/**
 * What stays in the sieve, wet and soft: what of the herbs did not go into the water, with the water they keep. It
 * holds what the herb's own powder would hold, most of which it has.
 *
 * @param drawnG g of each thing, by the share of it that was drawn
 */
export function spentOf(things: readonly Ingredient[], draw: Draw, drawnG: readonly number[]): Product {
  const heaviest = heaviestOf(things);
  const sum = (of: (thing: Ingredient, i: number) => number) =>
    things.reduce((total, thing, i) => total + of(thing, i), 0);
  const dissolvedG = sum(({ massG }, i) => draw.things[i].solubleG * (drawnG[i] / massG));
  const herbG = sum(({ massG }) => massG);
  const keptG = keptBy(draw);
  const restG = herbG - dissolvedG + keptG;
  const held = sum(({ material, massG }) => holdingMlPerG(material) * massG) / restG;
  const spent = productOf(
    heaviest,
    false,
    things.map(({ material }) => material),
    {
      water: around((keptG + sum(({ material, massG }) => material.water.value * massG)) / restG),
      oil: around(sum(({ material, massG }) => material.oil.value * massG) / restG),
      dissolving: around((sum((_, i) => draw.things[i].solubleG) - dissolvedG) / restG),
      densityGPerMl: { low: 0.8, mid: 1, high: 1.1 },
      acidity: 0,
      colour: heaviest.colour,
      holding:
        held > 0
          ? { kind: "perGram", mlPerG: estimate(held, held * 0.7, held * 1.3, "as its herb, for what is dry in it") }
          : { kind: "none" },
      keeps: RAW_WET,
    },
  );
  return { ...spent, material: { ...spent.material, form: "soft" } };
}
