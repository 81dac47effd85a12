import { normalShare, seeded, Z95, type Band } from "../figure";
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

/**
 * How thick a bowl is when it goes on: made for a yield stress, or as it was poured, with all that its figures leave
 * open.
 */
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

/** Few draws, since the chance over the thickness is summed exactly in each. */
const DRAWS = 64;
const DIMENSIONS = 4;
/**
 * Standard normal numbers, a row a dimension: each takes every one of as many equal shares once, in an order of its own
 * from one fixed seed, so that few say as much as many.
 * @source Latin hypercube sampling, McKay, Beckman & Conover 1979 (from memory)
 */
const Z: readonly Float64Array[] = (() => {
  const random = seeded(20_261_127);
  const shares = Array.from({ length: DRAWS }, (_, i) => zAt((i + 0.5) / DRAWS));
  return Array.from({ length: DIMENSIONS }, () => {
    const row = Float64Array.from(shares);
    for (let i = row.length - 1; i > 0; i--) {
      const j = Math.floor(random() * (i + 1));
      [row[i], row[j]] = [row[j], row[i]];
    }
    return row;
  });
})();

/** The inverse of `normalShare`, by halving. */
function zAt(share: number): number {
  let [low, high] = [-8, 8];
  for (let i = 0; i < 50; i++) {
    const mid = (low + high) / 2;
    if (normalShare(mid) < share) low = mid;
    else high = mid;
  }
  return (low + high) / 2;
}

/** A value that cannot be below zero, at so many standard deviations from its middle. */
const at = ({ low, mid, high }: Band, z: number): number =>
  mid * Math.exp((z * Math.log(z < 0 ? mid / low : high / mid)) / Z95);
const drawnOf = ({ low, value, high }: { low: number; value: number; high: number }, dimension: number): Float64Array =>
  Z[dimension].map((z) => at({ low, mid: value, high }, z));
/** What does not depend on the bowl is drawn once. */
const SECTION_DRAWN = drawnOf(SECTION_MM, 2);
const BETWEEN_DRAWN = drawnOf(BETWEEN_STRANDS, 3);

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
  const coat = (hairG: number, scalpG: number, sectionMm: number, betweenMlPerMl: number) =>
    hairG > 0 ? coatOnLengthsMm((onHeadG - scalpG) / hairG, pasteGPerMl, sectionMm, betweenMlPerMl) : 0;
  const drawn = new Float64Array(DRAWS);
  let chance = 0;
  for (let n = 0; n < DRAWS; n++) {
    drawn[n] = coat(at(need.hairG, Z[0][n]), at(need.scalpG, Z[1][n]), SECTION_DRAWN[n], BETWEEN_DRAWN[n]);
    chance += chanceOfAtLeast(thickness, yieldForCoatPa(drawn[n], pasteGPerMl)) / DRAWS;
  }
  drawn.sort();
  return {
    coatMm: {
      low: drawn[Math.floor(0.05 * DRAWS)],
      mid: coat(need.hairG.mid, need.scalpG.mid, SECTION_MM.value, BETWEEN_STRANDS.value),
      high: drawn[Math.floor(0.95 * DRAWS)],
    },
    chance: Math.min(1, chance),
  };
}

/** As it is worn: pinned up or wrapped, nothing hangs. */
export const asWorn = (loose: Hanging, worn: Worn): Hanging =>
  worn === "loose" ? loose : { coatMm: { low: 0, mid: 0, high: 0 }, chance: 1 };
