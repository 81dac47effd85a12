import fc from "fast-check";
import { anyQuestion } from "../../../checks/arbitrary";
import { PLAIN_HEAD } from "../head";
import { CATALOGUE, findMaterial } from "../material";
import { mixBands } from "./bands";
import { settle } from "./settle";
import { MIX_OUTPUTS, mixRun } from "../flow";
import {
  bowlState, computePaste, consistencyOf, correctPaste, drawPour, largestBatch, phiOf, pourPlan, pullG, scaleBlend, solveAmountG, thing, wordFor, WORDS, yieldPaOf,
  type BlendLine, type BowlNow, type CorrectionAnswer, type CorrectionOption, type MixingWord, type PasteAnswer, type PasteQuestion, type Seen,
} from ".";

const answerTo = (question: PasteQuestion): PasteAnswer => {
  const result = computePaste(question);
  if (!result.ok) throw new Error(JSON.stringify(result.problems));
  return result.value;
};

const MASK: PasteQuestion = {
  head: PLAIN_HEAD, purpose: "mask", spoons: "us", sizing: "likely", kitchenTempC: 22, target: { word: "cream" },
  liquid: { materialId: "water", tempC: 40 },
  lines: [
    { materialId: "amla", role: "part", amount: 2, unit: "tbsp", fill: "level" },
    { materialId: "bhringraj", role: "part", amount: 1, unit: "tbsp", fill: "level" },
    { materialId: "yoghurt", role: "fixed", amount: 3, unit: "tbsp", fill: "level" },
    { materialId: "sesame-oil", role: "fixed", amount: 1, unit: "tsp", fill: "level" },
  ],
};
const line = (materialId: string, amount: number, unit: "g" | "tbsp" = "g", role: BlendLine["role"] = "part"): BlendLine =>
  ({ materialId, role, amount, unit, fill: "level" });

/** Every number in an answer, with its path. */
function numbersIn(value: unknown, path = ""): [string, number][] {
  if (typeof value === "number") return [[path, value]];
  if (value && typeof value === "object") return Object.entries(value).flatMap(([key, v]) => numbersIn(v, `${path}.${key}`));
  return [];
}

describe("yield stress", () => {
  test("φ and τ undo each other", () => {
    fc.assert(fc.property(fc.double({ min: 0.01, max: 400, noNaN: true }), (pa) => { expect(yieldPaOf(phiOf(pa))! / pa).toBeCloseTo(1, 8); }));
  });
  test("a jam has no number, however far beyond", () => {
    fc.assert(fc.property(fc.double({ min: 0.64, max: 5, noNaN: true }), (phi) => { expect(yieldPaOf(phi)).toBeUndefined(); }));
    expect(yieldPaOf(NaN)).toBeUndefined();
  });
  test("the words meet without a gap", () => {
    expect([1.9, 2, 7.9, 8, 19.9, 20, 54.9, 55, 149.9, 150, 249.9, 250].map(wordFor)).toEqual([
      undefined, "drizzle", "drizzle", "pancakeBatter", "pancakeBatter", "cream", "cream", "thickPaste", "thickPaste", "mash", "mash", "tooStiff",
    ]);
  });
});

describe("laws of the balance", () => {
  const someThings = fc.array(fc.tuple(fc.constantFrom(...CATALOGUE), fc.double({ min: 1, max: 300, noNaN: true })), { minLength: 1, maxLength: 10 })
    .map((picked) => picked.map(([material, grams]) => thing(material, grams)));
  const water = findMaterial("water")!;

  test("more liquid never thickens", () => {
    fc.assert(fc.property(someThings, fc.double({ min: 0, max: 500, noNaN: true }), fc.double({ min: 0, max: 500, noNaN: true }), (things, ml, more) => {
      const thinner = bowlState([...things, thing(water, ml + more)]);
      const thicker = bowlState([...things, thing(water, ml)]);
      expect(thinner.phi).toBeLessThanOrEqual(thicker.phi + 1e-12);
      if (!thicker.dry) expect(thinner.dry).toBe(false);
    }), { numRuns: 400 });
  });

  test("a solve put back gives its target", () => {
    fc.assert(fc.property(someThings, fc.constantFrom(...CATALOGUE), fc.double({ min: 3, max: 240, noNaN: true }), (things, material, pa) => {
      const grams = solveAmountG(things, thing(material, 1), phiOf(pa));
      if (grams === undefined) return;
      const bowl = [...things, thing(material, grams)];
      expect(Math.abs(pullG(bowl, phiOf(pa)))).toBeLessThan(1e-6 * (1 + bowlState(bowl).volumeMl));
    }), { numRuns: 400 });
  });

  test("a dry bowl never shows a yield stress", () => {
    fc.assert(fc.property(someThings, (things) => {
      const { phi, dry } = bowlState(things);
      const found = consistencyOf(things);
      if (dry || phi >= 0.64) expect(found).toEqual({ state: "dry" });
    }), { numRuns: 400 });
  });

  test("oil does not wet a powder", () => {
    expect(consistencyOf([thing(findMaterial("amla")!, 50), thing(findMaterial("sesame-oil")!, 400)])).toEqual({ state: "dry" });
  });
});

