import { keepsFor, RAW_WET, type KeepsDays } from "../making";
import { liquidParts, lookupIn, type PasteAnswer, type PasteQuestion } from "../paste";

/** A paste left over, as a thing of the house: what it is mixed of by weight, and how long it keeps. */
export interface Leftover {
  readonly parts: readonly { readonly materialId: string; readonly share: number }[];
  readonly keeps: KeepsDays;
}
/** A dye that was let go: the freezer stops its clock, and it is put up for months. Common practice. */
const DYED: KeepsDays = keepsFor(0.2, 1, 150);

/** What is left of a bowl: the same as went in, by weight. Undefined of a bowl with nothing in it. */
export function leftoverOf(question: PasteQuestion, answer: PasteAnswer): Leftover | undefined {
  const find = lookupIn(question);
  const grams = new Map<string, number>();
  const add = (id: string, massG: number) => massG > 0 && grams.set(id, (grams.get(id) ?? 0) + massG);
  for (const { materialId, massG } of answer.lines) add(materialId, massG.mid);
  const ml = answer.liquid.state === "unreachable" ? 0 : answer.liquid.ml.mid;
  for (const { materialId, jarId, share } of liquidParts(question.liquid))
    add(materialId, ml * share * (find(materialId, jarId)?.bulkDensityGPerMl.value ?? 1));
  const totalG = [...grams.values()].reduce((sum, one) => sum + one, 0);
  if (!(totalG > 0)) return undefined;
  const dyes = [...grams.keys()].some((id) => find(id)?.tags.includes("dye"));
  return {
    parts: [...grams].map(([materialId, massG]) => ({ materialId, share: massG / totalG })),
    keeps: dyes ? DYED : RAW_WET,
  };
}
