/** What a steady weight means for a bowl that stays on the scale while it is put on. */
export type SteadyWeight =
  | { readonly notes: number }
  /** The bowl is not on it, or nothing went out of it since it was weighed. */
  | { readonly why: "lifted" | "same" }
  /** More than was left before: something else stands on it. */
  | { readonly why: "heavier" };

/** Less than this is no portion, g; so much heavier than before is something else. Estimates. */
const PORTION_G = 2;
export const HEAVIER_G = 20;

/**
 * Whether a steady weight is noted as what is left: once for each section, and never for a bowl that was lifted.
 *
 * @param grossG as the scale shows it; `bareG` the empty bowl's own weight, 0 where it was set to zero with it
 * @param lastG  what was left before, and with how many sections done that was weighed
 */
export function weightByItself(
  grossG: number,
  bareG: number,
  lastG: number,
  sectionsThen: number,
  sectionsDone: number,
): SteadyWeight {
  const leftG = grossG - bareG;
  // A scale without a bowl on it shows nothing, or what the bowl weighs below nothing.
  const lifted = leftG < -PORTION_G || (bareG === 0 && grossG < PORTION_G && lastG > 10 * PORTION_G);
  if (lifted) return { why: "lifted" };
  if (leftG > lastG + HEAVIER_G) return { why: "heavier" };
  if (sectionsDone <= sectionsThen || leftG > lastG - PORTION_G) return { why: "same" };
  return { notes: Math.max(0, Math.round(leftG * 10) / 10) };
}
