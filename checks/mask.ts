import "@/core/catalogue";
import { PLAIN_HEAD } from "@/core/head";
import { computePaste, type BlendLine, type PasteAnswer, type PasteQuestion } from "@/core/paste";

/** One mask that the paste's tests start from, and its answer; used by tests only. */
export const MASK: PasteQuestion = {
  head: PLAIN_HEAD,
  purpose: "mask",
  spoons: "us",
  sizing: "likely",
  kitchenTempC: 22,
  target: { word: "cream" },
  liquid: { materialId: "water", tempC: 40 },
  lines: [
    { materialId: "amla", role: "part", amount: 2, unit: "tbsp", fill: "level" },
    { materialId: "bhringraj", role: "part", amount: 1, unit: "tbsp", fill: "level" },
    { materialId: "yoghurt", role: "fixed", amount: 3, unit: "tbsp", fill: "level" },
    { materialId: "sesame-oil", role: "fixed", amount: 1, unit: "tsp", fill: "level" },
  ],
};
export const line = (
  materialId: string,
  amount: number,
  unit: "g" | "tbsp" = "g",
  role: BlendLine["role"] = "part",
): BlendLine => ({ materialId, role, amount, unit, fill: "level" });

export const answerTo = (question: PasteQuestion): PasteAnswer => {
  const result = computePaste(question);
  if (!result.ok) throw new Error(JSON.stringify(result.problems));
  return result.value;
};
/** What is refused, as "field code"; nothing where it is answered. */
export const refusedIn = (question: PasteQuestion): string[] => {
  const result = computePaste(question);
  return result.ok ? [] : result.problems.map(({ field, code }) => `${field} ${code}`);
};
