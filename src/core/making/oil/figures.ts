import { estimate, exact, type Figure } from "../../figure";
import type { Material } from "../../material";

export const OIL_WAYS = ["waterBath", "lowestFlame", "cold"] as const;
export type Way = (typeof OIL_WAYS)[number];

/** How warm it gets, and how long it is drawn where nothing is said. Common practice, from memory. */
export const WAYS: Readonly<Record<Way, { readonly atC: number; readonly dryMin: number; readonly freshMin: number }>> =
  {
    waterBath: { atC: 60, dryMin: 120, freshMin: 240 },
    lowestFlame: { atC: 100, dryMin: 30, freshMin: 60 },
    cold: { atC: 22, dryMin: 14 * 1440, freshMin: 7 * 1440 },
  };
/** Minutes in which half the water that is left goes, through the oil and off it. */
export const HALF_MIN: Readonly<Record<Way, Figure>> = {
  waterBath: estimate(70, 45, 120, "fresh leaf in warm oil, open"),
  lowestFlame: estimate(12, 7, 20, "fresh leaf in oil that just bubbles"),
  cold: exact(1e9, "nothing leaves cold oil"),
};
/** ml of oil that a gram keeps when it has drained, and when it was pressed as well; fresh plant as it is weighed. */
export const KEPT: Readonly<
  Record<"powder" | "petal" | "fresh" | "seed" | "cut", readonly [drained: Figure, pressed: Figure]>
> = {
  powder: [estimate(1.7, 1.2, 2.3, "powder, decanted"), estimate(1, 0.7, 1.4, "powder, pressed")],
  petal: [estimate(2.5, 1.8, 3.4, "dry petals"), estimate(1.2, 0.8, 1.7, "dry petals, pressed")],
  fresh: [estimate(0.2, 0.1, 0.4, "fresh leaf, cooked out"), estimate(0.12, 0.05, 0.25, "fresh leaf, pressed")],
  seed: [estimate(0.3, 0.2, 0.5, "whole seeds"), estimate(0.2, 0.1, 0.35, "whole seeds, pressed")],
  cut: [estimate(1.6, 1.1, 2.2, "dry leaf or root, cut"), estimate(0.9, 0.6, 1.3, "dry leaf or root, pressed")],
};
/** As much powder as an oil takes: about a level tablespoon to half a cup. Common practice. */
export const CEILING = 0.065;
/** Fresh leaf fills the pot before it is too much. */
export const FRESH_CEILING = 0.6;
/** Wet from here on, by the oil's mass: it clouds and spits. */
export const WET_FROM = 0.002;

const BURIED: readonly string[] = ["onion", "garlic", "ginger"];
export const isOil = ({ family }: Material): boolean => family === "oil";
export const isFresh = ({ form, water }: Material): boolean => form === "fresh" || water.value > 0.4;
export const isBuried = ({ plant = "", id }: Material): boolean => BURIED.includes(plant) || BURIED.includes(id);
export const cutOf = (material: Material): keyof typeof KEPT =>
  isFresh(material)
    ? "fresh"
    : material.form === "powder"
      ? "powder"
      : material.family === "seed"
        ? "seed"
        : material.family === "flower"
          ? "petal"
          : "cut";
