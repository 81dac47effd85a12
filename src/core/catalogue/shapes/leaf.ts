import { estimate } from "../../figure";

/** Holding of a leaf powder: models.md's 1.3–2 ml/g, a tenth more where water takes more of it out. */
export const LEAF = estimate(1.75, 1.4, 2.15, "leaf powders hold between henna and marshmallow, 1.3–2 ml/g");
export const DENSE = estimate(1.6, 1.3, 2, "needles and tough leaves hold a little less than soft ones");
export const BULK = estimate(0.4, 0.33, 0.48, "leaf powders fill a spoon alike");
export const LOOSE = estimate(0.09, 0.06, 0.13, "loose dried leaf");
export const PICKED = estimate(0.13, 0.08, 0.2, "picked leaves, lightly pressed");
