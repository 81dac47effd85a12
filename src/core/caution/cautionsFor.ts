import { PURPOSE, type Head, type PurposeId } from "../head";
import { isOrContains, type Material } from "../material";
import { CAUTION_RULES, type CautionLevel, type CautionRule, type Condition } from "./rules";

/** A caution this bowl and head call for, with the things in the bowl that call for it. */
export interface Caution {
  readonly id: string;
  readonly level: CautionLevel;
  readonly materialIds: readonly string[];
}

export interface CautionSituation {
  readonly head: Head;
  readonly purpose: PurposeId;
  readonly kitchenTempC: number;
  readonly liquidTempC: number;
  readonly materials: readonly Material[];
  /** Of all essential oils in the bowl together; 0 where there are none. */
  readonly essentialOilMl?: number;
  /** Between mixing and the head; 0 where it is not known. */
  readonly restMin?: number;
}

/** ml of essential oil among things of known mass, g. */
export const essentialOilMl = (things: readonly { readonly material: Material; readonly massG: number }[]): number =>
  things.reduce(
    (sum, { material, massG }) =>
      sum + (material.tags.includes("essentialOil") ? massG / material.bulkDensityGPerMl.value : 0),
    0,
  );

/** The materials that make a condition hold, or undefined where it does not. */
function reasons(condition: Condition, s: CautionSituation): readonly Material[] | undefined {
  const { tags, shades, greyFrom, ages, liquidFromC, kitchenFromC } = condition;
  if (condition.heavy && !PURPOSE[s.purpose].heavy) return undefined;
  if (shades && !shades.includes(s.head.shade)) return undefined;
  if (greyFrom !== undefined && s.head.greyShare < greyFrom) return undefined;
  if (ages && !ages.includes(s.head.age)) return undefined;
  if (condition.pregnant && !s.head.pregnant) return undefined;
  if (condition.soreScalp && !s.head.soreScalp) return undefined;
  if (condition.asthma && !s.head.asthma) return undefined;
  if (liquidFromC !== undefined && s.liquidTempC < liquidFromC) return undefined;
  if (kitchenFromC !== undefined && s.kitchenTempC < kitchenFromC) return undefined;
  if (condition.essentialOilOverMl !== undefined && !((s.essentialOilMl ?? 0) > condition.essentialOilOverMl))
    return undefined;
  if (condition.restOverMin !== undefined && !((s.restMin ?? 0) > condition.restOverMin)) return undefined;
  if (condition.restUpToMin !== undefined && !((s.restMin ?? 0) <= condition.restUpToMin)) return undefined;
  let because: readonly Material[] = [];
  if (tags) {
    because = s.materials.filter(
      (material) =>
        material.tags.some((tag) => tags.includes(tag)) &&
        !material.tags.some((tag) => condition.butNot?.includes(tag)),
    );
    if (because.length === 0) return undefined;
  }
  if (condition.allergyInBowl) {
    because = s.materials.filter((material) => s.head.allergies.some((id) => isOrContains(material, id)));
    if (because.length === 0) return undefined;
  }
  return because;
}

/** Every caution that applies, in the order of the rule table: stop, care, note. */
export function cautionsFor(situation: CautionSituation): Caution[] {
  return CAUTION_RULES.flatMap(({ id, level, when }: CautionRule) => {
    for (const condition of when) {
      const because = reasons(condition, situation);
      if (because) return [{ id, level, materialIds: [...new Set(because.map((material) => material.id))] }];
    }
    return [];
  }).sort((a, b) => RANK[a.level] - RANK[b.level]);
}

const RANK: Readonly<Record<CautionLevel, number>> = { stop: 0, care: 1, note: 2 };
