import fc from "fast-check";
import { anyQuestion } from "../../checks/arbitrary";
import { timeZones } from "./zones";
import { lastTimeWords } from "./lastTime";
import { swapCautions, swapWords } from "./shelf";
import { worksheet, worksheetFor } from "@/core/batch";
import { CAUTION_RULES } from "@/core/caution";
import { feelAdvice } from "@/core/feel";
import { CATALOGUE } from "@/core/catalogue";
import { mixingOrder } from "@/core/order";
import { computePaste } from "@/core/paste";
import { correctPaste, WORDS } from "@/core/correct";
import {
  bandWords,
  cautionWords,
  figureRows,
  gramWords,
  holdingWords,
  hourWords,
  kitchenNumber,
  liquidWords,
  minuteWords,
  obstacleWords,
  optionEffect,
  optionWords,
  spoonWords,
  stepWords,
  throughTimeWords,
  totalWords,
  verdictWords,
} from ".";
import { adviceWords, mixingStepWords } from "./feel";
import { clockWords, dayWords, momentWords } from "./times";

const clean = (sentence: string) => {
  expect(sentence).not.toMatch(/NaN|undefined|Infinity|null|\[object/);
  expect(sentence.trim()).not.toBe("");
};

test("no sentence of any bowl holds a hole", () => {
  fc.assert(
    fc.property(anyQuestion, (question) => {
      const result = computePaste(question);
      fc.pre(result.ok);
      const answer = result.value;
      for (const sentence of [verdictWords(answer), totalWords(answer, "Ada"), liquidWords(answer, question)])
        clean(sentence);
      const obstacle = obstacleWords(answer, question.liquid.materialId);
      expect(obstacle === undefined).toBe(answer.liquid.state !== "unreachable");
      if (obstacle !== undefined) clean(obstacle);
      for (const step of [
        ...worksheet(answer).steps,
        ...worksheetFor(question, answer, { bottleMl: 250, blenderMl: 600 }).steps,
      ])
        clean(stepWords(step, answer, question, { bottleMl: 250 }));
      for (const caution of answer.cautions) clean(cautionWords(caution));
      clean(throughTimeWords(answer));
      const feel = feelAdvice(question, answer, [{ materialId: "flax-gel", leftG: 200 }]);
      for (const advice of feel.advice) clean(adviceWords(advice, feel));
      for (const step of mixingOrder(question, answer, feel, { blenderMl: 600, bottleMl: 250 }))
        clean(
          mixingStepWords(
            step,
            answer.lines.map(({ materialId }) => materialId),
            { bottleMl: 250 },
          ),
        );
      for (const seen of [
        ...WORDS.map((word) => ({ by: "word", word }) as const),
        { by: "pour" } as const,
        { by: "test", reading: { by: "ring", heightMm: 50, slumpMm: 20 } } as const,
      ]) {
        const correction = correctPaste(question, seen, { pouredMl: 120, minutesSoaked: 10, haveG: [3] });
        if (!correction.ok) continue;
        for (const option of correction.value.options)
          for (const sentence of [optionWords(option, question), optionEffect(option, correction.value)])
            clean(sentence);
        expect(holdingWords(correction.value) !== undefined).toBe(seen.by === "test");
      }
    }),
    { numRuns: 70 },
  );
});

test("every caution and every figure has its words", () => {
  for (const { id, level } of CAUTION_RULES) expect(cautionWords({ id, level, materialIds: ["amla"] })).not.toBe(id);
  for (const material of CATALOGUE)
    for (const { what, is, source } of figureRows(material)) for (const words of [what, is, source]) clean(words);
});

test.each<[string, string]>([
  [kitchenNumber(2.5), "2½"],
  [kitchenNumber(0.25), "¼"],
  [kitchenNumber(3), "3"],
  [kitchenNumber(0.1), "0.1"],
  [spoonWords({ cups: 0, tbsp: 2, tsp: 1.5, volumeMl: 0 }), "2 tbsp + 1½ tsp"],
  [spoonWords({ cups: 1.25, tbsp: 2, tsp: 0, volumeMl: 0 }), "1¼ cups + 2 tbsp"],
  [spoonWords({ cups: 0, tbsp: 0, tsp: 0, volumeMl: 0 }), "none"],
  [bandWords({ low: 190, mid: 212, high: 235 }).both, "212 (190–236)"],
  [bandWords({ low: 1000, mid: 1700, high: 2700 }).both, "1700 (1000–2700)"],
  [bandWords({ low: 5, mid: 5, high: 5 }).both, "5"],
  [gramWords(9.94), "9.9"],
  [gramWords(9.96), "10"],
  [minuteWords(90), "1 h 30 min"],
  [minuteWords(59.6), "1 h"],
  [minuteWords(-3), "0 min"],
  [hourWords(3.9), "4 h"],
  [hourWords(2.6), "2½ h"],
])("%j is %j", (is, expected) => {
  expect(is).toBe(expected);
});

test("clock times are the household's, across a night when the clocks change", () => {
  const zone = "Europe/Berlin";
  const now = Date.UTC(2026, 9, 25, 0, 30); // 02:30 summer time; an hour later it is 02:30 again
  expect(clockWords(now, zone)).toBe("02:30");
  expect(clockWords(now + 3_600_000, zone)).toBe("02:30");
  expect(dayWords(now, zone, now)).toBe("today");
  expect(momentWords(Date.UTC(2026, 9, 25, 23, 30), zone, now)).toBe("tomorrow 00:30");
  expect(dayWords(Date.UTC(2025, 0, 5, 12), zone, now)).toBe("Sunday 5 January 2025");
});

test("a swap says the rest it makes of it, and the cautions it brings and takes away", () => {
  const rest = { stain: 0, drying: 0, slip: 0, protein: 0, totalG: 200, leaveOnMin: { low: 30, mid: 45, high: 60 } };
  const soldAsHenna = { id: "soldAsHenna", level: "care" as const, materialIds: ["henna"] };
  const [before, after] = [
    { ...rest, restMin: 900, cautions: [soldAsHenna] },
    { ...rest, restMin: 30, leaveOnMin: { low: 20, mid: 25, high: 30 }, cautions: [{ ...soldAsHenna, id: "eyes" }] },
  ];
  expect(swapWords(before, after)).toMatch(/rests 30 min instead of 15 h, stays on 20–30 min instead of 30–60/);
  expect(swapCautions(before, after)).toMatchObject({ fewer: 1, more: [{ id: "eyes" }] });
});
test("last time is told in one line", () => {
  const told = {
    id: "x",
    startsAtMs: 0,
    headName: "Ada",
    pouredMl: 190,
    plannedMl: 211,
    lastWord: "bitThin" as const,
    notes: [],
    marks: { soft: 4 },
    again: "yes" as const,
  };
  expect(lastTimeWords(told)).toMatch(/poured 190 ml of about 210, said “a bit thin”, .* 4 of 5, again$/);
});

test("zones stand under today's names, each one known, and the chosen one is among them", () => {
  const zones = timeZones("Asia/Calcutta");
  expect(zones).toEqual(expect.arrayContaining(["Asia/Kolkata", "Europe/Kyiv", "UTC", "Asia/Calcutta"]));
  expect(new Set(zones).size).toBe(zones.length);
  for (const timeZone of zones) expect(() => new Intl.DateTimeFormat("en", { timeZone })).not.toThrow();
});
