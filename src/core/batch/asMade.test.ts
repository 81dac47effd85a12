import fc from "fast-check";
import { TEST_QUESTION, testAnswer } from "../../../checks/testHouse";
import { asMade, asSeen, differs, foldBatch, type BatchEvent, type BatchPayload } from ".";

const answer = testAnswer();
const stateOf = (...payloads: BatchPayload[]) =>
  foldBatch(
    payloads.map((payload, i): BatchEvent => ({
      id: `e${i}`,
      payload,
      deviceId: "d",
      deviceSeq: i,
      revSeen: 1,
      atMs: i,
    })),
  );
const made = (...payloads: BatchPayload[]) => asMade(TEST_QUESTION, answer, stateOf(...payloads));
const heap: BatchPayload = { kind: "heaped", line: 0, unit: "tbsp" };

test("as planned, every line holds what was planned, and pouring the plan gives the planned paste", () => {
  const bowl = made({ kind: "poured", ml: answer.liquid.state === "unreachable" ? 0 : answer.liquid.ml.mid });
  expect(bowl.lines.map((line) => line.reallyG)).toEqual(answer.lines.map((line) => line.massG.mid));
  expect(bowl.answer!.totalG.mid).toBeCloseTo(answer.totalG.mid, 6);
  expect(bowl.answer!.on.mid).toMatchObject({ state: "paste", word: "cream" });
});
test("a heaped spoon adds what it holds above a level one, and makes the paste thicker", () => {
  const poured: BatchPayload = {
    kind: "poured",
    ml: answer.liquid.state === "unreachable" ? 0 : answer.liquid.ml.mid * 1.3,
  };
  const [plain, heaped] = [made(poured), made(poured, heap, heap)];
  expect(heaped.lines[0].reallyG).toBeGreaterThan(plain.lines[0].reallyG);
  expect(heaped.lines[0].reallyG - plain.lines[0].reallyG).toBeCloseTo(
    2 * (made(heap).lines[0].reallyG - plain.lines[0].reallyG),
    9,
  );
  const pa = (bowl: typeof plain) => (bowl.answer!.on.mid.state === "dry" ? Infinity : bowl.answer!.on.mid.yieldPa);
  expect(pa(heaped)).toBeGreaterThan(pa(plain));
});
test("a measure says what went in all in all; heaped spoons before it are part of it, those after it are not", () => {
  const measured: BatchPayload = { kind: "measured", line: 0, amount: 25, unit: "g", fill: "level" };
  expect(made(heap, measured).lines[0].reallyG).toBe(25);
  expect(made(measured, heap).lines[0].reallyG).toBeGreaterThan(25);
});
test("what is added stands beside the plan and counts", () => {
  const bowl = made({ kind: "added", materialId: "honey", amount: 20, unit: "g", fill: "level" });
  expect(bowl.lines.at(-1)).toEqual({ materialId: "honey", reallyG: 20, really: { value: 20, low: 19, high: 21 } });
  expect(bowl.answer!.totalG.mid).toBeCloseTo(made().answer!.totalG.mid + 20, 6);
});
test("withdrawing all of it is the plan again", () => {
  const events = [heap, { kind: "added", materialId: "honey", amount: 20, unit: "g", fill: "level" }] as const;
  const state = stateOf(...events, { kind: "withdrawn", eventId: "e0" }, { kind: "withdrawn", eventId: "e1" });
  expect(differs(state)).toBe(false);
  expect(differs(stateOf(heap))).toBe(true);
});
test("lines that the plan does not have change nothing, and nothing is ever NaN", () => {
  fc.assert(
    fc.property(
      fc.array(
        fc.oneof(
          fc.record({
            kind: fc.constant("heaped" as const),
            line: fc.nat(39),
            unit: fc.constantFrom("tsp" as const, "tbsp" as const, "cup" as const),
          }),
          fc.record({
            kind: fc.constant("measured" as const),
            line: fc.nat(39),
            amount: fc.double({ min: 0.01, max: 200, noNaN: true }),
            unit: fc.constantFrom("g" as const, "tbsp" as const, "piece" as const, "drop" as const),
            fill: fc.constantFrom("level" as const, "scant" as const),
          }),
          fc.record({ kind: fc.constant("poured" as const), ml: fc.nat(5000) }),
        ),
        { maxLength: 12 },
      ),
      (payloads) => {
        const bowl = made(...payloads);
        expect(bowl.lines.length).toBe(answer.lines.length);
        for (const line of bowl.lines) expect(line.reallyG).toBeGreaterThanOrEqual(0);
        if (bowl.answer) expect(Number.isFinite(bowl.answer.totalG.mid)).toBe(true);
      },
    ),
  );
});

test("just right says that it is: the bowl is shown as what was wanted", () => {
  const ml = answer.liquid.state === "unreachable" ? 0 : answer.liquid.ml.mid * 1.2;
  const seen = asSeen(TEST_QUESTION, answer, stateOf({ kind: "poured", ml }, { kind: "said", word: "right" }));
  expect(seen.heard).toBeGreaterThan(1);
  expect(asMade(TEST_QUESTION, answer, stateOf({ kind: "poured", ml })).answer!.on.mid).not.toEqual(
    seen.answer!.on.mid,
  );
  // Taken back, it says nothing.
  expect(
    asSeen(
      TEST_QUESTION,
      answer,
      stateOf({ kind: "poured", ml }, { kind: "said", word: "right" }, { kind: "withdrawn", eventId: "e1" }),
    ).heard,
  ).toBe(1);
});
