import { bowlState, pullG, pullPerG, type Thing } from "../balance";
import { point, type Band } from "../figure";
import type { Material } from "../material";
import { inSpoons, spoonMl, type SpoonAmount, type Spoons } from "../measure";
import {
  consistencyOf,
  heldCoatMm,
  kitchenStep,
  type Consistency,
  type KitchenStep,
  type PasteAnswer,
  type PasteQuestion,
} from "../paste";
import type { Seen } from "./heard";

/** How long past its rest one would wait for a paste to thicken. */
const LONGEST_WAIT_MIN = 120;
/** A coat below this is nothing over what the strands hold. Estimate. */
const LEAST_COAT_MM = 0.2;
/** Less powder than this is not put in. */
const LEAST_POWDER_G = 0.5;

/** One way on, with what it does to the whole. */
export type CorrectionOption = {
  readonly totalAfterG: number;
  /** Powder in a gram of paste against what was planned: 1 is as strong. */
  readonly strength: number;
  /** How it will be when it goes on. */
  readonly on: Consistency;
} & (
  | {
      readonly kind: "liquid";
      readonly ml: Band;
      /** Of it at once; the rest by steps. */ readonly atOnceMl: number;
      readonly spoons: SpoonAmount;
      readonly step: KitchenStep;
      /** The bowl's own "never more", ml, where this reaches it or passes it. */
      readonly neverMoreMl?: number;
    }
  /** Powder in the blend's own proportions, never one herb alone. `line` indexes the blend's lines. */
  | {
      readonly kind: "powder";
      readonly totalG: number;
      readonly lines: readonly { readonly line: number; readonly massG: number; readonly spoons: SpoonAmount }[];
      /** The jar that runs out before it is enough. */ readonly shortLine?: number;
    }
  /** Nothing that is known of this bowl agrees with what was said; to look again once it has soaked, in minutes. */
  | { readonly kind: "leave"; readonly minutes: number }
  /** It thickens by itself. */
  | { readonly kind: "wait"; readonly minutes: number }
  /** It goes on as it is, thinner. */
  | { readonly kind: "thinCoat"; readonly holdsMm: number; readonly needMm: number }
);

/** A bowl of which something was said, placed by it on the scale. */
export interface Situation {
  readonly question: PasteQuestion;
  readonly answer: PasteAnswer;
  readonly seen: Seen;
  /** Liquid that is in it, ml, and what is still to come of its rest. */
  readonly pouredMl: number;
  readonly minutesSoaked: number;
  readonly restLeftMin: number;
  /** When it goes on, minutes since wetting. */
  readonly onMin: number;
  readonly haveG: readonly (number | undefined)[];
  readonly materials: readonly Material[];
  readonly isPowder: readonly boolean[];
  /** The factor on all holdings that explains what was seen. */
  readonly factor: Band;
  readonly targetPhi: number;
  /** It was called thick. */
  readonly thick: boolean;
  /** Lines after so many minutes, without the liquid; the liquid by itself. */
  readonly at: (minutes: number) => readonly Thing[];
  readonly liquid: (ml: number) => Thing;
  /** Liquid that it still wants after so many minutes, ml; less than none where it has too much. */
  readonly moreMl: (minutes: number, factor?: number) => number;
  /** The same when it goes on. */
  readonly more: number;
  readonly step: KitchenStep;
  /** What comes of it with these things in the bowl, and so much powder put in. */
  readonly after: (
    things: readonly Thing[],
    addedPowderG?: number,
  ) => Pick<CorrectionOption, "totalAfterG" | "strength" | "on">;
}

/** One way on; undefined where it leads nowhere. */
type Way = (bowl: Situation) => CorrectionOption | undefined;

const asItIs = ({ at, onMin, liquid, pouredMl }: Situation) => [...at(onMin), liquid(pouredMl)];

const waitFor = (bowl: Situation, minutes: number): CorrectionOption => ({
  kind: "wait",
  minutes,
  ...bowl.after([...bowl.at(Math.max(bowl.onMin, bowl.minutesSoaked + minutes)), bowl.liquid(bowl.pouredMl)]),
});

/** The first minute, to five, from which it is as thick as wanted; undefined where it is not until the last. */
function thickFromMin({ moreMl, step }: Situation, from: number, to: number): number | undefined {
  const thickened = (minutes: number) => moreMl(minutes) > -step.ml / 2;
  if (!thickened(to)) return undefined;
  for (let minutes = from; minutes < to; minutes += 5) if (thickened(minutes)) return minutes;
  return to;
}

const addLiquid: Way = (bowl) => {
  const { question, answer, seen, thick, more, moreMl, step, pouredMl, onMin, factor } = bowl;
  // What was called thick keeps its side of the target: whole spoons below it.
  const spoon = thick ? wholeSpoonMl(more, question.spoons) : step.ml;
  let ml = (thick ? Math.floor(more / spoon + 1e-9) : Math.round(more / spoon)) * spoon;
  if (!(ml > 0)) return undefined;
  const plan = answer.liquid.state === "solved" ? answer.liquid.plan : undefined;
  // A word may lead to the bowl's own "never more" and from there only a step at a time; a test says why it passes it.
  if (thick && plan && pouredMl + ml > plan.mostMl) {
    const room = plan.mostMl - pouredMl;
    ml = room >= spoon ? Math.floor(room / spoon + 1e-9) * spoon : spoon;
  }
  const safeMl = plan ? plan.firstPourMl - pouredMl : 0;
  const [least, most] = [moreMl(onMin, factor.low), moreMl(onMin, factor.high)];
  return {
    kind: "liquid",
    ml: seen.by === "test" ? { low: Math.max(0, Math.min(ml, least)), mid: ml, high: Math.max(ml, most) } : point(ml),
    atOnceMl: Math.min(ml, Math.max(step.ml, Math.floor(safeMl / step.ml) * step.ml)),
    spoons: inSpoons(ml, question.spoons),
    step,
    ...(plan && pouredMl + ml > plan.mostMl - step.ml ? { neverMoreMl: plan.mostMl } : {}),
    ...bowl.after([...bowl.at(onMin), bowl.liquid(pouredMl + ml)]),
  };
};

