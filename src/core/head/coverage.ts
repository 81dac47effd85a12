import { exact, propagate, type Band, type Uncertain } from "../figure";
import {
  GROWTH_CM_PER_MONTH,
  HAIR_DENSITY,
  HAIR_SHEET_CM,
  LANDMARK_CM,
  MEAN_LENGTH_SHARE,
  PONYTAIL_PACKING,
  SCALP_CM2,
  STRANDS,
  STRAND_UM,
  type Head,
} from "./hair";
import { PASTE_DENSITY } from "../flow";
import { HAND_FACTOR, LEFT_IN_BOWL, PURPOSE, type PurposeId } from "./purpose";

/** How much paste a head takes for a purpose, and how that is made up. */
export interface Coverage {
  readonly pasteG: Band;
  readonly scalpG: Band;
  readonly lengthsG: Band;
  readonly leftInBowlG: Band;
  readonly hairG: Band;
  readonly meanLengthCm: Band;
  /** Thickness of the coat that this much paste makes, mm. */
  readonly coatMm: Band;
}

/** New growth only: how long since the last time, and the share of the head it goes on. */
export interface Roots {
  readonly months: number;
  readonly share: number;
}

const CM2_PER_UM2 = 1e-8;
const ABSOLUTE = exact(1, "a length in cm as measured");

/**
 * Grams of paste for a head:
 * `(scalp area × film × density + load × hair mass) × hand factor × (1 + left in bowl)`.
 * Hair mass per cm is strands × π/4 d² × 1.32 g/cm³, or from a ponytail κ C²/4π × 1.32.
 *
 * @param head  checked by `checkHead`
 * @param roots read only where the purpose is for new growth
 * @returns bands in the units of their names; all are ≥ 0 at the middle
 * @source Robbins for strands, Lund–Browder for the scalp (both from memory); loads are calibrated to practice:
 *         henna powder at 1 : 3 for short hair, collar, shoulder, waist near 100, 200, 300, 500 g
 */
export function coverage(head: Head, purposeId: PurposeId, roots: Roots = { months: 2, share: 1 }): Coverage {
  const purpose = PURPOSE[purposeId];
  const longest: Uncertain =
    "cm" in head.longest
      ? { value: head.longest.cm, low: head.longest.cm * 0.95, high: head.longest.cm * 1.05 }
      : LANDMARK_CM[head.longest.landmark];
  const ponytailCm = "ponytailCm" in head.amount ? head.amount.ponytailCm : undefined;
  const strands = "strands" in head.amount ? STRANDS[head.amount.strands] : ABSOLUTE;
  const onRoots = purpose.region === "newGrowth";

  const inputs = [
    longest,
    MEAN_LENGTH_SHARE[head.cut],
    ponytailCm ? PONYTAIL_PACKING : strands,
    ponytailCm ? ABSOLUTE : STRAND_UM[head.strand],
    HAIR_DENSITY,
    SCALP_CM2,
    purpose.filmMm,
    purpose.loadGPerG,
    LEFT_IN_BOWL,
    HAND_FACTOR,
    PASTE_DENSITY,
    GROWTH_CM_PER_MONTH,
    HAIR_SHEET_CM,
  ];

  const [pasteG, scalpG, lengthsG, leftInBowlG, hairG, meanLengthCm, coatMm] = propagate(inputs, 7, (x, out) => {
    const [
      longestCm,
      meanShare,
      packingOrStrands,
      strandUm,
      density,
      scalp,
      film,
      load,
      left,
      hand,
      pasteDensity,
      growth,
      sheet,
    ] = x;
    const areaCm2 = ponytailCm
      ? (packingOrStrands * ponytailCm * ponytailCm) / (4 * Math.PI)
      : packingOrStrands * (Math.PI / 4) * strandUm * strandUm * CM2_PER_UM2;
    const mean = longestCm * meanShare;
    const covered = onRoots ? Math.min(mean, roots.months * growth) : mean;
    const share = onRoots ? roots.share : 1;
    const hair = areaCm2 * density * covered * share;
    const onScalp = hand * scalp * share * (film / 10) * pasteDensity;
    const onLengths = hand * load * hair;
    const onHead = onScalp + onLengths;
    out[0] = onHead * (1 + left);
    out[1] = onScalp;
    out[2] = onLengths;
    out[3] = onHead * left;
    out[4] = hair;
    out[5] = covered;
    out[6] = (10 * (onHead / pasteDensity)) / (share * (scalp + sheet * covered));
  });
  return { pasteG, scalpG, lengthsG, leftInBowlG, hairG, meanLengthCm, coatMm };
}
