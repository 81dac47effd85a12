import type { CorrectionAnswer, CorrectionOption } from "@/core/correct";
import type { PasteQuestion } from "@/core/paste";
import { bandWords, gramWords, minuteWords, roundTo, spoonWords } from "./amounts";
import { liquidName, materialName } from "./names";
import { shortly } from "./verdict";

const ml = (value: number) => `${roundTo(value, value < 30 ? 1 : 5)} ml`;

/** Liquid to be added, rounded once and down: what is asked for is what is written down, and is never past the mark. */
export const addMl = (value: number): number =>
  value < 50 ? Math.floor(value * 10 + 1e-6) / 10 : Math.floor(value + 1e-6);

/** What one way on asks for. */
export function optionWords(option: CorrectionOption, question: PasteQuestion): string {
  switch (option.kind) {
    case "leave":
      return (
        "Nothing yet. By the figures, and what was said of this bowl before, it is not what you say: look at what" +
        " was poured and what went in" +
        (option.minutes < 1 ? "" : `, or look again when it has soaked, in about ${minuteWords(option.minutes)}`) +
        "."
      );
    case "wait":
      return option.minutes < 1
        ? "Nothing: it is as you want it."
        : `Nothing: wait. It thickens to what you want in about ${minuteWords(option.minutes)}.`;
    case "liquid": {
      const steps = `${option.step.count} ${option.step.unit} at a time`;
      const first =
        option.atOnceMl < option.ml.mid && option.atOnceMl > option.step.ml
          ? `${ml(option.atOnceMl)} at once, then ${steps}`
          : steps;
      const range =
        option.ml.high > option.ml.low ? `, ${bandWords(option.ml).range} by what the test leaves open` : "";
      const never =
        option.neverMoreMl === undefined
          ? ""
          : ` That reaches this bowl’s “never more” of ${ml(option.neverMoreMl)}: by what you see, its powders hold` +
            " more than usual. Go on by the teaspoon, or test it.";
      return (
        `Add about ${addMl(option.ml.mid)} ml (${spoonWords(option.spoons)}${range}) of ` +
        `${liquidName(question.liquid)}, ${first}, and stir in between.${never}`
      );
    }
    case "powder": {
      const each = option.lines
        .map(
          ({ line, massG, spoons }) =>
            `${materialName(question.lines[line].materialId)} ${gramWords(massG)} g (${spoonWords(spoons)})`,
        )
        .join(", ");
      const short =
        option.shortLine === undefined
          ? ""
          : ` That is all the ${materialName(question.lines[option.shortLine].materialId)} there is, and not quite` +
            " enough.";
      return `Add powder in the same proportions: ${each}. Half of it first, and stir.${short}`;
    }
    case "thinCoat":
      return (
        `Put it on as it is, in a thinner coat: it holds ${option.holdsMm.toFixed(1)} mm where ` +
        `${option.needMm.toFixed(1)} is usual.`
      );
  }
}

/** What that does to total, head and strength. */
export function optionEffect(option: CorrectionOption, { needG }: CorrectionAnswer): string {
  const strength = Math.round((option.strength - 1) * 100);
  const strong =
    strength === 0
      ? "as strong as planned"
      : strength < 0
        ? `${-strength} % weaker than planned`
        : `${strength} % stronger than planned`;
  return (
    `${gramWords(option.totalAfterG)} g in all; the head takes ${bandWords(needG).both}. On the head ` +
    `${shortly(option.on)}, ${strong}.`
  );
}

/** What a test or a word says of the powders in this bowl. */
export function holdingWords({ holdingFactor, readPa }: CorrectionAnswer): string | undefined {
  if (!readPa) return undefined;
  const percent = Math.round((holdingFactor.mid - 1) * 100);
  const held =
    Math.abs(percent) < 3
      ? "the powders hold what was expected"
      : `the powders hold about ${Math.abs(percent)} % ${percent > 0 ? "more" : "less"} than expected`;
  return `The test says about ${bandWords(readPa).both} Pa: ${held}.`;
}
