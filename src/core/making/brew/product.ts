import { estimate, type Band } from "../../figure";
import { findMaterial, type Holding, type Material } from "../../material";
import { teaKeeps } from "../keeping";
import type { Ingredient, Product } from "../method";
import { NONE, productOf } from "../product";
import { densityOf, type Outcome } from "./outcome";
import { TEA_FROM } from "./recipes";

/** What a tea is like that the tables do not know. */
const PLAIN = "water";
/** The thing of the tables that a tea of these is; undefined where it is a house's own. */
function inTablesOf(things: readonly Ingredient[]): string | undefined {
  const plants = new Set(things.map(({ material: { plant, id } }) => plant ?? id));
  return Object.keys(TEA_FROM).find(
    (teaId) => plants.size === 1 && plants.has(findMaterial(TEA_FROM[teaId])?.plant ?? ""),
  );
}

/** Of a tea whose colour nobody wrote down: as deep as its herb at this strength. Estimate. */
const AS_ITS_HERB = 0.02;
/** So many times as deep as it is written down no eye tells it from deeper. */
const DEEPEST = 2.5;
const CLEAR = 0.95;
/** A tea's colour in the glass: twice as strong is twice as deep, as light goes through it. @source Beer and Lambert */
function colourAt([l, c, h]: Material["colour"], depth: number): Material["colour"] {
  const x = Math.min(DEEPEST, Math.max(0, depth));
  return [CLEAR * (Math.min(l, CLEAR) / CLEAR) ** x, c * Math.min(1.3, Math.sqrt(x)), h];
}

/**
 * Pa that a slimy herb gives its water at a tenth of a gram of it to a millilitre, drawn whole; twice as much is four
 * times as stiff. Flax: 35 g in 500 ml, strained hot, is 1–5 Pa; the others beside it. Estimates, from memory.
 */
const SLIME_PA: Readonly<Record<string, number>> = {
  "flax-seed": 2.5,
  chia: 2.5,
  okra: 1,
  "fenugreek-seed": 0.6,
  "marshmallow-root": 0.5,
};
/** Softer than this is a water. */
const LEAST_PA = 0.05;
export const isSlimy = ({ plant = "" }: Pick<Material, "plant">): boolean => SLIME_PA[plant] !== undefined;

/** The stiffness that what was drawn gives it. */
function slimeOf(materials: readonly Material[], drawnG: readonly number[], waterG: number): Holding | undefined {
  const root = materials.reduce(
    (sum, { plant = "" }, i) => sum + (Math.sqrt(SLIME_PA[plant] ?? 0) * drawnG[i]) / waterG / 0.1,
    0,
  );
  const pa = root ** 2;
  return pa < LEAST_PA
    ? undefined
    : { kind: "ownStiffness", yieldPa: estimate(pa, pa * 0.4, pa * 2, "by what was drawn into it") };
}

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
): Product {
  const inTables = inTablesOf(things);
  const like = findMaterial(inTables ?? PLAIN)!;
  const materials = things.map(({ material }) => material);
  const acidG = materials.reduce((sum, { acidity }, i) => sum + (acidity?.value ?? 0) * drawnG[i], 0);
  const acidity = acidG / (productG + keptG);
  const most = materials[drawnG.indexOf(Math.max(...drawnG))];
  const slime = slimeOf(materials, drawnG, productG + keptG);
  return productOf(like, inTables !== undefined, materials, {
    water: { low: 1 - share.high, mid: 1 - share.mid, high: 1 - share.low },
    oil: NONE,
    dissolving: share,
    densityGPerMl: { low: densityOf(share.low), mid: densityOf(share.mid), high: densityOf(share.high) },
    acidity,
    colour: inTables
      ? colourAt(like.colour, share.mid / like.dissolving.value)
      : colourAt(most.colour, share.mid / AS_ITS_HERB),
    ...(slime ? { holding: slime } : {}),
    keeps: teaKeeps(acidity),
  });
}
