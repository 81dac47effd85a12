import { WET_OIL } from "../keeping";
import type { Ingredient } from "../method";
import { heaviestOf, sumOf } from "../parts";
import { around, productOf } from "../product";

/** What stays in the cloth: the herb, soaked with oil. */
export function restOf(plants: readonly Ingredient[], restG: number) {
  const most = heaviestOf(plants);
  const dryG = plants.reduce((sum, { material, massG }) => sum + massG * (1 - material.water.value), 0);
  const oilShare = Math.max(0, 1 - dryG / restG);
  const rest = productOf(
    most,
    false,
    plants.map(({ material }) => material),
    {
      water: around(0.01),
      oil: around(oilShare),
      dissolving: around(sumOf(plants).dissolvedG / restG),
      densityGPerMl: { low: 0.8, mid: 0.95, high: 1.05 },
      acidity: 0,
      colour: most.colour,
      holding: { kind: "none" },
      keeps: WET_OIL,
    },
  );
  return { ...rest, material: { ...rest.material, form: "soft" as const } };
}
