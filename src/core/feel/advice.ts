import { LIGHT_FROM_GREY, LIGHT_SHADES, PURPOSE } from "../head";
import { phaseOf, type Material } from "../material";
import { liquidParts, lookupIn, type Choices, type PasteAnswer, type PasteQuestion } from "../paste";
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

/** What a slip source is taken from where the shelf has none: the ones a kitchen gets most easily. */
const SLIP_SOURCES = ["flax-gel", "aloe-gel", "marshmallow-root", "fenugreek-seed"];
const SMELLS_LATER = new Set([
  "egg",
  "egg-yolk",
  "egg-white",
  "fenugreek-seed",
  "onion",
  "garlic",
  "mustard-seed",
  "kelp",
]);

/**
 * How a bowl will feel, and what to do about it. What the maker chose otherwise stands in `question.choices` and does
 * not change the advice, so that both can be shown.
 * @param onShelf what the house has and how much of it, for naming a slip source; kitchen ones are named where it has none
 */
export function feelAdvice(question: PasteQuestion, answer: PasteAnswer, onShelf: readonly OnShelf[] = []): FeelAnswer {
  const find = lookupIn(question);
  const lines = answer.lines.flatMap(({ materialId, jarId, massG: { mid } }) => {
    const material = find(materialId, jarId);
    return material ? [{ material, massG: mid }] : [];
  });
  const { liquid } = question;
  const liquidMl = answer.liquid.state === "unreachable" ? (liquid.amountMl ?? 0) : answer.liquid.ml.mid;
  const poured = liquidParts(liquid).flatMap(({ materialId, jarId, share }) => {
    const material = find(materialId, jarId);
    return material ? [{ material, massG: liquidMl * share * material.bulkDensityGPerMl.value }] : [];
  });
  const things = [...lines, ...poured];
  const totalG = things.reduce((sum, { massG }) => sum + massG, 0);
  const scores = feelOf(things);
  const by = (feel: Feel): number[] => (scores[feel].by === undefined ? [] : [scores[feel].by]);
  const which = (holds: (material: Material) => boolean): number[] =>
    things.flatMap(({ material, massG }, i) => (massG > 0 && holds(material) ? [i] : []));
  const shareOf = (indexes: readonly number[]): number =>
    indexes.reduce((sum, i) => sum + things[i].massG, 0) / Math.max(1e-9, totalG);

  const advice: Advice[] = [];
  if (scores.slip.score < ENOUGH_SLIP)
    advice.push({
      topic: "detangle",
      because: by("grit"),
      ...(which((material) => material.tags.includes("dye")).length > 0
        ? {}
        : slipSource(things, totalG, onShelf, find)),
    });
  const gritty = scores.grit.score >= 0.3;
  advice.push({ topic: "strain", choice: gritty, because: by("grit") });
  const { head } = question;
  if (
    scores.stain.score >= LITTLE &&
    (LIGHT_SHADES.includes(head.shade) || head.greyShare >= LIGHT_FROM_GREY) &&
    !PURPOSE[question.purpose].dye
  )
    advice.push({ topic: "lightHair", because: by("stain") });
  const conditioners = which((material) => material.id === "conditioner");
  const dye = which((material) => material.tags.includes("dye"));
  advice.push({
    topic: "where",
    choice: shareOf(conditioners) > 0.05 ? "lengths" : dye.length > 0 ? "both" : "scalp",
    because: conditioners.length > 0 ? conditioners : dye,
  });
  const oils = which((material) => phaseOf(material) === "oil" && material.family !== "essentialOil");
  const eggs = which((material) => material.tags.includes("egg"));
  const oily = shareOf([...oils, ...eggs]);
  const washOut: NonNullable<Choices["washOut"]> =
    dye.length > 0 && oily < OILY
      ? "water"
      : oily >= 2 * OILY
        ? "twice"
        : oily > 0.01
          ? "once"
          : gritty
            ? "conditioner"
            : "once";
  advice.push({
    topic: "washOut",
    choice: washOut,
    because: washOut === "water" ? dye : washOut === "conditioner" ? by("grit") : [...oils, ...eggs],
  });
  const condition = scores.drying.score >= LITTLE || scores.protein.score >= LITTLE;
  advice.push({
    topic: "conditionAfter",
    choice: condition,
    because: condition ? by(scores.drying.score >= scores.protein.score ? "drying" : "protein") : by("slip"),
  });
  const smelling = which((material) => SMELLS_LATER.has(material.id));
  if (smelling.length > 0) advice.push({ topic: "odour", because: smelling });
  return { things: things.map(({ material, massG }) => ({ materialId: material.id, massG })), scores, advice };
}

/** As much of a slip source as brings the bowl to enough; none where it takes more than a third of it, or more than there is. */
function slipSource(
  things: readonly { readonly material: Material; readonly massG: number }[],
  totalG: number,
  onShelf: readonly OnShelf[],
  find: (id: string) => Material | undefined,
): { readonly slipSource?: { readonly materialId: string; readonly massG: number } } {
  const there = new Set(things.map(({ material }) => material.id));
  const candidates = [
    ...onShelf,
    ...SLIP_SOURCES.filter((id) => !onShelf.some(({ materialId }) => materialId === id)).map((materialId) => ({
      materialId,
      leftG: Infinity,
    })),
  ].flatMap(({ materialId: id, leftG }) => {
    const material = there.has(id) ? undefined : find(id);
    return material &&
      feelPerShare(material, "slip") >= 1.5 &&
      phaseOf(material) !== "oil" &&
      material.form !== "whole" &&
      material.form !== "fresh"
      ? [{ material, leftG }]
      : [];
  });
  const wanted = sumFor(ENOUGH_SLIP);
  const sum = feelSum(things, "slip") * totalG;
  for (const { material, leftG } of candidates) {
    const massG = (wanted * totalG - sum) / (feelPerShare(material, "slip") - wanted);
    if (massG > 0 && massG < totalG / 3 && massG <= leftG) return { slipSource: { materialId: material.id, massG } };
  }
  return {};
}

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