const waitItOut: Way = (bowl) => waitFor(bowl, bowl.restLeftMin);

/** Said to be thin, and by all that is known too thick once it has soaked: time alone does it. */
const waitTillSoaked: Way = (bowl) => {
  const by = thickFromMin(bowl, bowl.minutesSoaked, bowl.onMin);
  return by === undefined || by <= bowl.minutesSoaked ? undefined : waitFor(bowl, by - bowl.minutesSoaked);
};

const waitLonger: Way = (bowl) => {
  const by = thickFromMin(bowl, bowl.onMin, bowl.onMin + LONGEST_WAIT_MIN);
  return by === undefined ? undefined : waitFor(bowl, by - bowl.minutesSoaked);
};

/** Powders of the blend's own proportions thicken it; what is wet is not put in once more. */
const addPowder: Way = (bowl) => {
  const { question, answer, haveG, materials, isPowder, targetPhi } = bowl;
  const there = bowl.at(bowl.onMin);
  const role = (i: number) => question.lines[i].role;
  const isPart = isPowder.some((dry, i) => dry && role(i) !== "fixed")
    ? isPowder.map((dry, i) => dry && role(i) !== "fixed")
    : isPowder;
  const parts = there.filter((_, i) => isPart[i]);
  const partsG = parts.reduce((sum, t) => sum + t.massG, 0);
  const perGram = parts.reduce((sum, t) => sum + t.massG * pullPerG(t, targetPhi), 0) / partsG;
  const wantedG = perGram > 0 ? Math.max(0, -pullG(asItIs(bowl), targetPhi) / perGram) : 0;
  const reach = answer.lines.map(({ massG: { mid } }, i) =>
    isPart[i] && haveG[i] !== undefined && mid > 0 ? (Math.max(0, haveG[i]) * partsG) / mid : Infinity,
  );
  const mostG = Math.min(...reach);
  const totalG = Math.min(wantedG, mostG);
  if (!Number.isFinite(totalG) || totalG <= LEAST_POWDER_G) return undefined;
  const thicker = there.map((t, i) => (isPart[i] ? { ...t, massG: t.massG * (1 + totalG / partsG) } : t));
  return {
    kind: "powder",
    totalG,
    lines: materials.flatMap((material, line) => {
      if (!isPart[line]) return [];
      const massG = (totalG * answer.lines[line].massG.mid) / partsG;
      return [{ line, massG, spoons: inSpoons(massG / material.bulkDensityGPerMl.value, question.spoons) }];
    }),
    ...(mostG < wantedG ? { shortLine: reach.indexOf(mostG) } : {}),
    ...bowl.after([...thicker, bowl.liquid(bowl.pouredMl)], totalG),
  };
};

const thinCoat: Way = (bowl) => {
  const things = asItIs(bowl);
  const state = consistencyOf(things);
  if (state.state === "dry") return undefined;
  const { massG, volumeMl } = bowlState(things);
  const holdsMm = heldCoatMm(state.yieldPa, massG / volumeMl);
  const needMm = bowl.answer.coat.needMm.mid;
  return holdsMm >= LEAST_COAT_MM && holdsMm < needMm
    ? { kind: "thinCoat", holdsMm, needMm, ...bowl.after(things) }
    : undefined;
};

const leave = (bowl: Situation): CorrectionOption => ({
  kind: "leave",
  minutes: bowl.restLeftMin,
  ...bowl.after(asItIs(bowl)),
});

/** How a bowl stands against what is wanted of it. */
export type Standing = "tooThick" | "there" | "soaks" | "tooThin";
/** The ways on from there, the first being what we would do. */
const WAYS: Readonly<Record<Standing, readonly Way[]>> = {
  tooThick: [addLiquid],
  there: [waitItOut],
  soaks: [waitTillSoaked],
  tooThin: [waitLonger, addPowder, thinCoat],
};

/** All ways that lead somewhere; where none does, the bowl is left as it is. */
export function waysOn(standing: Standing, bowl: Situation): readonly [CorrectionOption, ...CorrectionOption[]] {
  const [first, ...others] = WAYS[standing].flatMap((way) => way(bowl) ?? []);
  return first ? [first, ...others] : [leave(bowl)];
}

/** The step in which liquid is added; down to a quarter of a teaspoon where a small bowl would be passed by one. */
export function stepFor(thick: boolean, moreMl: number, spoons: Spoons): KitchenStep {
  if (!thick) return kitchenStep(Math.abs(Number.isFinite(moreMl) ? moreMl : 0), spoons);
  const ml = Number.isFinite(moreMl) ? Math.max(0, moreMl) : 0;
  const step = kitchenStep(ml, spoons);
  return ml >= step.ml ? step : { count: 0.25, unit: "tsp", ml: spoonMl(spoons).tsp / 4 };
}

/** Whole teaspoons, or quarters of one where it is less than that. */
const wholeSpoonMl = (ml: number, spoons: Spoons): number =>
  ml >= spoonMl(spoons).tsp ? spoonMl(spoons).tsp : spoonMl(spoons).tsp / 4;