describe("the whole answer", () => {
  test("any question is answered or refused; no NaN, no negative amount, bands in order, layers add up", () => {
    fc.assert(fc.property(anyQuestion, (question) => {
      const result = computePaste(question);
      expect(result.ok).toBe(true);
      if (!result.ok) return;
      const answer = result.value;
      for (const [path, value] of numbersIn(answer)) if (!Number.isFinite(value)) throw new Error(`${path} is ${value}`);
      for (const { massG } of answer.lines) expect(massG.mid).toBeGreaterThanOrEqual(0);
      const { liquid } = answer;
      if (liquid.state === "solved") {
        expect(liquid.ml.low).toBeLessThanOrEqual(liquid.ml.mid);
        expect(liquid.ml.mid).toBeLessThanOrEqual(liquid.ml.high);
        expect(liquid.plan.firstPourMl).toBeLessThanOrEqual(liquid.plan.expectedStopMl);
        if (answer.on.mid.state !== "dry") expect(answer.on.mid.yieldPa / answer.targetYieldPa).toBeCloseTo(1, 6);
        if (question.sizing === "likely") expect(answer.totalG.mid / answer.head.pasteG.mid).toBeCloseTo(1, 6);
      }
      expect(answer.layers.reduce((sum, layer) => sum + layer.volumeMl, 0) / answer.totalMl).toBeCloseTo(1, 9);
    }), { numRuns: 1500 });
  });

  test("widening any one figure of a bowl never narrows its liquid, its total or its closeness to the jam", () => {
    fc.assert(fc.property(anyQuestion, fc.nat(60), fc.double({ min: 1, max: 1.6, noNaN: true }), (question, which, by) => {
      const { spec } = settle(question);
      const i = which % spec.inputs.length;
      const { value, low, high } = spec.inputs[i];
      const wider = { ...spec, inputs: spec.inputs.map((input, j) => (j === i ? { value, low: Math.max(value * 0.05, value - (value - low) * by), high: value + (high - value) * by } : input)) };
      if (wider.inputs[i].low > low) return;
      // An end without an answer (a liquid that thickens) is left out of a band, and widening may walk into one.
      const values = Float64Array.from(spec.inputs, (input) => input.value);
      const answers = (at: number) => { const out = new Float64Array(MIX_OUTPUTS); values[i] = at; mixRun(spec)(values, out); return out.every(Number.isFinite); };
      if (![wider.inputs[i].low, wider.inputs[i].high].every(answers)) return;
      const [narrow, wide] = [mixBands(spec), mixBands(wider)];
      for (const key of ["totalG", "closenessOn", "closenessMixed"] as const) {
        expect(wide[key].low).toBeLessThanOrEqual(narrow[key].low + 1e-9);
        expect(wide[key].high).toBeGreaterThanOrEqual(narrow[key].high - 1e-9);
      }
    }), { numRuns: 300 });
  });

  test("a longer rest soaks further, so the liquid for a target never falls", () => {
    fc.assert(fc.property(anyQuestion, fc.nat(600), fc.nat(600), (question, rest, more) => {
      const ml = (restMin: number) => { const { liquid } = answerTo({ ...question, sizing: "asGiven", liquid: { materialId: "water", tempC: 30 }, restMin }); return liquid.state === "solved" ? liquid.ml.mid : undefined; };
      const [short, long] = [ml(rest), ml(rest + more)];
      if (short !== undefined && long !== undefined) expect(long).toBeGreaterThanOrEqual(short - 1e-9);
    }), { numRuns: 150 });
  });

  test("the same question gives the same answer, and is not changed", () => {
    const before = JSON.stringify(MASK);
    expect(answerTo(MASK)).toEqual(answerTo(MASK));
    expect(JSON.stringify(MASK)).toBe(before);
  });

  test("a thicker target takes less liquid; a warm rest soaks as far as a long one", () => {
    const ml = (word: "drizzle" | "pancakeBatter" | "cream" | "thickPaste" | "mash") => {
      const { liquid } = answerTo({ ...MASK, sizing: "asGiven", target: { word } });
      return liquid.state === "solved" ? liquid.ml.mid : NaN;
    };
    const order = [ml("drizzle"), ml("pancakeBatter"), ml("cream"), ml("thickPaste"), ml("mash")];
    expect([...order].sort((a, b) => b - a)).toEqual(order);
  });

  test("it is thinner when mixed than when it goes on", () => {
    const { mixed, on } = answerTo(MASK);
    if (mixed.mid.state === "dry" || on.mid.state === "dry") throw new Error("expected pastes");
    expect(mixed.mid.yieldPa).toBeLessThan(on.mid.yieldPa);
  });

  test("a dye paste rests to its peak, sooner without acid", () => {
    const dye = (...more: PasteQuestion["lines"]) => answerTo({ ...MASK, purpose: "dyePacked", lines: [line("henna", 100), ...more] }).rest;
    expect(dye().dye?.school).toBe("plain");
    expect(dye(line("lemon-juice", 20, "g", "fixed")).dye?.school).toBe("acid");
    expect(dye(line("lemon-juice", 20, "g", "fixed")).restMin).toBeGreaterThan(dye().restMin);
    expect(answerTo(MASK).rest.dye).toBeUndefined();
  });

  test("boiling liquid delays the dye's clock", () => {
    const cool = (tempC: number) => answerTo({ ...MASK, lines: [line("henna", 100)], liquid: { materialId: "water", tempC } }).rest.dye!.coolFirstH.mid;
    expect(cool(40)).toBe(0);
    expect(cool(100)).toBeGreaterThan(0.3);
  });
});

