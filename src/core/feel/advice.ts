import { LIGHT_FROM_GREY, LIGHT_SHADES, PURPOSE } from "../head";
import { isTagged, materialsTagged, phaseOf, type Lookup, type Material } from "../material";
import { contentsOf, lookupIn, type Choices, type PasteAnswer, type PasteQuestion } from "../paste";
import { feelOf, feelPerShare, feelSum, sumFor, type Feel, type FeelScores } from "./feel";

/** Below the first little, from the second much. Estimates. */
export const LITTLE = 0.2;
export const MUCH = 0.45;
/** Slip that lets fingers through. Estimate. */
const ENOUGH_SLIP = 0.35;
/** Share of the bowl that is oil or egg from which one wash does not take it out. Common practice. */
const OILY = 0.06;

/** One thing to do about the feel. `because` are indexes of things in the bowl. */
export type Advice =
  | {
      readonly topic: "detangle";
      readonly because: readonly number[];
      /** A slip source and how much of it would do. */ readonly slipSource?: {
        readonly materialId: string;
        readonly massG: number;
      };
    }
  | { readonly topic: "strain"; readonly choice: boolean; readonly because: readonly number[] }
  | { readonly topic: "lightHair"; readonly because: readonly number[] }
  | { readonly topic: "where"; readonly choice: NonNullable<Choices["where"]>; readonly because: readonly number[] }
  | { readonly topic: "washOut"; readonly choice: NonNullable<Choices["washOut"]>; readonly because: readonly number[] }
  | { readonly topic: "conditionAfter"; readonly choice: boolean; readonly because: readonly number[] }
  | { readonly topic: "odour"; readonly because: readonly number[] };

export interface FeelAnswer {
  readonly things: readonly { readonly materialId: string; readonly massG: number }[];
  readonly scores: FeelScores;
  readonly advice: readonly Advice[];
}

/** A thing on the shelf, grams. */
export interface OnShelf {
  readonly materialId: string;
  readonly leftG: number;
}

/** The bowl as advice looks at it. `which` and `by` give indexes of things. */
interface Seen {
  readonly question: PasteQuestion;
  readonly things: readonly Thing[];
  readonly totalG: number;
  readonly scores: FeelScores;
  readonly onShelf: readonly OnShelf[];
  readonly find: Lookup;
  readonly which: (holds: (material: Material) => boolean) => number[];
  readonly by: (feel: Feel) => number[];
  readonly shareOf: (indexes: readonly number[]) => number;
  readonly dye: readonly number[];
  readonly gritty: boolean;
}
interface Thing {
  readonly material: Material;
  readonly massG: number;
}

/** One row for each thing to do, in the order it is said; undefined where this bowl does not call for it. */
type AdviceRow = (bowl: Seen) => Advice | undefined;

const detangle: AdviceRow = (bowl) =>
  bowl.scores.slip.score < ENOUGH_SLIP
    ? { topic: "detangle", because: bowl.by("grit"), ...(bowl.dye.length > 0 ? {} : slipSource(bowl)) }
    : undefined;

const strain: AdviceRow = ({ gritty, by }) => ({ topic: "strain", choice: gritty, because: by("grit") });

const lightHair: AdviceRow = ({ question: { head, purpose }, scores, by }) =>
  scores.stain.score >= LITTLE &&
  (LIGHT_SHADES.includes(head.shade) || head.greyShare >= LIGHT_FROM_GREY) &&
  !PURPOSE[purpose].dye
    ? { topic: "lightHair", because: by("stain") }
    : undefined;

const where: AdviceRow = ({ which, shareOf, dye }) => {
  const conditioners = which((material) => isTagged(material, "conditioner"));
  return {
    topic: "where",
    choice: shareOf(conditioners) > 0.05 ? "lengths" : dye.length > 0 ? "both" : "scalp",
    because: conditioners.length > 0 ? conditioners : dye,
  };
};

const washOut: AdviceRow = ({ which, shareOf, dye, gritty, by }) => {
  const oils = which((material) => phaseOf(material) === "oil" && material.family !== "essentialOil");
  const oily = [...oils, ...which((material) => isTagged(material, "egg"))];
  const share = shareOf(oily);
  if (dye.length > 0 && share < OILY) return { topic: "washOut", choice: "water", because: dye };
  if (share >= 2 * OILY) return { topic: "washOut", choice: "twice", because: oily };
  if (share <= 0.01 && gritty) return { topic: "washOut", choice: "conditioner", because: by("grit") };
  return { topic: "washOut", choice: "once", because: oily };
};

