import fc from "fast-check";
import { line, answerTo, MASK } from "../../../checks/mask";
import { anyQuestion } from "../../../checks/arbitrary";
import { findMaterial } from "../material";
import { spoonMl } from "../measure";
import {
  correctPaste,
  heardFactor,
  WORDS,
  type Heard,
  type BowlNow,
  type CorrectionAnswer,
  type CorrectionOption,
  type MixingWord,
  type Seen,
} from ".";
import { computePaste, type PasteQuestion } from "../paste";

describe("corrections", () => {
  const fix = (seen: Seen, now: BowlNow, question = MASK) => {
    const result = correctPaste(question, seen, now);
    if (!result.ok) throw new Error(JSON.stringify(result.problems));
    return result.value;
  };
  const at = (word: MixingWord, pouredMl: number, minutesSoaked = 30, haveG?: BowlNow["haveG"]) =>
    fix({ by: "word", word }, { pouredMl, minutesSoaked, haveG });
  const only = <K extends CorrectionOption["kind"]>(found: CorrectionAnswer, kind: K) => {
    const option = found.options.find((one): one is Extract<CorrectionOption, { kind: K }> => one.kind === kind);
    if (!option) throw new Error(`no ${kind} among ${found.options.map((one) => one.kind).join(", ")}`);
    return option;
  };
  const expectedMl = (() => {
    const { liquid } = answerTo(MASK);
    return liquid.state === "solved" ? liquid.ml.mid : NaN;
  })();

  test("too thick wants liquid, in kitchen steps, and adds up", () => {
    const found = at("tooThick", expectedMl);
    const liquid = only(found, "liquid");
    expect(found.options[0]).toBe(liquid);
    expect(liquid.ml.mid / spoonMl(MASK.spoons).tsp).toBeCloseTo(
      Math.round(liquid.ml.mid / spoonMl(MASK.spoons).tsp),
      9,
    );
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
  test("a third too much in a soaked mask: powder brings it to the target, or it goes on thinner", () => {
    const question: PasteQuestion = { ...MASK, purpose: "soakedMask" };
    const planned = answerTo(question);
    if (planned.liquid.state !== "solved") throw new Error("no liquid");
    const found = fix({ by: "pour" }, { pouredMl: planned.liquid.ml.mid * 1.35, minutesSoaked: 30 }, question);
    const [powder, thin] = [only(found, "powder"), only(found, "thinCoat")];
    expect(powder.on).toMatchObject({ state: "paste", yieldPa: expect.closeTo(planned.targetYieldPa, 6) });
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
    expect(expectedMl - 20 - liquid.ml.mid).toBeGreaterThanOrEqual(0);
    expect(expectedMl - 20 - liquid.ml.mid).toBeLessThan(5);
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
    fc.assert(
      fc.property(fc.constantFrom(...WORDS), fc.double({ min: 30, max: 300, noNaN: true }), (word, ml) => {
        for (const option of at(word, ml).options) {
          if (option.kind !== "powder" && option.kind !== "liquid") continue;
          expect(option.on.state).toBe("paste");
          const pa = option.on.state === "paste" ? option.on.yieldPa : NaN;
          if (option.kind === "liquid" && option.neverMoreMl !== undefined) continue;
          // Liquid goes in by whole spoons, powder to the gram.
          expect(Math.abs(Math.log(pa / answerTo(MASK).targetYieldPa))).toBeLessThan(
            option.kind === "powder" ? 1e-6 : 0.9,
          );
        }
      }),
      { numRuns: 60 },
    );
  });
  const anyBowl = fc.record({
    question: anyQuestion,
    word: fc.constantFrom(...WORDS),
    share: fc.double({ min: 0.02, max: 2.5, noNaN: true }),
    minutesSoaked: fc.constantFrom(0, 3, 20, 90),
    heard: fc.double({ min: 0.4, max: 2.5, noNaN: true }),
  });
  /** Ways on of any bowl, so much of what it wants being in it. */
  const ways = (
    { question, word, share, minutesSoaked, heard }: typeof anyBowl extends fc.Arbitrary<infer T> ? T : never,
    seen: Seen = { by: "word", word },
  ) => {
    const planned = computePaste(question);
    if (!planned.ok || planned.value.liquid.state !== "solved") return undefined;
    const { liquid, targetYieldPa } = planned.value;
    const pouredMl = Math.min(5000, liquid.ml.mid * share);
    const found = correctPaste(question, seen, { pouredMl, minutesSoaked, heard });
    return found.ok ? { options: found.value.options, pouredMl, targetYieldPa, mostMl: liquid.plan.mostMl } : undefined;
  };
  const paOf = ({ on }: CorrectionOption) => (on.state === "dry" ? Infinity : on.yieldPa);

  test("no way on contradicts the word: thin gets no liquid, thick does not end thinner than wanted", () => {
    fc.assert(
      fc.property(anyBowl, (bowl) => {
        const found = ways(bowl);
        fc.pre(found !== undefined);
        for (const option of found.options) {
          if (bowl.word === "bitThin" || bowl.word === "runs") expect(option.kind).not.toBe("liquid");
          else {
            expect(["liquid", "leave"]).toContain(option.kind);
            if (option.kind === "liquid" && option.neverMoreMl === undefined)
              expect(paOf(option) / found.targetYieldPa).toBeGreaterThanOrEqual(1 - 1e-6);
          }
        }
      }),
      { numRuns: 200 },
    );
  });
  test("“poured too much” gets no liquid either; only that it was poured may", () => {
    fc.assert(
      fc.property(anyBowl, (bowl) => {
        const found = ways(bowl, { by: "pour", tooMuch: true });
        fc.pre(found !== undefined);
        for (const option of found.options) expect(option.kind).not.toBe("liquid");
      }),
      { numRuns: 150 },
    );
    expect(fix({ by: "pour" }, { pouredMl: expectedMl / 2 }).options[0].kind).toBe("liquid");
    expect(fix({ by: "pour", tooMuch: true }, { pouredMl: expectedMl / 2 }).options[0].kind).toBe("leave");
  });
  test("the bowl’s own “never more” is not passed without saying so, and beyond it only spoon by spoon", () => {
    fc.assert(
      fc.property(anyBowl, (bowl) => {
        const found = ways(bowl);
        for (const option of found?.options ?? []) {
          if (option.kind !== "liquid") continue;
          const total = found!.pouredMl + option.ml.mid;
          if (total > found!.mostMl + 1e-6) {
            expect(option.neverMoreMl).toBe(found!.mostMl);
            expect(option.ml.mid).toBeLessThanOrEqual(5 + 1e-9);
          }
        }
      }),
      { numRuns: 200 },
    );
  });
  test("only a test leaves a range open, and only what is dry is called powder", () => {
    fc.assert(
      fc.property(anyBowl, (bowl) => {
        for (const option of ways(bowl)?.options ?? []) {
          if (option.kind === "liquid") expect(option.ml.high).toBe(option.ml.low);
          if (option.kind === "powder")
            for (const { line } of option.lines)
              expect(findMaterial(bowl.question.lines[line].materialId)?.form).toBe("powder");
        }
      }),
      { numRuns: 150 },
    );
  });
  test("powder added is counted as powder: the strength is the share of powder in the paste against the plan", () => {
    const question: PasteQuestion = {
      ...MASK,
      lines: [line("amla", 10), line("yoghurt", 60, "g"), line("sesame-oil", 1, "tbsp", "fixed")],
    };
    const planned = answerTo(question);
    if (planned.liquid.state !== "solved") throw new Error("no liquid");
    const powder = only(
      fix({ by: "word", word: "runs" }, { pouredMl: planned.liquid.ml.mid, minutesSoaked: 30 }, question),
      "powder",
    );
    const planG = planned.lines[0].massG.mid;
    expect(powder.lines.map((one) => one.line)).toEqual([0]);
    expect(powder.strength).toBeCloseTo((planG + powder.totalG) / powder.totalAfterG / (planG / planned.totalG.mid), 6);
  });
  test("a word is kept: heard again with what it said before, it says no more", () => {
    fc.assert(
      fc.property(anyBowl, (bowl) => {
        const planned = computePaste(bowl.question);
        fc.pre(planned.ok && planned.value.liquid.state === "solved");
        const now = { pouredMl: planned.value.liquid.ml.mid * bowl.share, minutesSoaked: bowl.minutesSoaked };
        fc.pre(now.pouredMl <= 5000);
        const said: Heard = { seen: { by: "word", word: bowl.word }, question: bowl.question, ...now };
        const [once, twice] = [heardFactor([said]), heardFactor([said, said])];
        expect(twice).toBeCloseTo(once, 9);
        expect(bowl.word === "bitThin" || bowl.word === "runs" ? once <= 1 : once >= 1).toBe(true);
        // The bowl computed with what was heard is the bowl that was seen.
        const found = correctPaste(bowl.question, said.seen as Seen, now);
        if (found.ok) expect(found.value.holdingFactor.mid).toBeCloseTo(once, 9);
      }),
      { numRuns: 200 },
    );
  });
  test("nonsense is refused at its field", () => {
    expect(correctPaste(MASK, { by: "word", word: "runs" }, { pouredMl: -5 })).toMatchObject({
      ok: false,
      problems: [{ field: "pouredMl", code: "tooSmall" }],
    });
    expect(correctPaste(MASK, { by: "word", word: "what" as "runs" }, { pouredMl: 5 })).toMatchObject({
      ok: false,
      problems: [{ field: "word", code: "unknownChoice" }],
    });
    expect(
      correctPaste(MASK, { by: "test", reading: { by: "ring", heightMm: 50, slumpMm: 60 } }, { pouredMl: 100 }),
    ).toMatchObject({ ok: false, problems: [{ field: "slumpMm", code: "slumpTallerThanRing" }] });
  });
});
