import { checkNumber } from "../checkNumber";
import { Z95, type Figure } from "../figure";
import { knownOf, NOTHING_LEARNT, type Known, type Learnt } from "../learn";
import { HEAPS, type KnownOfDye, type Material } from "../material";
import { spoonMl, type Spoons } from "../measure";
import type { Problem } from "../problem";
import { checkText } from "../text";
import { dayNumber } from "../day";

export const WEIGHED_BY = ["tsp", "tbsp", "cup"] as const;
/** So many level spoons of a jar, weighed. */
export interface Weighing {
  readonly id: string;
  readonly count: number;
  readonly unit: (typeof WEIGHED_BY)[number];
  readonly massG: number;
}

/** The figures that something made here has of its own. */
export const MADE_FIGURES = [
  "water",
  "oil",
  "dissolving",
  "bulkDensityGPerMl",
  "holding",
  "colour",
  "tags",
  "acidity",
  "contains",
  "keeping",
] as const;
/** The first ones that were kept had no oil, holding or keeping among them. */
export type MadeFigures = Pick<
  Material,
  "water" | "dissolving" | "bulkDensityGPerMl" | "colour" | "tags" | "acidity" | "contains" | "keeping"
> &
  Partial<Pick<Material, "oil" | "holding">>;
/** Those of a material, as a jar keeps them. */
export const madeFigures = (material: Material): MadeFigures =>
  Object.fromEntries(
    MADE_FIGURES.flatMap((name) => (material[name] === undefined ? [] : [[name, material[name]]])),
  ) as unknown as MadeFigures;
/** How what is in a jar was made here, and the figures it has from that; they stay as they were computed. */
export interface MadeHere {
  /** A method of the makings. */
  readonly method: string;
  readonly things: readonly { readonly materialId: string; readonly massG: number }[];
  readonly settings: Readonly<Record<string, number | string | boolean>>;
  readonly kitchenTempC: number;
  readonly figures: MadeFigures;
  /** The making that was followed, where it was. */
  readonly makingId?: string;
  /** It is what was left of it, and not what was made. */
  readonly isRest?: true;
}

/** One bag, bottle, or batch of something home-made. Days are ISO 8601. */
export interface Jar {
  readonly id: string;
  readonly materialId: string;
  /** The shop's own words, or what the house calls it. */
  readonly name: string;
  readonly lot?: string;
  readonly boughtOn?: string;
  readonly openedOn?: string;
  readonly bestBefore?: string;
  /** Grams it held when it came. */
  readonly fullG: number;
  /** Grams the ledger leaves in it; below zero where more was drawn than was thought to be there. */
  readonly leftG: number;
  /** What it cost, in the household's currency. */
  readonly price?: number;
  readonly place?: string;
  readonly madeHere: boolean;
  /** Of something that was made by a method. */
  readonly made?: MadeHere;
  readonly weighings: readonly Weighing[];
}

/** A level spoon is struck off by eye. Estimate. */
const STRIKE = 0.04;
const SCALE_G = 1;
/** No number of weighings makes a spoon surer than this, since the next one is filled by another hand. */
const LEAST_HALF = 0.02;

/**
 * Bulk density of a jar's powder, g/ml, averaged over its weighings, each weighted by how sure it is; the 90 % range
 * from the scale, the striking-off and, from two weighings on, how far they lie apart.
 */