const conditionAfter: AdviceRow = ({ scores: { drying, protein }, by }) => {
  const choice = drying.score >= LITTLE || protein.score >= LITTLE;
  return {
    topic: "conditionAfter",
    choice,
    because: choice ? by(drying.score >= protein.score ? "drying" : "protein") : by("slip"),
  };
};

const odour: AdviceRow = ({ which }) => {
  const smelling = which((material) => isTagged(material, "lingers"));
  return smelling.length > 0 ? { topic: "odour", because: smelling } : undefined;
};

const ADVICE: readonly AdviceRow[] = [detangle, strain, lightHair, where, washOut, conditionAfter, odour];

/**
 * How a bowl will feel, and what to do about it. What the maker chose otherwise stands in `question.choices` and does
 * not change the advice, so that both can be shown.
 * @param onShelf what the house has and how much of it, for naming a slip source; kitchen ones are named where it has
 * none
 */
export function feelAdvice(question: PasteQuestion, answer: PasteAnswer, onShelf: readonly OnShelf[] = []): FeelAnswer {
  const find = lookupIn(question);
  const things = contentsOf(question, answer);
  const totalG = things.reduce((sum, { massG }) => sum + massG, 0);
  const scores = feelOf(things);
  const which: Seen["which"] = (holds) =>
    things.flatMap(({ material, massG }, i) => (massG > 0 && holds(material) ? [i] : []));
  const bowl: Seen = {
    question,
    things,
    totalG,
    scores,
    onShelf,
    find,
    which,
    by: (feel) => (scores[feel].by === undefined ? [] : [scores[feel].by]),
    shareOf: (indexes) => indexes.reduce((sum, i) => sum + things[i].massG, 0) / Math.max(1e-9, totalG),
    dye: which((material) => isTagged(material, "dye")),
    gritty: scores.grit.score >= 0.3,
  };
  return {
    things: things.map(({ material, massG }) => ({ materialId: material.id, massG })),
    scores,
    advice: ADVICE.flatMap((row) => row(bowl) ?? []),
  };
}

/** What a kitchen gets for slip where the shelf has none: the gentlest first, and what asks for the least care. */
const easiest = (): Material[] =>
  materialsTagged("slipSource").sort(
    (a, b) => feelPerShare(a, "slip") - feelPerShare(b, "slip") || a.tags.length - b.tags.length,
  );

/**
 * As much of a slip source as brings the bowl to enough; none where it takes more than a third of it, or more than
 * there is.
 */
function slipSource({ things, totalG, onShelf, find }: Seen): {
  readonly slipSource?: { readonly materialId: string; readonly massG: number };
} {
  const there = new Set(things.map(({ material }) => material.id));
  const bought = easiest().filter(({ id }) => !onShelf.some(({ materialId }) => materialId === id));
  const candidates = [...onShelf, ...bought.map(({ id }) => ({ materialId: id, leftG: Infinity }))].flatMap(
    ({ materialId, leftG }) => {
      const material = there.has(materialId) ? undefined : find(materialId);
      return material && givesSlip(material) ? [{ material, leftG }] : [];
    },
  );
  const wanted = sumFor(ENOUGH_SLIP);
  const sum = feelSum(things, "slip") * totalG;
  for (const { material, leftG } of candidates) {
    const massG = (wanted * totalG - sum) / (feelPerShare(material, "slip") - wanted);
    if (massG > 0 && massG < totalG / 3 && massG <= leftG) return { slipSource: { materialId: material.id, massG } };
  }
  return {};
}

const givesSlip = (material: Material): boolean =>
  feelPerShare(material, "slip") >= 1.5 &&
  phaseOf(material) !== "oil" &&
  material.form !== "whole" &&
  material.form !== "fresh";

/** What holds: the maker's own choice, or the advice. */
export function chosen<T extends "strain" | "where" | "washOut" | "conditionAfter">(
  topic: T,
  { advice }: FeelAnswer,
  choices: Choices | undefined,
): NonNullable<Choices[T]> | undefined {
  const own = choices?.[topic];
  if (own !== undefined) return own as NonNullable<Choices[T]>;
  const found = advice.find((one) => one.topic === topic);
  return found && "choice" in found ? (found.choice as NonNullable<Choices[T]>) : undefined;
}
