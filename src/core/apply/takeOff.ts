import { chosen, LITTLE, type FeelAnswer } from "../feel";
import { PURPOSE, type Head } from "../head";
import { findMaterial, isTagged } from "../material";
import type { PasteQuestion } from "../paste";

/** What is done to take a paste off and after it, in its order. Ids are kept in events for good. */
export const TAKE_OFF_STEPS = [
  "drain",
  "soften",
  "rinse",
  "float",
  "shampoo",
  "comb",
  "condition",
  "odour",
  "towel",
  "moisture",
  "oil",
] as const;
export type TakeOffStepId = (typeof TAKE_OFF_STEPS)[number];

/** One step; `because` are indexes of things in the bowl, `times` how often. */
export interface TakeOffStep {
  readonly id: TakeOffStepId;
  readonly times?: number;
  readonly because: readonly number[];
}

/** Grit that wants another rinse; slip that lets a comb through. Estimates, as the advice has them. */
const GRITTY = 0.3;
const SLIPPERY = 0.35;

interface Bowl {
  readonly question: PasteQuestion;
  readonly head: Head;
  readonly feel: FeelAnswer;
  readonly dye: boolean;
  readonly powders: readonly number[];
  readonly by: (of: keyof FeelAnswer["scores"]) => readonly number[];
}
/** A row for each step; undefined where this bowl does not call for it. */
const ROWS: Readonly<Record<TakeOffStepId, (bowl: Bowl) => Omit<TakeOffStep, "id"> | undefined>> = {
  drain: ({ powders }) => (powders.length > 0 ? { because: powders } : undefined),
  soften: ({ powders }) => (powders.length > 0 ? { because: [] } : undefined),
  rinse: ({ feel: { scores }, by, dye }) => ({
    times: 2 + (scores.grit.score >= GRITTY ? 1 : 0) + (dye ? 1 : 0),
    because: by("grit"),
  }),
  float: (bowl) => (washOf(bowl) === "conditioner" ? { because: bowl.by("grit") } : undefined),
  shampoo: (bowl) => {
    const wash = washOf(bowl);
    if (wash !== "once" && wash !== "twice") return undefined;
    return { times: wash === "twice" ? 2 : 1, because: becauseOf(bowl, "washOut") };
  },
  comb: ({ feel: { scores }, by }) => ({ because: scores.slip.score >= SLIPPERY ? by("slip") : [] }),
  condition: (bowl) =>
    chosen("conditionAfter", bowl.feel, bowl.question.choices) === true
      ? { because: becauseOf(bowl, "conditionAfter") }
      : undefined,
  odour: (bowl) => {
    const because = becauseOf(bowl, "odour");
    return because.length > 0 ? { because } : undefined;
  },
  towel: ({ feel: { scores }, by }) => ({ because: scores.stain.score >= LITTLE ? by("stain") : [] }),
  // What follows a dye has its own days.
  moisture: ({ dye, by, feel: { scores } }) =>
    dye ? undefined : { because: scores.drying.score >= LITTLE ? by("drying") : [] },
  oil: (bowl) =>
    bowl.dye || washOf(bowl) === "twice" || bowl.head.traits?.dislikes?.includes("oil") ? undefined : { because: [] },
};
const washOf = ({ feel, question }: Bowl) => chosen("washOut", feel, question.choices);
const becauseOf = ({ feel }: Bowl, topic: string): readonly number[] =>
  feel.advice.find((one) => one.topic === topic)?.because ?? [];

/**
 * How a bowl is taken off, by what is in it, and what follows.
 * @source common practice; what was chosen otherwise for this blend counts
 */
export function takeOffPlan(question: PasteQuestion, feel: FeelAnswer): TakeOffStep[] {
  const materials = feel.things.map(({ materialId }) => findMaterial(materialId));
  const which = (holds: (i: number) => boolean) => feel.things.flatMap((_, i) => (holds(i) ? [i] : []));
  const bowl: Bowl = {
    question,
    head: question.head,
    feel,
    dye: PURPOSE[question.purpose].dye || materials.some((one) => one && isTagged(one, "dye")),
    powders: which((i) => materials[i] === undefined || ["powder", "whole", "fresh"].includes(materials[i].form)),
    by: (of) => (feel.scores[of].by === undefined ? [] : [feel.scores[of].by]),
  };
  return TAKE_OFF_STEPS.flatMap((id) => {
    const step = ROWS[id](bowl);
    return step ? [{ id, ...step }] : [];
  });
}
