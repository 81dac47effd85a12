import { estimate } from "../figure";

/** What a layer too thick to see through reflects: 1 + q − √(q² + 2 q), q = K/S ≥ 0. @source Kubelka & Munk 1931 */
export const reflectedOf = (absorbing: number): number => {
  const q = Math.max(0, absorbing);
  // The same, and exact where little is reflected: the two roots of it have the product 1.
  return 1 / (1 + q + Math.sqrt(q * q + 2 * q));
};
/** K/S of a layer that reflects so much: (1 − R)² / 2R. @source Kubelka & Munk 1931 */
export const absorbingOf = (reflected: number): number => (1 - reflected) ** 2 / (2 * reflected);

/** Of light that falls straight on, a surface of hair mirrors ((n − 1)/(n + 1))², n = 1.55. @source Fresnel */
export const MIRRORED = ((1.55 - 1) / (1.55 + 1)) ** 2;
/** How much of that an eye sees that looks at a strand away from the light. */
export const MIRRORED_SEEN = estimate(0.35, 0.15, 0.8, "a strand looked at away from the light");

/** What is seen of hair that absorbs so: what its body gives back, and a little of its surface. */
export const seenOf = (absorbing: number): number =>
  MIRRORED * MIRRORED_SEEN.value + (1 - MIRRORED) * reflectedOf(absorbing);