export function jarDensity(weighings: readonly Weighing[], spoons: Spoons): Figure | undefined {
  const size = spoonMl(spoons);
  const each = weighings
    .filter(({ count, massG }) => count > 0 && massG > 0)
    .map(({ count, unit, massG }) => {
      const value = massG / (count * size[unit]);
      const relative = Math.hypot(Math.min(0.5, SCALE_G / massG), STRIKE / Math.sqrt(count));
      return { value, weight: 1 / relative ** 2 };
    });
  if (each.length === 0) return undefined;
  const weight = each.reduce((sum, one) => sum + one.weight, 0);
  const value = each.reduce((sum, one) => sum + one.value * one.weight, 0) / weight;
  const apart =
    each.length > 1
      ? Math.sqrt(each.reduce((sum, one) => sum + (one.value / value - 1) ** 2, 0) / (each.length - 1) / each.length) *
        2
      : 0;
  const half = Math.max(LEAST_HALF, Math.sqrt(1 / weight), apart);
  const times = each.length === 1 ? "weighed once" : `weighed ${each.length} times`;
  return {
    value,
    low: value * (1 - half),
    high: value * (1 + half),
    source: { kind: "measured", name: `a level spoon, ${times}` },
  };
}

/** ml per gram that this jar's powder holds, by its tests; undefined where none taught anything. */
export function jarHolding(
  { holding }: Material,
  known: (Known & { readonly readings: number }) | undefined,
): Figure | undefined {
  if (!known || holding.kind !== "perGram") return undefined;
  const value = holding.mlPerG.value * known.factor;
  const times = known.readings === 1 ? "one test" : `${known.readings} tests`;
  return {
    value,
    low: value * Math.exp(-Z95 * known.sd),
    high: value * Math.exp(Z95 * known.sd),
    source: { kind: "measured", name: `this jar, ${times} on a plate or with a ring` },
  };
}

/**
 * A material as this jar has it: the tables' figures, or those it was made with; its own density where a spoon of it
 * was weighed, its own holding where it was tested, and what dabs of its dye said.
 */
export function jarMaterial(
  jar: Jar,
  material: Material,
  spoons: Spoons,
  learnt: Learnt = NOTHING_LEARNT,
  knownDye?: KnownOfDye,
): Material {
  const density = jarDensity(jar.weighings, spoons);
  const holding = jarHolding(material, knownOf(learnt, jar.id));
  return {
    ...material,
    ...jar.made?.figures,
    jarId: jar.id,
    ...(density ? { bulkDensityGPerMl: density } : {}),
    ...(holding ? { holding: { kind: "perGram", mlPerG: holding } } : {}),
    ...(knownDye ? { knownDye } : {}),
  };
}

/**
 * Jars of a material in the order one uses them up: with something in them, opened before closed, soonest best-before
 * first.
 */
export function jarsOf(jars: readonly Jar[], materialId: string): Jar[] {
  const FAR = "9999";
  return jars
    .filter((jar) => jar.materialId === materialId)
    .sort(
      (a, b) =>
        Number(b.leftG > 0) - Number(a.leftG > 0) ||
        Number(b.openedOn !== undefined) - Number(a.openedOn !== undefined) ||
        (a.bestBefore ?? FAR).localeCompare(b.bestBefore ?? FAR) ||
        (a.boughtOn ?? FAR).localeCompare(b.boughtOn ?? FAR) ||
        a.id.localeCompare(b.id),
    );
}

/** The jar that is in use: undefined where there is none of it. */
export const jarInUse = (jars: readonly Jar[], materialId: string): Jar | undefined => jarsOf(jars, materialId)[0];

