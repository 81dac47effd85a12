import { line, answerTo, MASK } from "../../../checks/mask";
import type { PasteQuestion } from ".";

describe("what stands in the way", () => {
  const obstacle = (question: Partial<PasteQuestion>) => {
    const { liquid } = answerTo({ ...MASK, ...question });
    return liquid.state === "unreachable" ? liquid : undefined;
  };
  test("too much oil and lemon before any water: the worst line, and both exact ways out", () => {
    const lines = [line("amla", 30), line("lemon-juice", 200, "g", "fixed"), line("honey", 10, "g", "fixed")];
    const found = obstacle({ sizing: "asGiven", target: { word: "thickPaste" }, lines })!;
    expect(found).toMatchObject({ why: "alreadyThin", line: 1 });
    const mended = obstacle({
      sizing: "asGiven",
      target: { word: "thickPaste" },
      lines: [line("amla", 30 + found.powderToAddG! + 0.01), ...lines.slice(1)],
    });
    expect(mended).toBeUndefined();
    const less = lines.map((l, i) => (i === 1 ? { ...l, amount: found.lineWouldBeG! - 0.01 } : l));
    expect(obstacle({ sizing: "asGiven", target: { word: "thickPaste" }, lines: less })).toBeUndefined();
  });
  test("yoghurt cannot thin to a drizzle", () => {
    expect(
      obstacle({ liquid: { materialId: "yoghurt", tempC: 10 }, target: { word: "drizzle" }, lines: [line("amla", 30)] })
        ?.why,
    ).toBe("cannotThin");
  });
  test("yoghurt hardly thins henna to a thick paste", () => {
    expect(
      obstacle({
        sizing: "asGiven",
        liquid: { materialId: "yoghurt", tempC: 10 },
        target: { yieldPa: 60 },
        lines: [line("henna", 100)],
      })?.why,
    ).toBe("hardlyThins");
  });
  test("a litre of yoghurt is more than the head takes", () => {
    expect(obstacle({ lines: [line("amla", 30), line("yoghurt", 1500, "g", "fixed")] })).toMatchObject({
      why: "fixedTooMuch",
      line: 1,
    });
  });
  test("too much of something thin is named by its own line, wherever it stands", () => {
    const lines = [
      line("amla", 30),
      line("bhringraj", 10),
      line("honey", 20, "g", "fixed"),
      line("lemon-juice", 1500, "g", "fixed"),
    ];
    expect(obstacle({ lines, target: { word: "thickPaste" } })).toMatchObject({ why: "fixedTooMuch", line: 3 });
    expect(obstacle({ lines, liquid: { materialId: "water", tempC: 40, amountMl: 50 } })).toMatchObject({
      why: "fixedTooMuch",
      line: 3,
    });
  });
  test("a given amount is judged, not solved: dry, then running", () => {
    const given = (amountMl: number) =>
      answerTo({
        ...MASK,
        sizing: "asGiven",
        liquid: { materialId: "water", tempC: 40, amountMl },
        lines: [line("amla", 50)],
      });
    expect(given(20).verdict.state).toBe("stillDry");
    expect(given(20).liquid.state).toBe("given");
    expect(given(400).verdict.state).toBe("willRun");
  });
  test("the mend of a running bowl stays on", () => {
    const runny = answerTo({ ...MASK, sizing: "asGiven", target: { word: "drizzle" } });
    if (runny.verdict.state !== "willRun" || !runny.verdict.mend) throw new Error("expected a mend");
    expect(answerTo({ ...MASK, sizing: "asGiven", target: { word: runny.verdict.mend.word } }).verdict.state).toMatch(
      /^(shouldStay|stays)$/,
    );
  });
});
