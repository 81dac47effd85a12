import type { Figure } from "../figure";
import { findMaterial, type Holding, type Material } from "../material";
import type { PasteQuestion } from "./blend";

/** What a bowl kept of a material: all of it, or, by the first releases, its figures with its id. */
export type KeptFigures = Readonly<Record<string, unknown>>;

/** No powder, oil or metal of a kitchen is outside of this, g/ml. */
const DENSITY = { least: 0.005, most: 25 };
/** Nothing holds more, ml/g; nothing by itself is stiffer, Pa. */
const MOST_HELD = 200;
const MOST_PA = 1e6;
const HEAVIEST_PIECE_G = 5000;

const isFigure = (of: unknown, least: number, most: number): of is Figure => {
  const { value, low, high } = (of ?? {}) as Partial<Record<string, unknown>>;
  return [low, value, high].every((n, i, all): boolean => {
    const before = i === 0 ? least : all[i - 1];
    return typeof n === "number" && n >= least && n <= most && typeof before === "number" && n >= before;
  });
};
const isHolding = (of: unknown): of is Holding => {
  const { kind, mlPerG, yieldPa } = (of ?? {}) as Partial<Record<string, unknown>>;
  if (kind === "perGram") return isFigure(mlPerG, 0, MOST_HELD);
  return kind === "none" || (kind === "ownStiffness" && isFigure(yieldPa, 0, MOST_PA));
};

/** The numbers of a material that a bowl is computed with; undefined where they cannot be any. */
function numbersOf(kept: KeptFigures) {
  const { water, oil, dissolving, solidsDensityGPerMl, bulkDensityGPerMl, holding, soak, pieceG } = kept;
  const { firstShare, timeMin } = (soak ?? {}) as Partial<Record<string, unknown>>;
  if (!isFigure(water, 0, 1) || !isFigure(oil, 0, 1) || !isFigure(dissolving, 0, 1) || !isHolding(holding))
    return undefined;
  if (!isFigure(solidsDensityGPerMl, DENSITY.least, DENSITY.most)) return undefined;
  if (!isFigure(bulkDensityGPerMl, DENSITY.least, DENSITY.most)) return undefined;
  if (soak !== undefined && !(isFigure(firstShare, 0, 1) && isFigure(timeMin, 0, 1e5))) return undefined;
  if (pieceG !== undefined && !isFigure(pieceG, 0, HEAVIEST_PIECE_G)) return undefined;
  if (water.value + oil.value + dissolving.value > 1 + 1e-6) return undefined;
  return {
    water,
    oil,
    dissolving,
    solidsDensityGPerMl,
    bulkDensityGPerMl,
    holding,
    ...(soak === undefined ? {} : { soak: soak as Material["soak"] }),
    ...(pieceG === undefined ? {} : { pieceG }),
  };
}

/** A material as a bowl kept it: its own numbers, and what it is by today's tables. */
function asKept(kept: KeptFigures, own: readonly Material[]): Material | undefined {
  const id = String(kept.id);
  const jarId = typeof kept.jarId === "string" ? kept.jarId : undefined;
  const today = own.find((one) => one.id === id && one.jarId === jarId) ?? findMaterial(id);
  const numbers = numbersOf(kept);
  if (!today || !numbers) return undefined;
  const { jarId: _, soak: __, pieceG: ___, ...what } = today;
  return { ...what, ...(jarId === undefined ? {} : { jarId }), ...numbers };
}

/**
 * The question of a bowl with the figures that it kept: it is weighed, drawn from its jars, corrected and written out
 * by them, whatever the tables say today. What a thing is (its names, form and cautions) the tables say, so that a
 * caution that came later is said of older bowls as well. What was never kept, or cannot be a figure, is today's.
 * @param kept the figures column of the bowl, in no order
 */
export function withKept(question: PasteQuestion, kept: readonly KeptFigures[]): PasteQuestion {
  const own = question.own ?? [];
  const keyOf = ({ id, jarId }: Pick<Material, "id" | "jarId">) => `${id} ${jarId ?? ""}`;
  const all = new Map(own.map((one) => [keyOf(one), one]));
  for (const one of kept) {
    const material = asKept(one, own);
    if (material) all.set(keyOf(material), material);
  }
  return all.size === 0 ? question : { ...question, own: [...all.values()] };
}
