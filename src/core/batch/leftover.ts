import { keepsFor, RAW_WET, type KeepsDays } from "../making";
import { contentsOf, type PasteAnswer, type PasteQuestion } from "../paste";

/** A paste left over, as a thing of the house: what it is mixed of by weight, and how long it keeps. */
export interface Leftover {
  readonly parts: readonly { readonly materialId: string; readonly share: number }[];
  readonly keeps: KeepsDays;
}
/** A dye that was let go: the freezer stops its clock, and it is put up for months. Common practice. */
const DYED: KeepsDays = keepsFor(0.2, 1, 150);

/** What is left of a bowl: the same as went in, by weight. Undefined of a bowl with nothing in it. */
export function leftoverOf(question: PasteQuestion, answer: PasteAnswer): Leftover | undefined {
  const contents = contentsOf(question, answer).filter(({ massG }) => massG > 0);
  const totalG = contents.reduce((sum, { massG }) => sum + massG, 0);
  if (!(totalG > 0)) return undefined;
  const grams = new Map<string, number>();
  for (const { material, massG } of contents) grams.set(material.id, (grams.get(material.id) ?? 0) + massG);
  const dyes = contents.some(({ material }) => material.tags.includes("dye"));
  return {
    parts: [...grams].map(([materialId, massG]) => ({ materialId, share: massG / totalG })),
    keeps: dyes ? DYED : RAW_WET,
  };
}
