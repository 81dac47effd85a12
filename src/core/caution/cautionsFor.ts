import { PURPOSE, type Head, type PurposeId, type TraitId, type Traits } from "../head";
import { isOrContains, type Material, type Tag } from "../material";
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
  /** What of the paste is strong; where it is not known, nothing is. */
  readonly strength?: Strength;
  /** Between mixing and the head; 0 where it is not known. */
  readonly restMin?: number;
}

/** How much of a paste is what burns in larger shares. */
export interface Strength {
  readonly essentialOilMl: number;
  /** Shares of the paste by mass. */
  readonly essentialShare: number;
  readonly harshShare: number;
  /** As citric acid. */
  readonly acidShare: number;
}
export const NOT_STRONG: Strength = { essentialOilMl: 0, essentialShare: 0, harshShare: 0, acidShare: 0 };

/** Citric-acid equivalents of a gram; a sour fruit powder is no poured acid and is not counted. */
const sourness = ({ family, acidity }: Material): number => (family === "acid" ? (acidity?.value ?? 0) : 0);

/** How strong a bowl is. @param things everything in it, the liquid too, with its grams */
export function strengthOf(things: readonly { readonly material: Material; readonly massG: number }[]): Strength {
  const totalG = things.reduce((sum, { massG }) => sum + massG, 0);
  const sum = (of: (material: Material, massG: number) => number) =>
    things.reduce((all, { material, massG }) => all + of(material, massG), 0);
  const tagged = (tag: Tag) => sum(({ tags }, massG) => (tags.includes(tag) ? massG : 0));
  const share = (massG: number) => (totalG > 0 ? massG / totalG : 0);
  return {
    essentialOilMl: sum((material, massG) =>
      material.tags.includes("essentialOil") ? massG / material.bulkDensityGPerMl.value : 0,
    ),
    essentialShare: share(tagged("essentialOil")),
    harshShare: share(tagged("harsh")),
    acidShare: share(sum((material, massG) => sourness(material) * massG)),
  };
}

/** True where all of it is said of a head. */
const isSaid = (wanted: NonNullable<Condition["trait"]>, traits: Traits | undefined): boolean =>
  traits !== undefined &&
  Object.entries(wanted).every(([trait, value]) => [traits[trait as TraitId] ?? []].flat().includes(value as never));

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
  const { essentialOilMl, essentialShare, harshShare, acidShare } = s.strength ?? NOT_STRONG;
  const over = (value: number, limit: number | undefined) => limit === undefined || value > limit;
  if (!over(essentialOilMl, condition.essentialOilOverMl) || !over(essentialShare, condition.essentialShareOver))
    return undefined;
  if (!over(harshShare, condition.harshShareOver) || !over(acidShare, condition.acidShareOver)) return undefined;
  if (condition.trait && !isSaid(condition.trait, s.head.traits)) return undefined;
  if (condition.treated && !s.head.treated?.some(({ what }) => condition.treated?.includes(what))) return undefined;
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
  const { madeOf } = condition;
  if (madeOf) {
    because = s.materials.filter((material) => madeOf.some((id) => isOrContains(material, id)));
    if (because.length === 0) return undefined;
  }
  if (condition.allergyInBowl) {
    because = s.materials.filter((material) => s.head.allergies.some((id) => isOrContains(material, id)));
    if (because.length === 0) return undefined;
  }
  return because.length > 0 ? because : strongOnes(condition, s.materials);
}

/** What makes a bowl strong, where a condition is about that. */
function strongOnes(
  { essentialOilOverMl, essentialShareOver, harshShareOver, acidShareOver }: Condition,
  materials: readonly Material[],
): readonly Material[] {
  if (harshShareOver !== undefined) return materials.filter(({ tags }) => tags.includes("harsh"));
  if (essentialOilOverMl !== undefined || essentialShareOver !== undefined)
    return materials.filter(({ tags }) => tags.includes("essentialOil"));
  return acidShareOver !== undefined ? materials.filter((material) => sourness(material) > acidShareOver) : [];
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
