import { exact, practice, type Band, type Figure } from "../figure";
import type { Material } from "../material";
import { acidGOf, acidShare } from "./acid";
import { BOWL_COOLING_H, coolingHOf, fallsInH, heatOf, mixTempC } from "./cooling";
import { DYE_MODEL_MAX_C, type School } from "./dye";
import { dyeWindow, GOES_ON_BELOW_C, releaseBands, type DyeClock, type DyeWindow, type ReleaseBands } from "./release";
import { soakMin } from "./soak";

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
    readonly own?: ReleaseBands & { readonly clock: DyeClock };
  };
}

/** Herb pastes stand at least this long. @source common practice: about half an hour */
export const LEAST_HERB_REST_MIN: Figure = exact(30, "common practice");
/** Indigo is put on this soon after it is wetted. */
export const INDIGO_REST_MIN: Figure = practice(15, 10, 20, "10–20 minutes, with water and no acid");

type Bowl = readonly { readonly material: Material; readonly massG: number }[];

/** Dyes that wait for their release; indigo has a clock of its own, in minutes. */
const isReleased = ({ tags }: Material): boolean => tags.includes("dye") && !tags.includes("indigo");
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
  const soak = bowl.reduce((longest, { material }) => Math.max(longest, soakMin(material, kitchenTempC)), 0);
  const warmth = warmthOf(bowl, liquid, kitchenTempC);
  // Herbs as well: half an hour after a boiling pour a bowl still scalds.
  const coolsMin = toStep(60 * (fallsInH(warmth.startC, GOES_ON_BELOW_C, kitchenTempC, warmth.coolingH) ?? 0));
  const dyeG = dyes ? gramsOf(bowl, isReleased) : 0;
  const acid = dyeG > 0 ? dyeWindow("acid", kitchenTempC) : undefined;
  const plain = dyeG > 0 ? dyeWindow("plain", kitchenTempC) : undefined;
  if (acid && plain) {
    const clock = { ...warmth, acidPerG: Math.max(0, acidGOf([...bowl, ...liquid.parts])) / dyeG };
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
  const isIndigo = ({ tags }: Material): boolean => tags.includes("indigo");
  if (dyes && gramsOf(bowl, isIndigo) > 0)
    return { restMin: restMin ?? Math.max(INDIGO_REST_MIN.value, coolsMin), soakMin: soak };
  return { restMin: restMin ?? Math.max(LEAST_HERB_REST_MIN.value, coolsMin, Math.ceil(soak / 5) * 5), soakMin: soak };
}