describe("what stands in the way", () => {
  const obstacle = (question: Partial<PasteQuestion>) => {
    const { liquid } = answerTo({ ...MASK, ...question });
    return liquid.state === "unreachable" ? liquid : undefined;
  };
  test("too much oil and lemon before any water: the worst line, and both exact ways out", () => {
    const lines = [line("amla", 30), line("lemon-juice", 200, "g", "fixed"), line("honey", 10, "g", "fixed")];
    const found = obstacle({ sizing: "asGiven", target: { word: "thickPaste" }, lines })!;
    expect(found).toMatchObject({ why: "alreadyThin", line: 1 });
    const mended = obstacle({ sizing: "asGiven", target: { word: "thickPaste" }, lines: [line("amla", 30 + found.powderToAddG! + 0.01), ...lines.slice(1)] });
    expect(mended).toBeUndefined();
    const less = lines.map((l, i) => (i === 1 ? { ...l, amount: found.lineWouldBeG! - 0.01 } : l));
    expect(obstacle({ sizing: "asGiven", target: { word: "thickPaste" }, lines: less })).toBeUndefined();
  });
  test("yoghurt cannot thin to a drizzle", () => {
    expect(obstacle({ liquid: { materialId: "yoghurt", tempC: 10 }, target: { word: "drizzle" }, lines: [line("amla", 30)] })?.why).toBe("cannotThin");
  });
  test("yoghurt hardly thins henna to a thick paste", () => {
    expect(obstacle({ sizing: "asGiven", liquid: { materialId: "yoghurt", tempC: 10 }, target: { yieldPa: 60 }, lines: [line("henna", 100)] })?.why).toBe("hardlyThins");
  });
  test("a litre of yoghurt is more than the head takes", () => {
    expect(obstacle({ lines: [line("amla", 30), line("yoghurt", 1500, "g", "fixed")] })).toMatchObject({ why: "fixedTooMuch", line: 1 });
  });
  test("too much of something thin is named by its own line, wherever it stands", () => {
    const lines = [line("amla", 30), line("bhringraj", 10), line("honey", 20, "g", "fixed"), line("lemon-juice", 1500, "g", "fixed")];
    expect(obstacle({ lines, target: { word: "thickPaste" } })).toMatchObject({ why: "fixedTooMuch", line: 3 });
    expect(obstacle({ lines, liquid: { materialId: "water", tempC: 40, amountMl: 50 } })).toMatchObject({ why: "fixedTooMuch", line: 3 });
  });
  test("a given amount is judged, not solved: dry, then running", () => {
    const given = (amountMl: number) => answerTo({ ...MASK, sizing: "asGiven", liquid: { materialId: "water", tempC: 40, amountMl }, lines: [line("amla", 50)] });
    expect(given(20).verdict.state).toBe("stillDry");
    expect(given(20).liquid.state).toBe("given");
    expect(given(400).verdict.state).toBe("willRun");
  });
  test("the mend of a running bowl clings", () => {
    const runny = answerTo({ ...MASK, sizing: "asGiven", target: { word: "drizzle" } });
    if (runny.verdict.state !== "willRun" || !runny.verdict.mend) throw new Error("expected a mend");
    expect(answerTo({ ...MASK, sizing: "asGiven", target: { word: runny.verdict.mend.word } }).verdict.state).toBe("clings");
  });
});

