import { normals, normalShare, seeded, Z95, type Band } from "../figure";
import { phiOf, PHI_MAX } from "../flow";
import { BETWEEN_STRANDS, coatOnLengthsMm, LEFT_IN_BOWL, SECTION_MM, type Coverage, type Worn } from "../head";
import { yieldForCoatPa } from "./coat";

/** How likely a paste stays on, in words that a maker acts on: from which chance on each is said. */
export const STAYS_FROM = { stays: 0.9, shouldStay: 0.65, mayDrip: 0.33, willRun: 0 } as const;
export type Stays = keyof typeof STAYS_FROM;
export const staysAt = (chance: number): Stays =>
  (Object.keys(STAYS_FROM) as Stays[]).find((word) => chance >= STAYS_FROM[word]) ?? "willRun";

/**
 * ln of the yield stress of a bowl that was made for a word: she stops when it looks right, and that is so sure.
 * Estimate.
 */
export const LOOKS_RIGHT_SD = 0.35;

/** How thick a bowl is when it goes on: made for a yield stress, or as it was poured, with all that its figures leave open. */
export type Thickness = { readonly madeForPa: number } | { readonly closeness: Band };

/** Chance that a bowl of this thickness is at least so stiff. A jammed one is stiffer than anything. */
function chanceOfAtLeast(thickness: Thickness, yieldPa: number): number {
  if (!(yieldPa > 0)) return 1;
  if ("madeForPa" in thickness)
    return normalShare((Math.log(thickness.madeForPa) - Math.log(yieldPa)) / LOOKS_RIGHT_SD);
  const { low, mid, high } = thickness.closeness;
  const wanted = phiOf(yieldPa) / PHI_MAX.value;
  const spread = (wanted > mid ? high - mid : mid - low) / Z95;
  return spread > 0 ? normalShare((mid - wanted) / spread) : mid >= wanted ? 1 : 0;
}

/** One fixed seed and few draws: the chance over the thickness is summed exactly in each. */
const DRAWS = 256;
const DIMENSIONS = 4;
const Z: Float64Array = (() => {
  const normal = normals(seeded(20_261_127));
  const half = Float64Array.from({ length: (DRAWS * DIMENSIONS) / 2 }, normal);
  // Each draw with its mirror image, so that the middle stays the middle.
  return Float64Array.from([...half, ...half.map((z) => -z)]);
})();

/** A value that cannot be below zero, at so many standard deviations from its middle. */
const at = ({ low, mid, high }: Band, z: number): number =>
  mid * Math.exp((z * Math.log(z < 0 ? mid / low : high / mid)) / Z95);
const banded = ({ low, value, high }: { low: number; value: number; high: number }): Band => ({
  low,
  mid: value,
  high,
});

export interface OnTheHead {
  /** Grams of paste that are made. */
  readonly totalG: number;
  readonly need: Pick<Coverage, "scalpG" | "hairG">;
  readonly pasteGPerMl: number;
  readonly thickness: Thickness;
}

/** The coat that a bowl makes on the lengths where it hangs loose. */
export interface Hanging {
  /** mm; its ends are 5 and 95 in 100 draws. */
  readonly coatMm: Band;
  /** 0–1 that it stays up. */
  readonly chance: number;
}

/**
 * Whether a bowl stays on hair that hangs loose: the coat that *this bowl* makes on the lengths, less what stays in it
 * and on the scalp, against what its yield stress holds up. The scalp's film does not hang.
 * Drawn, since the coat begins with a kink where the strands are full.
 *
 * @returns a coat of 0 mm and a chance of 1 where the strands hold it all
 * @source static balance τ ≥ ρ g e; the spread of each side from its figures
 */
export function hangingLoose({ totalG, need, pasteGPerMl, thickness }: OnTheHead): Hanging {
  const onHeadG = totalG / (1 + LEFT_IN_BOWL.value);
  const section = banded(SECTION_MM);
  const between = banded(BETWEEN_STRANDS);
  const coat = (hairG: number, scalpG: number, sectionMm: number, betweenMlPerMl: number) =>
    hairG > 0 ? coatOnLengthsMm((onHeadG - scalpG) / hairG, pasteGPerMl, sectionMm, betweenMlPerMl) : 0;
  const drawn = new Float64Array(DRAWS);
  let chance = 0;
  for (let n = 0; n < DRAWS; n++) {
    const z = (dimension: number) => Z[n * DIMENSIONS + dimension];
    drawn[n] = coat(at(need.hairG, z(0)), at(need.scalpG, z(1)), at(section, z(2)), at(between, z(3)));
    chance += chanceOfAtLeast(thickness, yieldForCoatPa(drawn[n], pasteGPerMl)) / DRAWS;
  }
  drawn.sort();
  return {
    coatMm: {
      low: drawn[Math.floor(0.05 * DRAWS)],
      mid: coat(need.hairG.mid, need.scalpG.mid, section.mid, between.mid),
      high: drawn[Math.floor(0.95 * DRAWS)],
    },
    chance: Math.min(1, chance),
  };
}

/** As it is worn: pinned up or wrapped, nothing hangs. */
export const asWorn = (loose: Hanging, worn: Worn): Hanging =>
  worn === "loose" ? loose : { coatMm: { low: 0, mid: 0, high: 0 }, chance: 1 };
