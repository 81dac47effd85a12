import type { Recipe, WithContext } from "schema-dts";
import { worksheetFor } from "@/core/batch";
import type { PasteAnswer, PasteQuestion } from "@/core/paste";
import { bandWords, lineWords, liquidWords, PURPOSE_NAME, STEP_NAME, stepWords } from "@/words";

const duration = (minutes: number): string => `PT${Math.max(1, Math.round(minutes))}M`;

/** A blend as schema.org Recipe in JSON-LD, with the amounts it has for its head. */
export function recipeOf(name: string, answer: PasteAnswer, question: PasteQuestion): WithContext<Recipe> {
  const sheet = worksheetFor(question, answer);
  return {
    "@context": "https://schema.org",
    "@type": "Recipe",
    name,
    description: "A paste for hair. Not food.",
    recipeCategory: PURPOSE_NAME[question.purpose],
    recipeYield: `about ${bandWords(answer.totalG).mid} g`,
    recipeIngredient: [
      ...answer.lines.map((_, line) => lineWords(answer, line)),
      ...(answer.liquid.state === "unreachable" ? [] : [liquidWords(answer, question)]),
    ],
    recipeInstructions: sheet.steps.map((step) => ({
      "@type": "HowToStep",
      name: STEP_NAME[step.id],
      text: stepWords(step, answer, question),
    })),
    prepTime: duration(sheet.mixedMin),
    performTime: duration(sheet.endMin - sheet.mixedMin),
    totalTime: duration(sheet.endMin),
  };
}
