import type { StepId } from "@/core/batch";
import { chosen, feelAdvice } from "@/core/feel";
import type { PasteAnswer, PasteQuestion } from "@/core/paste";
import { bandWords, countWords, grainOf, gramWords, hourBandWords, minuteWords, roundTo, spoonWords } from "./amounts";
import { WASH_NAME } from "./feel";
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
  return `${name} ${words.mid} ml · ${spoonWords(answer.liquid.spoons)}${answer.liquid.state === "solved" ? ` (${words.range})` : ""}`;
}

/** What one step of the worksheet asks for. */
export function stepWords(step: StepId, answer: PasteAnswer, question: PasteQuestion, lines: readonly number[]): string {
  const list = lines.map((line) => lineWords(answer, line)).join("; ");
  const target = "word" in question.target ? CONSISTENCY_NAME[question.target.word] : `${question.target.yieldPa} Pa`;
  const { liquid, rest, sections } = answer;
  switch (step) {
    case "gather": return "A bowl and spoon, the scale or your spoons, gloves, a cap, old towels, and everything below.";
    case "dry": return `${list}. ${question.choices?.oil === "first" ? "Rub the oil into them, as you chose. " : ""}Stir them together dry, slowly, with little dust.`;
    case "wet": return `${list}. Whisk smooth before the powder meets them.`;
    case "firstPour": {
      if (liquid.state === "unreachable") return "No liquid goes in: the wet things are enough.";
      if (liquid.state === "given") return `Pour all ${roundTo(liquid.ml.mid, 1)} ml, slowly.`;
      return `Pour ${roundTo(liquid.plan.firstPourMl, Math.max(1, grainOf(liquid.ml)))} ml of ${liquidName(question.liquid)}, and stir until no dry powder is left.`;
    }
    case "pour": {
      if (liquid.state !== "solved") return `Stop when it is like ${target}.`;
      const { step: spoon, expectedStopMl, mostMl } = liquid.plan;
      const grain = Math.max(1, grainOf(liquid.ml));
      const teaspoons = spoon.unit === "tbsp" && liquid.plan.times !== undefined ? `, ${liquid.plan.times > 0 ? `${liquid.plan.times} times, then` : "or"} by teaspoons,` : "";
      return `Then ${spoon.count} ${spoon.unit} at a time${teaspoons} until it is like ${consistencyWords(answer.mixed.mid).split(",")[0]}: about ${roundTo(expectedStopMl, grain)} ml in all, never more than ${roundTo(mostMl, grain)}. It thickens as it stands.`;
    }
    case "oil": {
      const sieve = chosen("strain", feelAdvice(question, answer), question.choices) ? "Press the paste through a sieve first. " : "";
      return question.choices?.oil === "first" ? `${list}. Already rubbed into the powders, as you chose; nothing to do here.` : `${sieve}${list}. Fold in last, once the powder is wet.`;
    }
    case "rest": {
      if (!rest.dye) return `Cover it and let it stand ${minuteWords(rest.restMin)}.`;
      const hours = rest.dye[rest.dye.school];
      return `Cover it and let it stand ${minuteWords(rest.restMin)}. Ready after ${hourBandWords(hours.readyH)}, at its best about ${hourBandWords(hours.peakH)}, use by ${hourBandWords(hours.useByH)}.`;
    }
    case "check": return `It should now be like ${target}. Loosen with a spoon of liquid if it drags.`;
    case "hair": return `Old clothes, gloves. Detangle, damp the hair, part it into ${sections.count}.`;
    case "apply": return `${bandWords(sections.eachG).mid} g to each of ${sections.count} sections, roots to ends.`;
    case "leaveOn": return `Under a cap, ${bandWords(answer.leaveOnMin).range} min, counted from the last section.`;
    case "rinse": {
      const feel = feelAdvice(question, answer);
      const wash = chosen("washOut", feel, question.choices);
      const after = chosen("conditionAfter", feel, question.choices);
      return `Lukewarm water until it runs clear, fingers first, then a wide comb. ${wash === "water" ? "Water alone; no shampoo for a day." : wash ? `Then ${WASH_NAME[wash]}.` : ""}${after ? " Conditioner afterwards." : ""}`;
    }
    case "clear": return "Rinse the floor and the basin. Label what is left with today’s date, or throw it away.";
  }
}
