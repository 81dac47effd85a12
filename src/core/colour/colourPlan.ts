import type { Head } from "../head";
import { findMaterial } from "../material";
import type { Spoons } from "../measure";
import { computePaste, type BlendLine, type PasteQuestion } from "../paste";
import { BOWL_COOLING_H, strengthAt } from "../rest";
import { WORN_C, type WornWarm } from "./crank";
import { DYE, type DyeId } from "./dyes";
import type { DyePlan, DyeStep } from "./sketch";

export const HOWS = ["stirredIn", "after", "together"] as const;
/** Of several dyes: the quick ones stirred in last, put on after the others are rinsed out, or all wetted at once. */
export type How = (typeof HOWS)[number];

/** What somebody means to do to a head's colour. */
export interface ColourPlan {
  /** Parts by weight. */
  readonly parts: readonly { readonly dye: DyeId; readonly parts: number }[];
  readonly how: How;
  readonly hoursOn: number;
  readonly worn: WornWarm;
  /** How much of the dye that has to be released is free when it goes on, of the most it can have. */
  readonly strength: number;
  readonly acid: boolean;
  readonly rounds: number;
}

/** Hours between the rinse of a first bowl and a second one on the head. */
const BETWEEN_H = 0.5;
/** °C of the water for indigo. @source common practice: warm from the tap */
const WARM_C = 40;
/** Lemon juice for a gram of powder, where a bowl is to be sour. @source common practice: two spoons to 100 g */
const LEMON_PER_G = 0.3;
const isQuick = (dye: DyeId): boolean => DYE[dye].comes === "minutes";
/** Hours that a bowl with dyes of both kinds rests for the slow ones. */
const restH = (acid: boolean): number => (acid ? 10 : 4.2);

/** What is left of indigo that was wetted with henna and waited for it, of the most it can have. */
export const indigoLeft = (hours: number, tempC: number): number =>
  strengthAt(
    { quick: true, acidPerG: 0, startC: tempC, coolingH: BOWL_COOLING_H.value },
    [{ fromH: 0, tempC }],
    [hours],
  )[0];

/** The same as bowls on a head. */
export function stepsOf({ parts, how, hoursOn, worn, strength, acid, rounds }: ColourPlan, kitchenC: number): DyePlan {
  const waits = how === "together" && parts.some(({ dye }) => isQuick(dye)) && parts.some(({ dye }) => !isQuick(dye));
  const step = (those: ColourPlan["parts"]): DyeStep => {
    const all = those.reduce((sum, one) => sum + one.parts, 0);
    return {
      hoursOn,
      wornC: WORN_C[worn],
      parts: those.map(({ dye, parts: its }) => ({
        dye,
        share: all > 0 ? its / all : 0,
        strength: isQuick(dye) ? (waits ? indigoLeft(restH(acid), kitchenC) : 1) : strength,
      })),
    };
  };
  const [slow, quick] = [parts.filter(({ dye }) => !isQuick(dye)), parts.filter(({ dye }) => isQuick(dye))];
  const apart = how === "after" && slow.length > 0 && quick.length > 0;
  return { steps: apart ? [step(slow), step(quick)] : [step(parts)], rounds };
}

/** A bowl of a plan: what is weighed, and when it is wetted and goes on, minutes from the first moment on the head. */
export interface PlannedBowl {
  readonly lines: readonly { readonly materialId: string; readonly massG: number }[];
  readonly liquidMl: number;
  readonly liquidC: number;
  readonly mixedMin: number;
  readonly onHeadMin: number;
  readonly rinsedMin: number;
  /** It is stirred into the bowl before it. */
  readonly stirredIn: boolean;
}

/**
 * The bowls of a plan for a head, as dye pastes that go on thick, timed backwards from the moment the first is on.
 * Undefined where a dye of it is no powder for a paste.
 */
export function bowlsOf(plan: ColourPlan, head: Head, kitchenTempC: number, spoons: Spoons): PlannedBowl[] | undefined {
  const powders = plan.parts.map(({ dye, parts }) => ({ dye, parts, material: findMaterial(DYE[dye].materials[0]) }));
  if (powders.length === 0 || powders.some(({ material }) => material?.form !== "powder")) return undefined;
  const asked = (those: typeof powders, grams: readonly number[] | undefined, acid: boolean): PasteQuestion => {
    const lines = those.map(({ material, parts }, i): BlendLine => ({
      materialId: material!.id,
      role: grams ? "fixed" : "part",
      amount: grams ? grams[i] : Math.max(0.01, parts * 10),
      unit: "g",
      fill: "level",
    }));
    const lemonG = LEMON_PER_G * (grams ?? []).reduce((sum, one) => sum + one, 0);
    const lemon: BlendLine = { materialId: "lemon-juice", role: "fixed", amount: lemonG, unit: "g", fill: "level" };
    return {
      purpose: "dyePacked",
      lines: acid && lemonG >= 0.01 ? [...lines, lemon] : lines,
      // Henna that begins as cool as the kitchen has a long window; indigo wants its water warm.
      liquid: { materialId: "water", tempC: those.some(({ dye }) => !isQuick(dye)) ? kitchenTempC : WARM_C },
      target: { word: "thickPaste" },
      sizing: grams ? "asGiven" : "likely",
      kitchenTempC,
      head,
      spoons,
    };
  };
  const gramsFor = (those: typeof powders): number[] | undefined => {
    const found = computePaste(asked(those, undefined, false));
    return found.ok ? found.value.lines.map((line) => Math.max(1, Math.round(line.massG.mid))) : undefined;
  };
  const bowl = (those: typeof powders, grams: readonly number[], onHeadMin: number, stirredIn: boolean) => {
    const slow = those.some(({ dye }) => DYE[dye].comes === "released");
    const question = asked(those, grams, plan.acid && slow);
    const found = computePaste(question);
    if (!found.ok || found.value.liquid.state === "unreachable") return undefined;
    const { rest, liquid } = found.value;
    return {
      lines: question.lines.map(({ materialId, amount }) => ({ materialId, massG: amount })),
      liquidMl: liquid.ml.mid,
      liquidC: question.liquid.tempC,
      mixedMin: onHeadMin - rest.restMin,
      onHeadMin,
      rinsedMin: onHeadMin + plan.hoursOn * 60,
      stirredIn,
    } satisfies PlannedBowl;
  };
  const [slow, quick] = [powders.filter(({ dye }) => !isQuick(dye)), powders.filter(({ dye }) => isQuick(dye))];
  const isTwo = plan.how !== "together" && slow.length > 0 && quick.length > 0;
  const bowls: (PlannedBowl | undefined)[] = [];
  if (!isTwo) {
    const grams = gramsFor(powders);
    bowls.push(grams && bowl(powders, grams, 0, false));
  } else if (plan.how === "stirredIn") {
    const grams = gramsFor([...slow, ...quick]);
    bowls.push(grams && bowl(slow, grams.slice(0, slow.length), 0, false));
    bowls.push(grams && bowl(quick, grams.slice(slow.length), 0, true));
  } else {
    const [first, second] = [gramsFor(slow), gramsFor(quick)];
    bowls.push(first && bowl(slow, first, 0, false));
    bowls.push(second && bowl(quick, second, (plan.hoursOn + BETWEEN_H) * 60, false));
  }
  return bowls.every((one) => one !== undefined) ? bowls : undefined;
}

export const PLAIN_PLAN: ColourPlan = {
  parts: [{ dye: "henna", parts: 1 }],
  how: "stirredIn",
  hoursOn: 2.5,
  worn: "cap",
  strength: 1,
  acid: false,
  rounds: 1,
};
