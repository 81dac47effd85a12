import fc from "fast-check";
import { answerTo, MASK } from "../../../checks/mask";
import { feelAdvice } from "../feel";

import { mixingOrder } from "../order";
import { type PasteQuestion } from "../paste";
import { worksheet, worksheetFor } from ".";

const QUESTION: PasteQuestion = {
  ...MASK,
  lines: [
    { materialId: "amla", role: "part", amount: 2, unit: "tbsp", fill: "level" },
    { materialId: "honey", role: "fixed", amount: 1, unit: "tbsp", fill: "level" },
    { materialId: "olive-oil", role: "fixed", amount: 1, unit: "tsp", fill: "level" },
  ],
};

describe("the worksheet", () => {
  test("each line is handled once, in an order of work that never goes back", () => {
    const sheet = worksheet(answerTo(QUESTION));
    expect(sheet.steps.flatMap((step) => step.lines).sort()).toEqual([0, 1, 2]);
    for (const step of sheet.steps.slice(1)) expect(step.startMin).toBeGreaterThanOrEqual(0);
    const at = (id: string) => sheet.steps.find((step) => step.id === id)!;
    expect(at("oil").startMin).toBeGreaterThan(at("firstPour").startMin);
    expect(sheet.mixedMin).toBeLessThan(sheet.onHeadMin);
    expect(sheet.onHeadMin).toBeLessThan(sheet.rinseMin);
    expect(sheet.rinseMin).toBeLessThan(sheet.endMin);
  });
  test("one order: the order of mixing is the worksheet’s, and its clock is the same with it and without", () => {
    const powders = ["amla", "henna", "kaolin", "xanthan-gum", "moringa-leaf"];
    const others = ["banana", "shea-butter", "sugar", "honey", "sesame-oil", "lavender-essential-oil", "yoghurt"];
    fc.assert(
      fc.property(
        fc.subarray(powders, { minLength: 1 }),
        fc.subarray(others),
        fc.constantFrom("first" as const, "last" as const),
        fc.boolean(),
        (dry, rest, oil, bottle) => {
          const lines = [
            ...dry.map((materialId) => ({
              materialId,
              role: "part" as const,
              amount: 1,
              unit: "tbsp" as const,
              fill: "level" as const,
            })),
            ...rest.map((materialId) => ({
              materialId,
              role: "fixed" as const,
              amount: 10,
              unit: "g" as const,
              fill: "level" as const,
            })),
          ];
          const question = { ...QUESTION, lines, choices: { oil } };
          const answer = answerTo(question);
          const [plain, sheet] = [worksheet(answer), worksheetFor(question, answer, bottle ? { bottleMl: 250 } : {})];
          expect([sheet.mixedMin, sheet.onHeadMin, sheet.rinseMin, sheet.endMin]).toEqual([
            plain.mixedMin,
            plain.onHeadMin,
            plain.rinseMin,
            plain.endMin,
          ]);
          const mixing = mixingOrder(
            question,
            answer,
            feelAdvice(question, answer),
            bottle ? { bottleMl: 250 } : {},
          ).flatMap(({ id }) => (id === "oilLast" ? ["oil"] : id === "pour" ? ["firstPour", "pour"] : [id]));
          const ids: string[] = sheet.steps.map(({ id }) => id);
          expect(ids.slice(1, ids.indexOf("rest"))).toEqual(
            mixing.includes("firstPour")
              ? mixing
              : [...mixing.slice(0, mixing.indexOf("wet") + 1 || mixing.length), "firstPour", "pour"],
          );
          for (const { durationMin } of sheet.steps) expect(durationMin).toBeGreaterThanOrEqual(0);
          // Everything is handled in the step that its phase has.
          const handled = new Set(sheet.steps.flatMap((step) => step.lines));
          expect(handled.size).toBe(lines.length);
        },
      ),
      { numRuns: 120 },
    );
  });
  test("it rests its rest before it goes on, and the hair is got ready meanwhile", () => {
    const answer = answerTo({ ...QUESTION, restMin: 120 });
    const sheet = worksheet(answer);
    expect(sheet.onHeadMin - sheet.mixedMin).toBe(120);
  });
  test("a rest too short for the hair still lets it be got ready", () => {
    const sheet = worksheet(answerTo({ ...QUESTION, restMin: 5 }));
    expect(sheet.onHeadMin - sheet.mixedMin).toBeGreaterThan(20);
  });
});
