import { exact, type Band, type Figure, type Uncertain } from "../figure";
import type { KnownOfDye, Material } from "../material";
import { acidGOf, acidShare } from "./acid";
import { BOWL_COOLING_H, coolingHOf, fallsInH, heatOf, mixTempC } from "./cooling";
import { UNKNOWN_DYE } from "./dab";
import { DYE_MODEL_MAX_C, type School } from "./dye";
import { dyeWindow, GOES_ON_BELOW_C, releaseBands, type DyeClock, type DyeWindow, type ReleaseBands } from "./release";
import { movedSoakH, soakMin } from "./soak";

/** What the paste has to wait for between mixing and the head. */
export interface RestPlan {
  /** Minutes between mixing and putting it on, as asked for or as the bowl calls for. */
  readonly restMin: number;
  /** Minutes until the slowest powder is soaked. */
  readonly soakMin: number;
  readonly dye?: {
    /** The one that this bowl's acid is nearer to. */
    readonly school: School;
    /** Kept as warm as the kitchen from the first. */
    readonly acid: DyeWindow;
    readonly plain: DyeWindow;
    /** Hours for a hot mix to fall to 45 °C; until then its rates are a guess. */
    readonly coolFirstH: Band;
    /** This bowl's own hours, along its own warmth; left out in what was saved before there was such a clock. */
    readonly own?: OwnHours;
  };
  /** Indigo by itself, by the minute. */
  readonly quick?: OwnHours;
}
/** A bowl's own hours with the clock they come from. */
export type OwnHours = ReleaseBands & { readonly clock: DyeClock };

/** Herb pastes stand at least this long. @source common practice: about half an hour */
export const LEAST_HERB_REST_MIN: Figure = exact(30, "common practice");

/** °C of what is poured where nobody heats it on purpose. @source common practice: warm from the tap */
const USUAL_POUR_C = 40;

type Bowl = readonly { readonly material: Material; readonly massG: number }[];

/** Dyes that wait for their release, cassia for gold among them; indigo has a clock of its own, in minutes. */
export const isReleased = ({ tags }: Material): boolean =>
  (tags.includes("dye") && !tags.includes("indigo")) || tags.includes("cassia");
export const isIndigo = ({ tags }: Material): boolean => tags.includes("indigo");
const gramsOf = (bowl: Bowl, is: (material: Material) => boolean): number =>
  bowl.reduce((sum, { material, massG }) => sum + (is(material) ? massG : 0), 0);

/** What is poured in the end. */
interface Poured {
  readonly parts: Bowl;
  readonly tempC: number;
}

/** How warm a bowl is when it is mixed, and how fast that goes. */
function warmthOf(bowl: Bowl, liquid: Poured, roomC: number): Pick<DyeClock, "startC" | "coolingH"> {
  const all = [...bowl, ...liquid.parts];
  const besides = bowl.reduce((sum, { material, massG }) => sum + heatOf(material, massG), 0);
  return {
    startC: mixTempC(
      gramsOf(liquid.parts, () => true),
      liquid.tempC,
      besides,
      roomC,
    ),
    coolingH: coolingHOf(gramsOf(all, () => true)),
  };
}

/** The dye powders of a bowl as their jars are known, where any is. */
function lotsOf(bowl: Bowl, is: (material: Material) => boolean): Pick<DyeClock, "lots" | "known"> {
  const dyes = bowl.filter(({ material, massG }) => massG > 0 && is(material));
  if (!dyes.some(({ material }) => material.knownDye)) return {};
  const all = gramsOf(dyes, () => true);
  const lots = dyes.map(({ material: { knownDye = UNKNOWN_DYE }, massG }) => ({
    share: massG / all,
    pace: knownDye.pace.value,
    strength: knownDye.strength.value,
  }));
  // As unsure as the jar of which least is known.
  const widest = (of: (known: KnownOfDye) => Uncertain): Uncertain => {
    const ranges = dyes.map(({ material: { knownDye = UNKNOWN_DYE } }) => of(knownDye));
    return {
      value: 1,
      low: Math.min(...ranges.map(({ low, value }) => low / value)),
      high: Math.max(...ranges.map(({ high, value }) => high / value)),
    };
  };
  return { lots, known: { pace: widest(({ pace }) => pace), strength: widest(({ strength }) => strength) } };
}

