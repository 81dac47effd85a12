import { isTagged, type Material } from "../material";
import { FEEL_TABLE, type FeelRow } from "./table";

/** How a paste will be on the hair. */
export const FEELS = ["slip", "drying", "grit", "stain", "protein", "scent"] as const;
export type Feel = (typeof FEELS)[number];

/** One side of it: 0 none, 1 as much as there is, and the thing in the bowl that does most of it. */
export interface FeelScore {
  readonly score: number;
  readonly by?: number;
}
export type FeelScores = Readonly<Record<Feel, FeelScore>>;

/** What a share of 1 of a material would do for a side of the feel; above 1 where a little does much. */
export function feelPerShare(material: Material, feel: Feel): number {
  return FEEL_TABLE.reduce(
    (most, row) => (row.feel === feel && holds(row, material) ? Math.max(most, row.perShare) : most),
    0,
  );
}

const holds = ({ tag, form, family, job }: FeelRow, material: Material): boolean =>
  (tag === undefined || isTagged(material, tag)) &&
  (form === undefined || material.form === form) &&
  (family === undefined || material.family === family) &&
  (job === undefined || material.jobs.includes(job));

/** Σ share × what it does, before it is bent to 0–1. */
export const feelSum = (
  things: readonly { readonly material: Material; readonly massG: number }[],
  feel: Feel,
): number => {
  const totalG = things.reduce((sum, { massG }) => sum + massG, 0);
  return totalG > 0
    ? things.reduce((sum, { material, massG }) => sum + (massG / totalG) * feelPerShare(material, feel), 0)
    : 0;
};

/** 1 − e^(−sum): the first spoon does most. */
export const feelScore = (sum: number): number => 1 - Math.exp(-sum);
/** The sum that scores so; the inverse of `feelScore`. */
export const sumFor = (score: number): number => -Math.log(1 - score);

/**
 * Slip, drying, grit, stain, protein, scent of a bowl, 0–1, each with the thing that does most of it. It drives
 * advice and promises nothing.
 * @param things everything in the bowl, grams
 * @source shares by mass, weighted by our own estimates (design models §13)
 */
export function feelOf(things: readonly { readonly material: Material; readonly massG: number }[]): FeelScores {
  return Object.fromEntries(
    FEELS.map((feel): [Feel, FeelScore] => {
      const does = things.map(({ material, massG }) => massG * feelPerShare(material, feel));
      const most = Math.max(0, ...does);
      return [feel, { score: feelScore(feelSum(things, feel)), ...(most > 0 ? { by: does.indexOf(most) } : {}) }];
    }),
  ) as unknown as FeelScores;
}
