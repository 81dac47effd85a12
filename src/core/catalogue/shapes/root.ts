import { estimate } from "../../figure";

/** What the powders of roots, barks and woods are alike in. */
export const ROOT = estimate(1.6, 1.25, 2, "root and bark powders hold a little less than leaves");
export const BULK = estimate(0.5, 0.41, 0.6, "root powders fill a spoon alike");
export const CUT = estimate(0.32, 0.24, 0.42, "cut dried root");
export const LITTLE_OIL = estimate(0.015, 0.005, 0.03);
