import { estimate, exact, propagate, type Band, type Uncertain } from "../figure";
import { BETWEEN_STRANDS, coatOnLengthsMm, SECTION_MM } from "./coat";
import {
  GROWTH_CM_PER_MONTH,
  HAIR_DENSITY,
  LANDMARK_CM,
  MEAN_LENGTH_SHARE,
  PONYTAIL_CM,
  PONYTAIL_PACKING,
  SCALP_CM2,
  STRAND_BULK,
  type Head,
} from "./hair";
import { PASTE_DENSITY } from "../flow";
import { HAND_FACTOR, LEFT_IN_BOWL, PURPOSE, type PurposeId } from "./purpose";
import { TOOL_TAKES, type Tool } from "./tool";
import { MOST_SHRUNK, WORN_TAKES } from "./traits";
import { whereShares, type Where } from "./where";
import { usualBand, usualKindOf, type Usual } from "./usual";

/** How much paste a head takes for a purpose, and how that is made up. */
export interface Coverage {
  readonly pasteG: Band;
  readonly scalpG: Band;
  readonly lengthsG: Band;
  readonly leftInBowlG: Band;
  readonly hairG: Band;
  readonly meanLengthCm: Band;
  /** Thickness of the coat that this much paste makes on the lengths, over what the strands hold, mm. */
  readonly coatMm: Band;
}

/** With what it is put on, and where. */
export interface Applied {
  readonly tool?: Tool;
  readonly where?: Where;
  /** How much stiffer than usual for its purpose it is: ln of one yield stress over the other; 0 is as usual. */
  readonly stiffer?: number;
}

/**
 * On the load and the film, for each word that a paste is stiffer than usual: it lies on thicker. A runny one goes on
 * thinner and some of it runs off, which comes to the same. Estimate.
 */
const BY_WORD = estimate(1.1, 1, 1.22, "a stiff mask lies on thicker");
/** ln of the step from a word to the next, and as many of them as are spoken of. */
const WORD_STEP = 1;
const MOST_STEPS = 2;
const byStiffness = (stiffer: number): Uncertain => {
  const steps = Math.min(MOST_STEPS, Math.max(0, stiffer / WORD_STEP));
  return { value: BY_WORD.value ** steps, low: BY_WORD.low ** steps, high: BY_WORD.high ** steps };
};

/** New growth only: how long since the last time, and the share of the head it goes on. */
export interface Roots {
  readonly months: number;
  readonly share: number;
}

/** A tape round the ponytail is read to 3 mm. Estimate. */
const TAPE_CM = 0.3;
const IN_THE_TAPE = exact(1, "a tape has the strands' thickness in it");

/** A length that is seen in coils, stretched out. */
const stretched = ({ value, low, high }: Uncertain, shrinks = 0): Uncertain => {
  const by = 1 / (1 - Math.min(MOST_SHRUNK, Math.max(0, shrinks)));
  return { value: value * by, low: low * by, high: high * by };
};

/** The model's amount as a head's weighed bowls have it: her measures are in what they taught, and not added again. */
function asWeighed(modelG: number, usual: Usual): Band {
  const { low, mid, high } = usualBand(usual);
  return { low: modelG * low, mid: modelG * mid, high: modelG * high };
}

const measured = (value: number, half: number): Uncertain => ({
  value,
  low: Math.max(0, value - half),
  high: value + half,
});

/**
 * Grams of paste for a head:
 * `(scalp area × film × density + load × hair mass) × hand factor × (1 + left in bowl)`.
 * Hair mass per cm of mean length is κ C²/4π × 1.32 g/cm³, C being cm round the ponytail, measured or by a word.
 *
 * @param head  checked by `checkHead`
 * @param roots read only where the purpose is for new growth
 * @param applied with what and where it is put on, and how stiff; by hand, everywhere and as usual where nobody said
 * @returns bands in the units of their names; all are ≥ 0 at the middle
 * @source Lund–Browder for the scalp (from memory); loads are calibrated to what practice takes, in
 *         `checks/practiceByLength.csv`
 */
