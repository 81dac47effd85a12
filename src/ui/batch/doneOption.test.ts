import fc from "fast-check";
import { asSeen, foldBatch, soakedMin, type BatchEvent, type BatchPayload } from "@/core/batch";
import { computePaste, type PasteQuestion } from "@/core/paste";
import { correctPaste, WORDS } from "@/core/correct";
import { anyQuestion } from "../../../checks/arbitrary";
import { doneOption } from "./doneOption";

test("what a way on promises is what the bowl shows once it is done", () => {
  const MINUTE_MS = 60_000;
  const stateAt = (steps: readonly (readonly [minute: number, payload: BatchPayload])[]) =>
    foldBatch(
      steps.map(([minute, payload], i): BatchEvent => ({
        id: `e${i}`,
        payload,
        deviceId: "d",
        deviceSeq: i,
        revSeen: 1,
        atMs: minute * MINUTE_MS,
      })),
    );
  let done = 0;
  fc.assert(
    fc.property(
      anyQuestion,
      fc.constantFrom(...WORDS),
      fc.double({ min: 0.5, max: 1.6, noNaN: true }),
      fc.constantFrom(0, 4, 15),
      (question, word, share, minute) => {
        const planned = computePaste(question);
        if (!planned.ok || planned.value.liquid.state !== "solved") return;
        const ml = Math.round(planned.value.liquid.ml.mid * share * 10) / 10;
        // In a bowl of a few spoons a tenth of a millilitre is seen.
        if (ml > 4000 || planned.value.totalG.mid < 80 || planned.value.rest.restMin < minute) return;
        const before: [number, BatchPayload][] = [
          [0, { kind: "poured", ml }],
          [minute, { kind: "said", word }],
        ];
        const state = stateAt(before);
        const seen = asSeen(question, planned.value, state);
        const asked: PasteQuestion = { ...seen.question, liquid: question.liquid };
        const found = correctPaste(
          asked,
          { by: "word", word },
          { pouredMl: ml, minutesSoaked: soakedMin(state, minute * MINUTE_MS), heard: seen.heard },
        );
        if (!found.ok || !seen.answer) return;
        for (const option of found.value.options) {
          if (option.kind !== "liquid" && option.kind !== "powder") continue;
          if (option.kind === "powder" && option.lines.some(({ massG }) => massG < 1)) continue;
          const after = asSeen(
            question,
            planned.value,
            stateAt([
              ...before,
              ...doneOption(option, asked).map((payload): [number, BatchPayload] => [minute, payload]),
            ]),
          );
          if (!after.answer) continue;
          done++;
          const [promised, shown] = [option.on, after.answer.on.mid].map((on) =>
            on.state === "dry" ? Infinity : on.yieldPa,
          );
          if (promised === Infinity || shown === Infinity) {
            expect(Math.max(promised, shown)).toBeGreaterThan(300);
            continue;
          }
          // The jug and the scale are written down to a tenth, which is seen where a gum is among the powders.
          if (Math.abs(Math.log(promised / shown)) > 0.2)
            throw new Error(`promised ${promised} Pa, shows ${shown} Pa after ${JSON.stringify(option)}`);
        }
      },
    ),
    { numRuns: 800 },
  );
  expect(done).toBeGreaterThan(3);
});
