import { estimate, exact, type Figure } from "../figure";
import type { Fill } from "./units";

/** What a spoon of powder holds against a level one. Liquids are always level. */
export const FILL_FACTOR: Readonly<Record<Fill, Figure>> = {
  scant: estimate(0.85, 0.75, 0.95),
  level: exact(1, "by definition"),
  rounded: estimate(1.25, 1.1, 1.4),
  heaped: estimate(1.6, 1.35, 1.9),
};

/** ml of one drop of something water-like; essential oils run 0.03–0.05. */
export const DROP_ML = estimate(0.05, 0.03, 0.06, "water-like 0.05, essential oils 0.03–0.05");
