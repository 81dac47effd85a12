import { estimate, practice, type Figure } from "../../figure";
import type { Material } from "../../material";

/** How a herb is cut decides how fast it draws and how much water it keeps. */
export const CUTS = ["powder", "petal", "cut", "seed", "bark"] as const;
export type Cut = (typeof CUTS)[number];

interface Drawing {
  /** At 100 °C, a share of what is left each hour. */
  readonly ratePerH: Figure;
  /** ml of liquid that a gram of it, dry, keeps when it has drained, and when it was pressed as well. */
  readonly keptMlPerG: Figure;
  readonly pressedMlPerG: Figure;
}

const SCHOOLS = "calibrated so that boiling, pouring over and a cold night come out alike";
const rate = (value: number, low: number, high: number) => estimate(value, low, high, SCHOOLS);
const kept = (value: number, low: number, high: number) =>
  practice(value, low, high, "weighed in kitchens, from memory");

export const DRAWING: Readonly<Record<Cut, Drawing>> = {
  powder: { ratePerH: rate(40, 25, 60), keptMlPerG: kept(3.2, 2.4, 4.2), pressedMlPerG: kept(1.8, 1.3, 2.4) },
  petal: { ratePerH: rate(40, 25, 60), keptMlPerG: kept(4, 3, 5.2), pressedMlPerG: kept(2, 1.4, 2.8) },
  cut: { ratePerH: rate(20, 12, 30), keptMlPerG: kept(2.3, 1.7, 3), pressedMlPerG: kept(1.4, 1, 1.9) },
  seed: { ratePerH: rate(9, 6, 14), keptMlPerG: kept(2.2, 1.6, 3), pressedMlPerG: kept(1.7, 1.2, 2.3) },
  bark: { ratePerH: rate(3.5, 2, 6), keptMlPerG: kept(1.3, 0.9, 1.8), pressedMlPerG: kept(1, 0.7, 1.4) },
};

/** kJ/mol by which drawing quickens with warmth. */
export const DRAWING_ENERGY = estimate(45, 35, 55, SCHOOLS);
const GAS_KJ_PER_MOL_K = 8.314e-3;
const BOIL_K = 373.15;

/** How fast drawing goes at a warmth, against 100 °C. @source Arrhenius */
export const drawingPace = (tempC: number): number =>
  Math.exp((-DRAWING_ENERGY.value / GAS_KJ_PER_MOL_K) * (1 / (tempC + 273.15) - 1 / BOIL_K));

/** The share of what dissolves that has been drawn, 0–1, after so many hours' worth at the boil. */
export const drawnShare = (ratePerH: number, boilH: number): number => -Math.expm1(-ratePerH * Math.max(0, boilH));

/** Flowers that come as loose petals; others are whole heads or cut. */
const PETALS: readonly string[] = [
  "rose-petal",
  "hibiscus-flower",
  "butterfly-pea",
  "marigold",
  "calendula",
  "saffron",
];
/** Leaf that is broken small for its bag. */
const FINE: readonly string[] = ["tea-black", "tea-green"];
/** Fruits that are mostly shell or peel. */
const SHELLS: readonly string[] = ["reetha", "shikakai", "amla", "kokum"];

/** How a thing is cut as it comes. */
export function cutOf({ form, family, plant = "" }: Pick<Material, "form" | "family" | "plant">): Cut {
  if (form === "powder" || FINE.includes(plant)) return "powder";
  if (PETALS.includes(plant)) return "petal";
  if (family === "seed") return "seed";
  if (family === "root" || SHELLS.includes(plant)) return "bark";
  return "cut";
}
