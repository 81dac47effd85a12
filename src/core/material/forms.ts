import type { Band } from "../figure";
import type { Spoons } from "../measure";
import { inSpoons, type SpoonAmount } from "../measure";
import type { Material } from "./material";

/** So much of one form in place of so much of another. */
export interface Conversion {
  readonly materialId: string;
  readonly massG: Band;
  readonly spoons: SpoonAmount;
}

/**
 * The same herb in another form, by what is dry in it: grams dry stay the same, water comes or goes. Whole and ground
 * weigh the same and fill other spoons. What a fresh plant loses in drying beside water is not counted.
 *
 * @param massG of `from`, g
 * @returns undefined where they are not one plant, or the other has nothing dry in it
 */
export function convertForm(from: Material, to: Material, massG: number, spoons: Spoons): Conversion | undefined {
  if (from.plant === undefined || from.plant !== to.plant || !(massG > 0)) return undefined;
  const dry = (material: Material, at: "value" | "low" | "high") => 1 - material.water[at];
  if (dry(to, "high") <= 0 || dry(to, "value") <= 0) return undefined;
  const mid = (massG * dry(from, "value")) / dry(to, "value");
  const half = Math.hypot(
    (dry(from, "low") - dry(from, "high")) / 2 / dry(from, "value"),
    (dry(to, "low") - dry(to, "high")) / 2 / dry(to, "value"),
  );
  return {
    materialId: to.id,
    massG: { low: mid / (1 + half), mid, high: mid * (1 + half) },
    spoons: inSpoons(mid / to.bulkDensityGPerMl.value, spoons),
  };
}

/** Every other form of a herb among these. */
export const otherForms = (of: Material, among: readonly Material[]): Material[] =>
  of.plant === undefined ? [] : among.filter((one) => one.plant === of.plant && one.id !== of.id);