const toStep = (minutes: number): number => {
  const step = minutes < 120 ? 5 : 15;
  return Math.ceil(minutes / step - 1e-9) * step;
};

/**
 * The rest of a bowl. Where it is to dye, the default is the first hour at which it has nearly all that it will have,
 * and nothing is put on before it is cool enough.
 *
 * @param bowl    what is in it besides the liquid that is poured, grams
 * @param dyes    whether it is to dye; else a spoon of a dye rests as long as the herbs do
 * @param restMin asked for, or undefined for the default
 */
export function restPlan(bowl: Bowl, liquid: Poured, kitchenTempC: number, dyes: boolean, restMin?: number): RestPlan {
  const warmth = warmthOf(bowl, liquid, kitchenTempC);
  // Times of soaking are of bowls mixed with warm liquid, as makers do; one that is hotter swells its powders sooner.
  const asUsual = warmthOf(bowl, { ...liquid, tempC: USUAL_POUR_C }, kitchenTempC);
  const hotterC = kitchenTempC + Math.max(0, warmth.startC - asUsual.startC);
  const coldSoak = bowl.reduce((longest, { material }) => Math.max(longest, soakMin(material, kitchenTempC)), 0);
  const along = { ...warmth, startC: hotterC, stays: [{ fromH: 0, tempC: kitchenTempC }] };
  const soak = coldSoak > 0 ? 60 * movedSoakH(coldSoak / 60, kitchenTempC, along) : 0;
  // Herbs as well: half an hour after a boiling pour a bowl still scalds.
  const coolsMin = toStep(60 * (fallsInH(warmth.startC, GOES_ON_BELOW_C, kitchenTempC, warmth.coolingH) ?? 0));
  const acidG = Math.max(0, acidGOf([...bowl, ...liquid.parts]));
  const dyeG = dyes ? gramsOf(bowl, isReleased) : 0;
  const acid = dyeG > 0 ? dyeWindow("acid", kitchenTempC) : undefined;
  const plain = dyeG > 0 ? dyeWindow("plain", kitchenTempC) : undefined;
  if (acid && plain) {
    const clock: DyeClock = { ...warmth, acidPerG: acidG / dyeG, ...lotsOf(bowl, isReleased) };
    const own = releaseBands(clock, [{ fromH: 0, tempC: kitchenTempC }]);
    const cools = (by: number) =>
      fallsInH(clock.startC, DYE_MODEL_MAX_C, kitchenTempC, (clock.coolingH * by) / BOWL_COOLING_H.value) ?? 0;
    const { low, value: mid, high } = BOWL_COOLING_H;
    return {
      restMin: restMin ?? toStep(60 * Math.max(own.bestH.mid, own.goesOnH.mid)),
      soakMin: soak,
      dye: {
        school: acidShare(clock.acidPerG) >= 0.5 ? "acid" : "plain",
        acid,
        plain,
        coolFirstH: { low: cools(low), mid: cools(mid), high: cools(high) },
        own: { ...own, clock },
      },
    };
  }
  const blueG = dyes ? gramsOf(bowl, isIndigo) : 0;
  if (blueG > 0) {
    const clock: DyeClock = { ...warmth, quick: true, acidPerG: acidG / blueG, ...lotsOf(bowl, isIndigo) };
    const own = releaseBands(clock, [{ fromH: 0, tempC: kitchenTempC }]);
    return {
      restMin: restMin ?? toStep(60 * Math.max(own.bestH.mid, own.goesOnH.mid)),
      soakMin: soak,
      quick: { ...own, clock },
    };
  }
  return { restMin: restMin ?? Math.max(LEAST_HERB_REST_MIN.value, coolsMin, Math.ceil(soak / 5) * 5), soakMin: soak };
}
