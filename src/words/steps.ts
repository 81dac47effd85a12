import type { WorkStep } from "@/core/batch";
import type { Vessels } from "@/core/order";
import { chosen, feelAdvice } from "@/core/feel";
import type { PasteAnswer, PasteQuestion } from "@/core/paste";
import { bandWords, countWords, gramWords, hourBandWords, minuteWords, pourMl, roundTo, spoonWords } from "./amounts";
import { mixingStepWords, WASH_NAME } from "./feel";
import { CONSISTENCY_NAME, liquidName, materialName } from "./names";
import { consistencyWords } from "./verdict";

/** "amla 22 g · 2 tbsp" for a line of an answer. */
export function lineWords(answer: PasteAnswer, line: number): string {
  const { materialId, massG, spoons, count, unit } = answer.lines[line];
  return `${materialName(materialId)} ${gramWords(massG.mid)} g · ${countWords(count, unit, spoons)}`;
}

/** "warm water 210 ml · 14 tbsp (190–235)". */
export function liquidWords(answer: PasteAnswer, question: PasteQuestion): string {
  const name = liquidName(question.liquid);
  if (answer.liquid.state === "unreachable") return `no ${name}`;
  const words = bandWords(answer.liquid.ml);
  return (
    `${name} ${words.mid} ml · ${spoonWords(answer.liquid.spoons)}` +
    (answer.liquid.state === "solved" ? ` (${words.range})` : "")
  );
}

/** What one step of the worksheet asks for. */
export function stepWords(
  { id: step, lines, mixing }: Pick<WorkStep, "id" | "lines" | "mixing">,
  answer: PasteAnswer,
  question: PasteQuestion,
  vessels: Vessels = {},
): string {
  const list = lines.map((line) => lineWords(answer, line)).join("; ");
  const target = "word" in question.target ? CONSISTENCY_NAME[question.target.word] : `${question.target.yieldPa} Pa`;
  const { liquid, rest, sections } = answer;
  switch (step) {
    case "mash":
    case "warm":
    case "lumps":
    case "oilFirst":
    case "strain":
    case "scent":
    case "bottle":
      return mixing
        ? mixingStepWords(
            mixing,
            answer.lines.map(({ materialId }) => materialId),
            vessels,
          )
        : "";
    case "gather":
      return "A bowl and spoon, the scale or your spoons, gloves, a cap, old towels, and everything below.";
    case "dry":
      return (
        `${list}. ` +
        (lines.length > 1
          ? "Stir them together dry, slowly, with little dust"
          : "Into a dry bowl, slowly, with little dust") +
        "; crush lumps now."
      );
    case "wet":
      return `${list}. Whisk smooth before the powder meets them.`;
    case "firstPour": {
      if (liquid.state === "unreachable") return "No liquid goes in: the wet things are enough.";
      if (liquid.state === "given") return `Pour all ${roundTo(liquid.ml.mid, 1)} ml, slowly.`;
      return (
        `Pour ${pourMl(liquid.plan.firstPourMl, liquid.ml)} ml of ${liquidName(question.liquid)}, and stir until no` +
        " dry powder is left."
      );
    }
    case "pour": {
      if (liquid.state !== "solved") return `Stop when it is like ${target}.`;
      const { step: spoon, expectedStopMl, mostMl } = liquid.plan;
      const teaspoons =
        spoon.unit === "tbsp" && liquid.plan.times !== undefined
          ? `, ${liquid.plan.times > 0 ? `${liquid.plan.times} times, then` : "or"} by teaspoons,`
          : "";
      return (
        `Then ${spoon.count} ${spoon.unit} at a time${teaspoons} until it is like ` +
        `${consistencyWords(answer.mixed.mid).split(",")[0]}: about ${pourMl(expectedStopMl, liquid.ml)} ml in all,` +
        ` never more than ${pourMl(mostMl, liquid.ml)}. It thickens as it stands.`
      );
    }
    case "oil":
      return `${list}. Fold in last, once the powder is wet.`;
    case "rest": {
      if (!rest.dye) return `Cover it and let it stand ${minuteWords(rest.restMin)}.`;
      const hours = rest.dye.own ?? rest.dye[rest.dye.school];
      const best = rest.dye.own?.bestH ?? hours.peakH;
      return (
        `Cover it and let it stand ${minuteWords(rest.restMin)}. Ready after ${hourBandWords(hours.readyH)}, at its` +
        ` best from about ${hourBandWords(best)}, use by ${hourBandWords(hours.useByH)}.`
      );
    }
    case "check":
      return `It should now be like ${target}. Loosen with a spoon of liquid if it drags.`;
    case "hair":
      return `Old clothes, gloves. Detangle, damp the hair, part it into ${sections.count}.`;
    case "apply":
      return `${bandWords(sections.eachG).mid} g to each of ${sections.count} sections, roots to ends.`;
    case "leaveOn":
      return `Under a cap, ${bandWords(answer.leaveOnMin).range} min, counted from the last section.`;
    case "rinse": {
      const feel = feelAdvice(question, answer);
      const wash = chosen("washOut", feel, question.choices);
      const after = chosen("conditionAfter", feel, question.choices);
      return (
        "Lukewarm water until it runs clear, fingers first, then a wide comb. " +
        (wash === "water" ? "Water alone; no shampoo for a day." : wash ? `Then ${WASH_NAME[wash]}.` : "") +
        `${after ? " Conditioner afterwards." : ""}`
      );
    }
    case "clear":
      return "Rinse the floor and the basin. Label what is left with today’s date, or throw it away.";
  }
}
