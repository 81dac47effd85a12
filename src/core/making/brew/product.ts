import { estimate, type Band, type Figure } from "../../figure";
import { findMaterial, type Material } from "../../material";
import type { Ingredient, Made } from "../method";
import { tagsOf } from "../tags";
import { densityOf, type Outcome } from "./outcome";

/** What a tea is like that the tables do not know. */
const PLAIN = "water";
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
function inTablesOf(things: readonly Ingredient[]): string | undefined {
  const [first, ...others] = new Set(things.map(({ material: { plant, id } }) => plant ?? id));
  return others.length === 0 && first ? TEA_OF[first] : undefined;
}

/** Of a tea whose colour nobody wrote down: as deep as its herb at this strength. */
const USUAL_SHARE = 0.006;
const CLEAR = 0.95;
/** A tea's colour in the glass: twice as strong is twice as deep, as light goes through it. @source Beer and Lambert */
function colourAt([l, c, h]: Material["colour"], depth: number): Material["colour"] {
  const x = Math.min(4, Math.max(0, depth));
  return [CLEAR * (Math.min(l, CLEAR) / CLEAR) ** x, c * Math.min(1.3, Math.sqrt(x)), h];
}

const computed = (mid: number, low: number, high: number): Figure =>
  estimate(mid, Math.max(0, low), high, "computed from what went in");

/** Sourer than this is worth saying, g of citric acid a gram. */
const LEAST_SOUR = 1e-5;

/**
 * A tea as a material with figures of its own.
 *
 * @param drawnG g of each thing, by the share of it that was drawn
 * @param share  of the liquid's mass that is dissolved
 */
export function teaOf(
  things: readonly Ingredient[],
  drawnG: readonly number[],
  share: Band,
  { productG, keptG }: Pick<Outcome, "productG" | "keptG">,
): Pick<Made, "material" | "likeId" | "isInTables"> {
  const inTables = inTablesOf(things);
  const likeId = inTables ?? PLAIN;
  const like = findMaterial(likeId)!;
  const materials = things.map(({ material }) => material);
  const acidG = materials.reduce((sum, { acidity }, i) => sum + (acidity?.value ?? 0) * drawnG[i], 0);
  const acidity = acidG / (productG + keptG);
  const most = materials[drawnG.indexOf(Math.max(...drawnG))];
  return {
    likeId,
    isInTables: inTables !== undefined,
    material: {
      ...like,
      colour: inTables
        ? colourAt(like.colour, share.mid / (like.dissolving.value || USUAL_SHARE))
        : colourAt(most.colour, share.mid / USUAL_SHARE),
      water: computed(1 - share.mid, 1 - share.high, 1 - share.low),
      dissolving: computed(share.mid, share.low, share.high),
      bulkDensityGPerMl: computed(densityOf(share.mid), densityOf(share.low), densityOf(share.high)),
      tags: tagsOf([...materials, ...(inTables ? [like] : [])]),
      contains: [...new Set(materials.flatMap(({ id, contains = [] }) => [id, ...contains]))],
      ...(acidity > LEAST_SOUR ? { acidity: computed(acidity, acidity * 0.6, acidity * 1.5) } : {}),
    },
  };
}
