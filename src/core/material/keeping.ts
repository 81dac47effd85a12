import { practice, type Figure } from "../figure";

export const AGE_TESTS = ["dab", "smell", "rancid", "spoiled", "lumps", "swell", "fades"] as const;
export type AgeTest = (typeof AGE_TESTS)[number];

/** What freshness means for a thing, and how long it lasts. `test` names what to try when it is past. */
export interface Keeping {
  readonly closedMonths: Figure;
  readonly openedMonths: Figure;
  readonly test: AgeTest;
}

/** Days in a month. */
const MONTH_DAYS = 30.44;
/** Keeping of something wet: so many days in the fridge, opened or not. */
export function keepingOfDays({ value, low, high, source }: Figure): Keeping {
  const months = {
    value: value / MONTH_DAYS,
    low: low / MONTH_DAYS,
    high: high / MONTH_DAYS,
    source,
  };
  return { closedMonths: months, openedMonths: months, test: "spoiled" };
}
/** A herb's water, brewed or drawn: food for whatever falls in. */
export const BREWED_DAYS = practice(3, 2, 4, "the shortest that kitchens and food-safety leaflets give (from memory)");
