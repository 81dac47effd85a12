import { estimate, type Band, type Figure } from "../figure";
import { BY_ITSELF, findMaterial, type Material, type Tag } from "../material";
import type { Ingredient } from "./method";

/** The tables' own tea of a plant. */
const TEA_OF: Readonly<Record<string, string>> = {
  "tea-black": "black-tea",
  "tea-green": "green-tea-brew",
  coffee: "coffee-brew",
  roselle: "hibiscus-tea",
  chamomile: "chamomile-tea",
  "rosemary-leaf": "rosemary-tea",
  "nettle-leaf": "nettle-tea",
  "fenugreek-seed": "fenugreek-water",
  "rice-flour": "rice-water",
  "sage-leaf": "sage-tea",
  "marshmallow-root": "marshmallow-water",
};

/** The thing of the tables that a tea of these is; undefined where it is a house's own. */
export function teaOf(things: readonly Ingredient[]): string | undefined {
  const [first, ...others] = new Set(things.map(({ material: { plant, id } }) => plant ?? id));
  return others.length === 0 && first ? TEA_OF[first] : undefined;
}

/** What is true of a herb by its grain or its dust, and not of its water. */
const LEFT_BEHIND: readonly Tag[] = [...BY_ITSELF, "dust"];
/** Everything that is true of what went in, and may be of what came out: allergens, stains, what is not for whom. */
export const tagsOf = (materials: readonly Material[]): readonly Tag[] => [
  ...new Set<Tag>([...materials.flatMap(({ tags }) => tags).filter((tag) => !LEFT_BEHIND.includes(tag)), "fresh"]),
];

/** Of a tea whose colour nobody wrote down: as deep as its herb at this strength. */
const USUAL_SHARE = 0.006;
const CLEAR = 0.95;
/** A tea's colour in the glass: twice as strong is twice as deep, as light goes through it. @source Beer and Lambert */
function colourAt([l, c, h]: Material["colour"], depth: number): Material["colour"] {
  const x = Math.min(4, Math.max(0, depth));
  return [CLEAR * (Math.min(l, CLEAR) / CLEAR) ** x, c * Math.min(1.3, Math.sqrt(x)), h];
}

interface Drawn {
  /** Of the liquid, dissolved, as a band. */
  readonly shareOf: Band;
  /** g of an ingredient's mass times the share of it that was drawn. */
  readonly drawnOf: (thing: Ingredient) => number;
  readonly liquidG: number;
}

const computed = (mid: number, low: number, high: number): Figure =>
  estimate(mid, Math.max(0, low), high, "computed from what went in");

/** A tea as a material with figures of its own. */
export function teaMaterial(
  things: readonly Ingredient[],
  inTables: string | undefined,
  { shareOf, drawnOf, liquidG }: Drawn,
): { readonly material: Material; readonly likeId: string; readonly isInTables: boolean } {
  const likeId = inTables ?? "water";
  const like = findMaterial(likeId)!;
  const materials = things.map(({ material }) => material);
  const acidG = things.reduce((sum, thing) => sum + (thing.material.acidity?.value ?? 0) * drawnOf(thing), 0);
  const acidity = liquidG > 0 ? acidG / liquidG : 0;
  const most = [...things].sort((a, b) => drawnOf(b) - drawnOf(a))[0];
  const colour = inTables
    ? colourAt(like.colour, shareOf.mid / (like.dissolving.value || USUAL_SHARE))
    : colourAt(most.material.colour, shareOf.mid / USUAL_SHARE);
  return {
    likeId,
    isInTables: inTables !== undefined,
    material: {
      ...like,
      colour,
      water: computed(1 - shareOf.mid, 1 - shareOf.high, 1 - shareOf.low),
      dissolving: computed(shareOf.mid, shareOf.low, shareOf.high),
      bulkDensityGPerMl: computed(1 + 0.4 * shareOf.mid, 1 + 0.4 * shareOf.low, 1 + 0.4 * shareOf.high),
      tags: tagsOf([...materials, ...(inTables ? [like] : [])]),
      contains: [...new Set(materials.flatMap(({ id, contains = [] }) => [id, ...contains]))],
      ...(acidity > 1e-5 ? { acidity: computed(acidity, acidity * 0.6, acidity * 1.5) } : {}),
    },
  };
}