describe("bad input", () => {
  const codes = (question: PasteQuestion) => {
    const result = computePaste(question);
    return result.ok ? [] : result.problems.map(({ field, code }) => `${field} ${code}`);
  };
  test.each<[string, Partial<PasteQuestion>, string]>([
    ["no powder", { lines: [line("yoghurt", 50, "g", "fixed")] }, "lines noPowder"],
    ["nothing", { lines: [] }, "lines noPowder"],
    ["oil alone", { lines: [line("sesame-oil", 50)] }, "lines oilAlone"],
    ["a negative amount", { lines: [line("amla", -3)] }, "lines.0.amount tooSmall"],
    ["nine kilograms", { lines: [line("amla", 9000)] }, "lines.0.amount tooLarge"],
    ["not a number", { lines: [line("amla", NaN)] }, "lines.0.amount notANumber"],
    ["an unknown herb", { lines: [line("unobtainium", 5)] }, "lines.0.materialId unknownMaterial"],
    ["sixty lines", { lines: Array.from({ length: 60 }, () => line("amla", 1)) }, "lines tooMany"],
    ["pieces of powder", { lines: [{ ...line("amla", 2), unit: "piece" }] }, "lines.0.unit unitNotForThis"],
    ["a head of nothing", { head: { ...PLAIN_HEAD, longest: { cm: 0 } } }, "head.longest.cm tooSmall"],
    ["a head of three metres", { head: { ...PLAIN_HEAD, longest: { cm: 300 } } }, "head.longest.cm tooLarge"],
    ["a kitchen at 90 °C", { kitchenTempC: 90 }, "kitchenTempC tooLarge"],
    ["powder as the liquid", { liquid: { materialId: "amla", tempC: 20 } }, "liquid.materialId notALiquid"],
    ["a target of nothing", { target: { yieldPa: 0 } }, "target.yieldPa tooSmall"],
  ])("%s", (_, change, expected) => { expect(codes({ ...MASK, ...change })).toContain(expected); });
});

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

