import { exact, practice, type Band, type Figure } from "../figure";
import type { Material } from "../material";
import { coolingH, mixTempC } from "./cooling";
import { DYE_MODEL_MAX_C, dyeWindow, type DyeWindow, type School } from "./dye";
import { soakMin } from "./soak";

/** What the paste has to wait for between mixing and the head. */
export interface RestPlan {
  /** Minutes between mixing and putting it on, as asked for or as the bowl calls for. */
  readonly restMin: number;
  /** Minutes until the slowest powder is soaked. */
  readonly soakMin: number;
  readonly dye?: {
    readonly school: School;
    readonly acid: DyeWindow;
    readonly plain: DyeWindow;
    /** Hours for a hot mix to fall to 45 °C, where the dye's clock starts. */
    readonly coolFirstH: Band;
  };
}

/** Herb pastes stand at least this long. @source common practice: about half an hour */
export const LEAST_HERB_REST_MIN: Figure = exact(30, "common practice");
/** Indigo is put on this soon after it is wetted. */
export const INDIGO_REST_MIN: Figure = practice(15, 10, 20, "10–20 minutes, with water and no acid");
/** A bowl counts as acid from this share of acid things to dye powder on. */
const ACID_SHARE = 0.04;

/**
 * The rest of a bowl. With a dye in it the default is the peak of its school at this temperature.
 * @param bowl what is in it, grams; liquid last or anywhere
 * @param restMin asked for, or undefined for the default
 */
export function restPlan(
  bowl: readonly { readonly material: Material; readonly massG: number }[],
  liquid: { readonly massG: number; readonly tempC: number },
  kitchenTempC: number,
  restMin?: number,
): RestPlan {
  const gramsOf = (is: (tags: Material["tags"]) => boolean) =>
    bowl.filter(({ material }) => is(material.tags)).reduce((sum, { massG }) => sum + massG, 0);
  const soak = bowl.reduce((longest, { material }) => Math.max(longest, soakMin(material, kitchenTempC)), 0);
  // Indigo has a clock of its own, in minutes; only henna-like dyes wait for their release.
  const dyeG = gramsOf((tags) => tags.includes("dye") && !tags.includes("indigo"));
  const quick = dyeG === 0 && gramsOf((tags) => tags.includes("indigo")) > 0;
  const acid = dyeG > 0 ? dyeWindow("acid", kitchenTempC) : undefined;
  const plain = dyeG > 0 ? dyeWindow("plain", kitchenTempC) : undefined;
  if (acid && plain) {
    const school: School = gramsOf((tags) => tags.includes("acid")) >= ACID_SHARE * dyeG ? "acid" : "plain";
    const solidsG = bowl.reduce((sum, { massG }) => sum + massG, 0);
    const mixC = mixTempC(liquid.massG, liquid.tempC, solidsG, kitchenTempC);
    const coolFirstH = coolingH(mixC, DYE_MODEL_MAX_C, kitchenTempC) ?? { low: 0, mid: 0, high: 0 };
    const peakMin = ((school === "acid" ? acid : plain).peakH.mid + coolFirstH.mid) * 60;
    return {
      restMin: restMin ?? Math.round(peakMin / 15) * 15,
      soakMin: soak,
      dye: { school, acid, plain, coolFirstH },
    };
  }
  if (quick) return { restMin: restMin ?? INDIGO_REST_MIN.value, soakMin: soak };
  return { restMin: restMin ?? Math.max(LEAST_HERB_REST_MIN.value, Math.ceil(soak / 5) * 5), soakMin: soak };
}
