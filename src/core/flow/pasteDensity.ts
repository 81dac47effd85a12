import { estimate } from "../figure";

/** g/ml of a paste before its own composition is known. */
export const PASTE_DENSITY = estimate(1.1, 1.04, 1.16);