const MOST_DENSE = 3;
const MOST_MONTHS = 1200;
const MOST_HELD_ML = 100;
const MOST_STIFF_PA = 10_000;
/** Every problem with how something says it was made: its figures have to be such as a thing can have. */
export function checkMade({ method, things, settings, kitchenTempC, figures }: MadeHere): Problem[] {
  const problems: (Problem | undefined)[] = [
    checkText("method", method, "materialIdChars"),
    checkNumber("kitchenTempC", kitchenTempC, "kitchenTempC"),
    ...things.flatMap(({ materialId, massG }, i) => [
      checkText(`things.${i}.materialId`, materialId, "materialIdChars"),
      checkNumber(`things.${i}.massG`, massG, "jarG"),
    ]),
    ...Object.entries(settings).flatMap(([id, value]) => [
      checkText(`settings.${id.slice(0, 20)}`, id, "materialIdChars"),
      typeof value === "string" ? checkText(`settings.${id.slice(0, 20)}`, value, "materialIdChars") : undefined,
    ]),
  ];
  const { holding, keeping } = figures;
  const within: readonly (readonly [name: string, figure: Figure | undefined, most: number])[] = [
    ["water", figures.water, 1],
    ["oil", figures.oil, 1],
    ["dissolving", figures.dissolving, 1],
    ["acidity", figures.acidity, 1],
    ["bulkDensityGPerMl", figures.bulkDensityGPerMl, MOST_DENSE],
    ["keeping", keeping?.closedMonths, MOST_MONTHS],
    ["keeping", keeping?.openedMonths, MOST_MONTHS],
    ["holding", holding?.kind === "perGram" ? holding.mlPerG : undefined, MOST_HELD_ML],
    ["holding", holding?.kind === "ownStiffness" ? holding.yieldPa : undefined, MOST_STIFF_PA],
  ];
  for (const [name, figure, most] of within) {
    if (!figure) continue;
    const inOrder = 0 <= figure.low && figure.low <= figure.value && figure.value <= figure.high;
    if (!inOrder || figure.high > most || (name === "bulkDensityGPerMl" && figure.value <= 0))
      problems.push({ field: `figures.${name}`, code: "tooLarge", detail: { max: most } });
  }
  for (const [i, part] of figures.colour.entries())
    if (!Number.isFinite(part)) problems.push({ field: `figures.colour.${i}`, code: "notANumber" });
  for (const [i, id] of (figures.contains ?? []).entries())
    problems.push(checkText(`figures.contains.${i}`, id, "materialIdChars"));
  return problems.filter((problem) => problem !== undefined);
}

/** Every problem with a jar as it was filled in. @param today ISO day, in the household's zone */
export function checkJar(
  jar: Pick<Jar, "name" | "lot" | "place" | "boughtOn" | "openedOn" | "bestBefore" | "fullG" | "price">,
  today: string,
): Problem[] {
  const problems: (Problem | undefined)[] = [
    checkText("name", jar.name, "nameChars"),
    ...(["lot", "place"] as const).map((field) =>
      jar[field] === undefined ? undefined : checkText(field, jar[field], "labelChars"),
    ),
    checkNumber("fullG", jar.fullG, "jarG"),
    jar.price === undefined ? undefined : checkNumber("price", jar.price, "price"),
  ];
  for (const field of ["boughtOn", "openedOn", "bestBefore"] as const) {
    const day = jar[field];
    if (day === undefined) continue;
    if (dayNumber(day) === undefined) problems.push({ field, code: "notADay" });
    else if (field !== "bestBefore" && day > today) problems.push({ field, code: "inTheFuture" });
  }
  return problems.filter((problem) => problem !== undefined);
}

/** Every problem with a weighing; only what can be struck off level is weighed by the spoon. */
export function checkWeighing({ count, unit, massG }: Omit<Weighing, "id">, material: Material): Problem[] {
  const problems: (Problem | undefined)[] = [
    checkNumber("count", count, "weighedSpoons"),
    checkNumber("massG", massG, "jarG"),
  ];
  if (!WEIGHED_BY.includes(unit)) problems.push({ field: "unit", code: "unknownChoice" });
  return problems
    .filter((problem) => problem !== undefined)
    .concat(
      HEAPS.includes(material.form) ||
        material.form === "liquid" ||
        material.form === "soft" ||
        material.form === "butter"
        ? []
        : [{ field: "unit", code: "unitNotForThis" }],
    );
}

/** g/ml beyond which no spoon of anything weighs so: a slip of the scale or of the count. */
const LIGHTEST = 0.02;
const HEAVIEST = 2.2;
export function densityIsPossible({ count, unit, massG }: Omit<Weighing, "id">, spoons: Spoons): boolean {
  const density = massG / (count * spoonMl(spoons)[unit]);
  return density >= LIGHTEST && density <= HEAVIEST;
}