describe("any amount from the others", () => {
  const water = (amountMl?: number, more: Partial<PasteQuestion["liquid"]> = {}): PasteQuestion["liquid"] => ({ materialId: "water", tempC: 40, ...(amountMl === undefined ? {} : { amountMl }), ...more });
  const pa = (question: PasteQuestion) => { const { on } = answerTo(question); return on.mid.state === "dry" ? undefined : on.mid.yieldPa; };

  test("powder for the cup of tea that is left: the parts follow the liquid, and the target is met", () => {
    fc.assert(fc.property(fc.double({ min: 40, max: 900, noNaN: true }), (ml) => {
      const question: PasteQuestion = { ...MASK, sizing: "forLiquid", liquid: water(ml) };
      const answer = answerTo(question);
      if (answer.liquid.state === "unreachable") { expect(answer.liquid.why).toBe("stillThicker"); return; }
      expect(answer.solvedFor).toBe("parts");
      expect(pa(question)! / answer.targetYieldPa).toBeCloseTo(1, 6);
      expect(answer.lines[0].massG.high).toBeGreaterThan(answer.lines[0].massG.low);
    }));
  });
  test("one line from the others: put back as it came out, it gives the target", () => {
    const question: PasteQuestion = { ...MASK, sizing: "asGiven", liquid: water(150), lines: [line("amla", 2), { ...line("bhringraj", 1), role: "solved" }, line("yoghurt", 20, "g", "fixed")] };
    const answer = answerTo(question);
    expect(answer.solvedFor).toBe(1);
    expect(pa(question)! / answer.targetYieldPa).toBeCloseTo(1, 6);
    const grams = answer.lines[1].massG.mid;
    const back: PasteQuestion = { ...question, lines: question.lines.map((one, i) => (i === 1 ? { ...one, role: "fixed", amount: grams, unit: "g" } : one)) };
    expect(pa(back)! / answer.targetYieldPa).toBeCloseTo(1, 6);
    expect(answer.lines[1].massG.low).toBeLessThan(grams);
  });
  test("with the head as well: the line and the scale together make total and target", () => {
    const question: PasteQuestion = { ...MASK, sizing: "likely", liquid: water(150), lines: [line("amla", 2), { ...line("yoghurt", 20, "g"), role: "solved" }] };
    const answer = answerTo(question);
    if (answer.liquid.state === "unreachable") throw new Error(answer.liquid.why);
    expect(answer.totalG.mid / answer.head.pasteG.mid).toBeCloseTo(1, 6);
    expect(pa(question)! / answer.targetYieldPa).toBeCloseTo(1, 6);
  });
  test("no answer is said, with what stands in the way", () => {
    const thin = answerTo({ ...MASK, sizing: "asGiven", liquid: water(600), lines: [line("amla", 2), { ...line("honey", 1), role: "solved" }] });
    expect(thin.liquid).toMatchObject({ state: "unreachable", why: "stillThinner" });
    const thick = answerTo({ ...MASK, sizing: "asGiven", liquid: water(5), lines: [line("amla", 4), { ...line("henna", 1), role: "solved" }] });
    expect(thick.liquid).toMatchObject({ state: "unreachable", why: "stillThicker", line: 0 });
  });
  test("what cannot be asked is refused at its field", () => {
    const codes = (question: PasteQuestion) => { const found = computePaste(question); return found.ok ? [] : found.problems.map(({ field, code }) => `${field} ${code}`); };
    expect(codes({ ...MASK, sizing: "forLiquid" })).toContain("liquid.amountMl pinTheLiquid");
    expect(codes({ ...MASK, lines: [line("amla", 1), { ...line("henna", 1), role: "solved" }] })).toContain("liquid.amountMl pinTheLiquid");
    expect(codes({ ...MASK, liquid: water(100), lines: [line("amla", 1), { ...line("henna", 1), role: "solved" }, { ...line("amla", 1), role: "solved" }] })).toContain("lines.2.role solvedTwice");
    expect(codes({ ...MASK, liquid: water(undefined, { with: { materialId: "water", share: 0.5 } }) })).toContain("liquid.with.materialId sameLiquidTwice");
    expect(codes({ ...MASK, liquid: water(undefined, { with: { materialId: "amla", share: 0.5 } }) })).toContain("liquid.with.materialId notALiquid");
    expect(codes({ ...MASK, lines: [line("yoghurt", 100, "g", "fixed")] })).toContain("lines noPowder");
    expect(codes({ ...MASK, lines: Array.from({ length: 60 }, () => line("amla", 1)) })).toContain("lines tooMany");
    expect(codes({ ...MASK, choices: { washOut: "never" as "once" } })).toContain("choices.washOut unknownChoice");
  });
  test("two liquids in a set ratio are as one: their mean, whatever the ratio, and none of the second is the first", () => {
    const ml = (question: PasteQuestion) => { const { liquid } = answerTo(question); return liquid.state === "solved" ? liquid.ml.mid : NaN; };
    fc.assert(fc.property(fc.double({ min: 0.02, max: 0.98, noNaN: true }), (share) => {
      const question: PasteQuestion = { ...MASK, sizing: "asGiven", liquid: water(undefined, { with: { materialId: "milk", share } }) };
      const found = ml(question);
      expect(pa({ ...question, liquid: { ...question.liquid, amountMl: found } })! / answerTo(question).targetYieldPa).toBeCloseTo(1, 6);
      const [alone, milk] = [ml({ ...question, liquid: water() }), ml({ ...question, liquid: { materialId: "milk", tempC: 40 } })];
      expect(found).toBeGreaterThanOrEqual(Math.min(alone, milk) - 1e-6);
      expect(found).toBeLessThanOrEqual(Math.max(alone, milk) + 1e-6);
    }), { numRuns: 40 });
  });
  test("an hour later it is thicker still, or the same; mixed it is thinner", () => {
    fc.assert(fc.property(anyQuestion, (question) => {
      const found = computePaste(question);
      if (!found.ok) return;
      const { mixed, on, later } = found.value;
      const stiffness = ({ mid }: typeof on) => (mid.state === "dry" ? Infinity : mid.yieldPa);
      expect(stiffness(on)).toBeGreaterThanOrEqual(stiffness(mixed) - 1e-6);
      expect(stiffness(later!)).toBeGreaterThanOrEqual(stiffness(on) - 1e-6);
    }), { numRuns: 100 });
  });
  test("the largest batch: on the jar that runs out first, shared by lines on one jar", () => {
    const answer = answerTo({ ...MASK, sizing: "asGiven" });
    const [amla, bhringraj] = answer.lines.map(({ massG }) => massG.mid);
    const asked = { ...MASK, sizing: "asGiven" as const };
    expect(largestBatch(asked, [amla * 3, bhringraj * 2])).toMatchObject({ ok: true, value: { scale: expect.closeTo(2, 9), line: 1 } });
    expect(largestBatch(asked, [undefined, undefined])).toEqual({ ok: true, value: undefined });
    expect(largestBatch(asked, [0, bhringraj])).toMatchObject({ ok: true, value: { scale: 0, line: 0 } });
    const shared = largestBatch(asked, [100, 100], ["a", "a"]);
    expect(shared.ok && shared.value!.scale).toBeCloseTo(100 / (amla + bhringraj), 9);
  });
  test("the pour plan goes by equal steps, then by teaspoons, and does not pass its stop", () => {
    fc.assert(fc.property(fc.double({ min: 10, max: 800, noNaN: true }), fc.double({ min: 1, max: 200, noNaN: true }), (low, width) => {
      const plan = pourPlan({ low, mid: low + width, high: low + 2.2 * width }, "metric");
      expect(plan.teaspoonsFromMl!).toBeCloseTo(plan.firstPourMl + plan.times! * plan.step.ml, 9);
      expect(plan.teaspoonsFromMl!).toBeLessThanOrEqual(plan.expectedStopMl + 1e-9);
      if (plan.times! > 0) expect(plan.expectedStopMl - plan.teaspoonsFromMl!).toBeGreaterThanOrEqual(plan.step.ml - 1e-6);
    }));
  });
});

