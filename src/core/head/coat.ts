import { estimate } from "../figure";
import { HAIR_DENSITY } from "./hair";

/** Thickness of the laid sections of hair, mm. */
export const SECTION_MM = estimate(2, 1.4, 2.8);
/** ml of paste that a ml of hair holds between its strands. */
export const BETWEEN_STRANDS = estimate(1.2, 0.8, 1.6);

/**
 * Thickness in mm of the coat that lies on both sides of the laid sections, over what the strands hold between them:
 * `½ s max(0, hair density × L / paste density − c) / (1 + c)`. It does not depend on how much hair there is.
 *
 * @param perHairG       L: grams of paste on the lengths for each gram of hair
 * @param pasteGPerMl    density of the paste
 * @param sectionMm      s
 * @param betweenMlPerMl c
 * @source geometry of a sheet of strands with paste in and on it; held against practice in `checks/staysOn.csv`
 */
export const coatOnLengthsMm = (
  perHairG: number,
  pasteGPerMl: number,
  sectionMm = SECTION_MM.value,
  betweenMlPerMl = BETWEEN_STRANDS.value,
): number =>
  (0.5 * sectionMm * Math.max(0, (HAIR_DENSITY.value * perHairG) / pasteGPerMl - betweenMlPerMl)) /
  (1 + betweenMlPerMl);
