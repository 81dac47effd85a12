import { estimate, type Band, type Figure } from "../figure";
import { keepingOfDays, tagsOf, type Holding, type Material } from "../material";
import { usualOf, type KeepsDays } from "./keeping";
import type { Product } from "./method";

const FROM = "computed from what went in";
/** A figure that followed from others, as a material has it. */
const computed = ({ low, mid, high }: Band): Figure =>
  estimate(mid, Math.max(0, Math.min(low, mid)), Math.max(mid, high), FROM);
const share = ({ low, mid, high }: Band): Figure =>
  computed({ low: Math.max(0, low), mid: Math.min(1, Math.max(0, mid)), high: Math.min(1, high) });

/** Something about so much, this share of it more or less. */
export const around = (mid: number, relative = 0.15): Band => ({
  low: mid * (1 - relative),
  mid,
  high: mid * (1 + relative),
});
export const NONE: Band = { low: 0, mid: 0, high: 0 };

/** Sourer than this is worth saying, g of citric acid a gram. */
const LEAST_SOUR = 1e-5;

/** What of a product was computed; shares of its mass, 0–1. What is left of the whole is solids. */
export interface Composition {
  readonly water: Band;
  readonly oil: Band;
  readonly dissolving: Band;
  readonly densityGPerMl: Band;
  /** g of citric acid a gram, as it most likely is. */
  readonly acidity: number;
  readonly colour: Material["colour"];
  readonly holding?: Holding;
  /** Left out where it is as dry as what went in. */
  readonly keeps?: KeepsDays;
}

/**
 * A product as a material with figures of its own: under `like` where the tables have it (`isInTables`), else like it.
 * What is true of what went in, for whom it is not good and what it stains, is true of it.
 */
export function productOf(
  like: Material,
  isInTables: boolean,
  things: readonly Material[],
  { water, oil, dissolving, densityGPerMl, acidity, colour, holding, keeps }: Composition,
): Product {
  const { acidity: _, ...rest } = like;
  return {
    likeId: like.id,
    isInTables,
    ...(keeps ? { keeps } : {}),
    material: {
      ...rest,
      colour,
      water: share(water),
      oil: share(oil),
      dissolving: share(dissolving),
      bulkDensityGPerMl: computed(densityGPerMl),
      tags: tagsOf([...things, ...(isInTables ? [like] : [])]),
      contains: [...new Set(things.flatMap(({ id, contains = [] }) => [id, ...contains]))],
      ...(holding ? { holding } : {}),
      ...(keeps ? { keeping: keepingOfDays(usualOf(keeps)) } : {}),
      ...(acidity > LEAST_SOUR ? { acidity: share({ low: acidity * 0.6, mid: acidity, high: acidity * 1.5 }) } : {}),
    },
  };
}

/**
 * What a house's own thing keeps of how it was made: what was drawn into it, how long it keeps, and that it is soft.
 */
export function madeInto(
  { things }: { readonly things: readonly { readonly materialId: string }[] },
  { keeps, material }: Product,
): { readonly drawnFrom: readonly string[]; readonly keepsDays?: number; readonly soft?: true } {
  return {
    drawnFrom: [...new Set(things.map(({ materialId }) => materialId))].sort(),
    ...(keeps ? { keepsDays: Math.round(usualOf(keeps).value * 10) / 10 } : {}),
    ...(material.form === "soft" ? { soft: true as const } : {}),
  };
}