describe("where the pour will stop", () => {
  test("20 000 draws agree with the first-order band, and are the same each time", () => {
    const { liquid } = answerTo(MASK);
    if (liquid.state !== "solved") throw new Error("expected a solved liquid");
    const drawn = drawPour(MASK)!;
    for (const end of ["low", "mid", "high"] as const) expect(Math.abs(drawn.band[end] / liquid.ml[end] - 1)).toBeLessThan(0.06);
    expect(drawPour(MASK)).toEqual(drawn);
  });
  test("nothing to draw where the liquid is given, out of reach, or the question is refused", () => {
    expect(drawPour({ ...MASK, liquid: { materialId: "water", tempC: 40, amountMl: 100 } })).toBeUndefined();
    expect(drawPour({ ...MASK, liquid: { materialId: "yoghurt", tempC: 8 }, target: { word: "drizzle" } })).toBeUndefined();
    expect(drawPour({ ...MASK, lines: [] })).toBeUndefined();
  });
});

test("scaling a recipe keeps fixed things in proportion, and eggs in halves", () => {
  const scaled = scaleBlend({ ...MASK, lines: [...MASK.lines, { ...line("egg", 1, "g", "fixed"), unit: "piece" }] }, 1.7);
  expect(scaled.lines.map((l) => l.amount)).toEqual([2, 1, 5.1, 1.7, 1.5]);
});