export function coverage(
  head: Head,
  purposeId: PurposeId,
  roots: Roots = { months: 2, share: 1 },
  { tool = "hands", where = "both", stiffer = 0 }: Applied = {},
): Coverage {
  const purpose = PURPOSE[purposeId];
  const longest: Uncertain =
    "cm" in head.longest
      ? { value: head.longest.cm, low: head.longest.cm * 0.95, high: head.longest.cm * 1.05 }
      : stretched(LANDMARK_CM[head.longest.landmark], head.shrinks);
  const [round, bulk]: readonly [Uncertain, Uncertain] =
    "ponytailCm" in head.amount
      ? [measured(head.amount.ponytailCm, TAPE_CM), IN_THE_TAPE]
      : [PONYTAIL_CM[head.amount.strands], STRAND_BULK[head.strand]];
  const onRoots = purpose.region === "newGrowth";
  const shares = whereShares(where, head.traits);

  const inputs = [
    longest,
    MEAN_LENGTH_SHARE[head.cut],
    round,
    bulk,
    PONYTAIL_PACKING,
    HAIR_DENSITY,
    SCALP_CM2,
    purpose.filmMm,
    purpose.loadGPerG,
    LEFT_IN_BOWL,
    HAND_FACTOR,
    WORN_TAKES[head.traits?.usuallyWorn ?? "loose"],
    TOOL_TAKES[tool].onScalp,
    TOOL_TAKES[tool].onLengths,
    PASTE_DENSITY,
    GROWTH_CM_PER_MONTH,
    SECTION_MM,
    BETWEEN_STRANDS,
    shares.scalp,
    shares.lengths,
    byStiffness(stiffer),
  ];

  const [pasteG, scalpG, lengthsG, leftInBowlG, hairG, meanLengthCm, coatMm] = propagate(inputs, 7, (x, out) => {
    const [
      longestCm,
      meanShare,
      roundCm,
      bulkShare,
      packing,
      density,
      scalp,
      film,
      load,
      left,
      hand,
      worn,
      toolScalp,
      toolLengths,
      pasteDensity,
      growth,
      sectionMm,
      between,
      scalpShare,
      lengthsShare,
      stiff,
    ] = x;
    const areaCm2 = (bulkShare * packing * roundCm * roundCm) / (4 * Math.PI);
    const mean = longestCm * meanShare;
    const covered = onRoots ? Math.min(mean, roots.months * growth) : mean;
    // New growth of a share of the head, of which some is where it goes.
    const share = onRoots ? roots.share : 1;
    const within = (of: number) => (onRoots ? Math.min(share, of) : of);
    const hair = areaCm2 * density * covered * within(lengthsShare);
    const onScalp = hand * toolScalp * scalp * within(scalpShare) * stiff * (film / 10) * pasteDensity;
    const perHairG = hand * toolLengths * load * worn;
    const onLengths = perHairG * stiff * hair;
    const onHead = onScalp + onLengths;
    out[0] = onHead * (1 + left);
    out[1] = onScalp;
    out[2] = onLengths;
    out[3] = onHead * left;
    out[4] = hair;
    out[5] = covered;
    // What hands lay on at first: of a runny one some goes on further, or runs.
    out[6] = coatOnLengthsMm(perHairG, pasteDensity, sectionMm, between);
  });
  const own = head.usual?.[usualKindOf(purposeId)];
  const weighed = (band: Band): Band => (own ? asWeighed(band.mid, own) : band);
  return {
    pasteG: weighed(pasteG),
    scalpG: weighed(scalpG),
    lengthsG: weighed(lengthsG),
    leftInBowlG: weighed(leftInBowlG),
    hairG,
    meanLengthCm,
    coatMm,
  };
}
