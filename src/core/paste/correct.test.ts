import fc from "fast-check";
import { answerTo, MASK } from "../../../checks/mask";
import { correctPaste, WORDS, type BowlNow, type CorrectionAnswer, type CorrectionOption, type MixingWord, type Seen } from ".";

describe("corrections", () => {
  const fix = (seen: Seen, now: BowlNow, question = MASK) => {
    const result = correctPaste(question, seen, now);
    if (!result.ok) throw new Error(JSON.stringify(result.problems));
    return result.value;
  };
  const at = (word: MixingWord, pouredMl: number, minutesSoaked = 30, haveG?: BowlNow["haveG"]) => fix({ by: "word", word }, { pouredMl, minutesSoaked, haveG });
  const only = <K extends CorrectionOption["kind"]>(found: CorrectionAnswer, kind: K) => {
    const option = found.options.find((one): one is Extract<CorrectionOption, { kind: K }> => one.kind === kind);
    if (!option) throw new Error(`no ${kind} among ${found.options.map((one) => one.kind).join(", ")}`);
    return option;
  };
  const expectedMl = (() => { const { liquid } = answerTo(MASK); return liquid.state === "solved" ? liquid.ml.mid : NaN; })();

  test("too thick wants liquid, in kitchen steps, and adds up", () => {
    const found = at("tooThick", expectedMl);
    const liquid = only(found, "liquid");
    expect(found.options[0]).toBe(liquid);
    expect(liquid.ml.mid / liquid.step.ml).toBeCloseTo(Math.round(liquid.ml.mid / liquid.step.ml), 9);
    expect(liquid.totalAfterG - found.totalBeforeG).toBeCloseTo(liquid.ml.mid, 6);
    expect(found.holdingFactor.mid).toBeGreaterThan(1);
    expect(liquid.strength).toBeLessThan(1);
  });
  test("runs wants powder in the blend's own proportions, more than a bit thin does", () => {
    const [runs, thin] = [only(at("runs", expectedMl), "powder"), only(at("bitThin", expectedMl), "powder")];
    expect(runs.totalG).toBeGreaterThan(thin.totalG);
    const [amla, bhringraj] = answerTo(MASK).lines;
    expect(runs.lines[0].massG / runs.lines[1].massG).toBeCloseTo(amla.massG.mid / bhringraj.massG.mid, 9);
    expect(runs.lines.map((l) => l.line)).toEqual([0, 1]);
  });
  test("30 ml too much: powder brings it to the target, more than the head takes, or it goes on in a thinner coat", () => {
    const found = fix({ by: "pour" }, { pouredMl: expectedMl + 30, minutesSoaked: 30 });
    const [powder, thin] = [only(found, "powder"), only(found, "thinCoat")];
    expect(powder.on).toMatchObject({ state: "paste", yieldPa: expect.closeTo(answerTo(MASK).targetYieldPa, 6) });
    expect(powder.totalAfterG).toBeGreaterThan(found.totalBeforeG);
    expect(thin.totalAfterG).toBeCloseTo(found.totalBeforeG, 9);
    expect(thin.holdsMm).toBeLessThan(thin.needMm);
  });
  test("only what the shelf can give: the jar that runs out first limits all, in proportion, and is named", () => {
    const free = only(at("runs", expectedMl), "powder");
    const short = only(at("runs", expectedMl, 30, [free.lines[0].massG / 2, undefined]), "powder");
    expect(short.lines[0].massG).toBeCloseTo(free.lines[0].massG / 2, 6);
    expect(short.lines[1].massG / short.lines[0].massG).toBeCloseTo(free.lines[1].massG / free.lines[0].massG, 6);
    expect(short.shortLine).toBe(0);
    expect(free.shortLine).toBeUndefined();
    expect(at("runs", expectedMl, 30, [0, 0]).options.map(({ kind }) => kind)).not.toContain("powder");
  });
  test("too thick before the first pour is no news: the figures stand and the first pour comes first", () => {
    const found = at("tooThick", 20);
    expect(found.holdingFactor.mid).toBe(1);
    const liquid = only(found, "liquid");
    expect(Math.abs(liquid.ml.mid - (expectedMl - 20))).toBeLessThanOrEqual(liquid.step.ml / 2 + 1e-9);
    expect(liquid.atOnceMl).toBeLessThan(liquid.ml.mid);
  });
  test("a bit thin right after mixing may only want time: it thickens as it soaks", () => {
    expect(at("bitThin", expectedMl, 0).options[0]).toMatchObject({ kind: "wait", minutes: 30 });
  });
  test("a test says both ways, with its own band: what it reads is what the bowl is taken for", () => {
    const now = { pouredMl: expectedMl, minutesSoaked: 30 };
    const thick = fix({ by: "test", reading: { by: "ring", heightMm: 50, slumpMm: 12 } }, now);
    expect(thick.readPa!.mid).toBeGreaterThan(100);
    expect(thick.holdingFactor.low).toBeLessThan(thick.holdingFactor.mid);
    const liquid = only(thick, "liquid");
    expect(liquid.ml.low).toBeLessThan(liquid.ml.mid);
    expect(liquid.ml.high).toBeGreaterThan(liquid.ml.mid);
    const thin = fix({ by: "test", reading: { by: "plate", volumeMl: 15, acrossMm: 80, alongMm: 82 } }, now);
    expect(thin.holdingFactor.mid).toBeLessThan(1);
    expect(thin.options[0].kind).not.toBe("liquid");
  });
  test("the way on, done, is there: liquid or powder added brings the bowl to its target", () => {
    fc.assert(fc.property(fc.constantFrom(...WORDS), fc.double({ min: 30, max: 300, noNaN: true }), (word, ml) => {
      for (const option of at(word, ml).options) {
        if (option.kind !== "powder" && option.kind !== "liquid") continue;
        expect(option.on.state).toBe("paste");
        const pa = option.on.state === "paste" ? option.on.yieldPa : NaN;
        // Liquid goes in by whole steps, powder to the gram.
        expect(Math.abs(Math.log(pa / answerTo(MASK).targetYieldPa))).toBeLessThan(option.kind === "powder" ? 1e-6 : 0.9);
      }
    }), { numRuns: 60 });
  });
  test("nonsense is refused at its field", () => {
    expect(correctPaste(MASK, { by: "word", word: "runs" }, { pouredMl: -5 })).toMatchObject({ ok: false, problems: [{ field: "pouredMl", code: "tooSmall" }] });
    expect(correctPaste(MASK, { by: "word", word: "what" as "runs" }, { pouredMl: 5 })).toMatchObject({ ok: false, problems: [{ field: "word", code: "unknownChoice" }] });
    expect(correctPaste(MASK, { by: "test", reading: { by: "ring", heightMm: 50, slumpMm: 60 } }, { pouredMl: 100 })).toMatchObject({ ok: false, problems: [{ field: "slumpMm", code: "slumpTallerThanRing" }] });
  });
});
