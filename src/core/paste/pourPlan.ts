import type { Band } from "../figure";
import { spoonMl, type Spoons } from "../measure";

/** A step one can do in a kitchen. */
export interface KitchenStep {
  readonly count: number;
  readonly unit: "tsp" | "tbsp";
  readonly ml: number;
}

export interface PourPlan {
  /** Safe for 19 bowls in 20. */
  readonly firstPourMl: number;
  readonly step: KitchenStep;
  /** How many of these steps, before going on by teaspoons. Plans of older models have neither. */
  readonly times?: number;
  readonly teaspoonsFromMl?: number;
  readonly expectedStopMl: number;
  readonly mostMl: number;
}

/** The kitchen step nearest below a sixth of the way: whole tablespoons where there is room, teaspoons where not. */
export function kitchenStep(spanMl: number, spoons: Spoons): KitchenStep {
  const { tsp, tbsp } = spoonMl(spoons);
  const steps: KitchenStep[] = [
    { count: 2, unit: "tbsp", ml: 2 * tbsp },
    { count: 1, unit: "tbsp", ml: tbsp },
    { count: 2, unit: "tsp", ml: 2 * tsp },
    { count: 1, unit: "tsp", ml: tsp },
  ];
  return steps.find((step) => step.ml <= spanMl / 5) ?? steps[steps.length - 1];
}

/** First pour, then equal steps, teaspoons for the last of the way to the expected stop, never past the most. ml. */
export function pourPlan(liquidMl: Band, spoons: Spoons): PourPlan {
  const firstPourMl = Math.max(0, liquidMl.low);
  const way = liquidMl.mid - firstPourMl;
  const step = kitchenStep(way, spoons);
  const times = Math.max(0, Math.floor(way / step.ml + 1e-9) - 1);
  return {
    firstPourMl,
    step,
    times,
    teaspoonsFromMl: firstPourMl + times * step.ml,
    expectedStopMl: liquidMl.mid,
    mostMl: liquidMl.high,
  };
}
