import fc from "fast-check";
import { anyQuestion } from "../../../checks/arbitrary";
import { line, answerTo, MASK } from "../../../checks/mask";
import { MIX_OUTPUTS, mixRun, holdingMlPerG } from "../balance";
import { findMaterial } from "../material";
import { mixBands } from "./bands";
import { settle } from "./settle";
import { computePaste, type PasteQuestion } from ".";

/** Every number in an answer, with its path. */
function numbersIn(value: unknown, path = ""): [string, number][] {
  if (typeof value === "number") return [[path, value]];
  if (value && typeof value === "object")
    return Object.entries(value).flatMap(([key, v]) => numbersIn(v, `${path}.${key}`));
  return [];
}

describe("the whole answer", () => {
  test("any question is answered or refused; no NaN, no negative amount, bands in order, layers add up", () => {
    fc.assert(
      fc.property(anyQuestion, (question) => {
        const result = computePaste(question);
        expect(result.ok).toBe(true);
        fc.pre(result.ok);
        const answer = result.value;
        for (const [path, value] of numbersIn(answer))
          if (!Number.isFinite(value)) throw new Error(`${path} is ${value}`);
        for (const { massG } of answer.lines) expect(massG.mid).toBeGreaterThanOrEqual(0);
        const { liquid } = answer;
        if (liquid.state === "solved") {
          expect(liquid.ml.low).toBeGreaterThanOrEqual(0);
          expect(liquid.ml.low).toBeLessThanOrEqual(liquid.ml.mid);
          expect(liquid.ml.mid).toBeLessThanOrEqual(liquid.ml.high);
          expect(liquid.plan.firstPourMl).toBeLessThanOrEqual(liquid.plan.expectedStopMl);
          if (answer.on.mid.state !== "dry") expect(answer.on.mid.yieldPa / answer.targetYieldPa).toBeCloseTo(1, 6);
          if (question.sizing === "likely") expect(answer.totalG.mid / answer.head.pasteG.mid).toBeCloseTo(1, 6);
        }
        expect(answer.layers.reduce((sum, layer) => sum + layer.volumeMl, 0) / answer.totalMl).toBeCloseTo(1, 9);
      }),
      { numRuns: 600 },
    );
  });

  test("widening any one figure of a bowl never narrows its liquid, its total or its closeness to the jam", () => {
    fc.assert(
      fc.property(anyQuestion, fc.nat(60), fc.double({ min: 1, max: 1.6, noNaN: true }), (question, which, by) => {
        const { spec } = settle(question);
        const i = which % spec.inputs.length;
        const { value, low, high } = spec.inputs[i];
        const wider = {
          ...spec,
          inputs: spec.inputs.map((input, j) =>
            j === i
              ? { value, low: Math.max(value * 0.05, value - (value - low) * by), high: value + (high - value) * by }
              : input,
          ),
        };
        fc.pre(wider.inputs[i].low <= low);
        // An end without an answer (a liquid that thickens) is left out of a band, and widening may walk into one.
        const values = Float64Array.from(spec.inputs, (input) => input.value);
        const answers = (at: number) => {
          const out = new Float64Array(MIX_OUTPUTS);
          values[i] = at;
          mixRun(spec)(values, out);
          return out.every(Number.isFinite);
        };
        fc.pre([wider.inputs[i].low, wider.inputs[i].high].every(answers));
        const [narrow, wide] = [mixBands(spec), mixBands(wider)];
        for (const key of ["totalG", "closenessOn", "closenessMixed"] as const) {
          expect(wide[key].low).toBeLessThanOrEqual(narrow[key].low + 1e-9);
          expect(wide[key].high).toBeGreaterThanOrEqual(narrow[key].high - 1e-9);
        }
      }),
      { numRuns: 300 },
    );
  });

  test("a longer rest soaks further, so the liquid for a target never falls", () => {
    fc.assert(
      fc.property(anyQuestion, fc.nat(600), fc.nat(600), (question, rest, more) => {
        const ml = (restMin: number) => {
          const { liquid } = answerTo({
            ...question,
            sizing: "asGiven",
            liquid: { materialId: "water", tempC: 30 },
            restMin,
          });
          return liquid.state === "solved" ? liquid.ml.mid : undefined;
        };
        const [short, long] = [ml(rest), ml(rest + more)];
        if (short !== undefined && long !== undefined) expect(long).toBeGreaterThanOrEqual(short - 1e-9);
      }),
      { numRuns: 150 },
    );
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

  test("a dye paste rests until it is at its best, sooner without acid", () => {
    const dye = (...more: PasteQuestion["lines"]) =>
      answerTo({ ...MASK, purpose: "dyePacked", lines: [line("henna", 100), ...more] }).rest;
    expect(dye().dye?.school).toBe("plain");
    expect(dye(line("lemon-juice", 120, "g", "fixed")).dye?.school).toBe("acid");
    expect(dye(line("lemon-juice", 120, "g", "fixed")).restMin).toBeGreaterThan(dye().restMin);
    expect(answerTo(MASK).rest.dye).toBeUndefined();
  });

  test("boiling liquid has to cool, and is sooner for all that", () => {
    const dye = (tempC: number) =>
      answerTo({
        ...MASK,
        purpose: "dyePacked",
        lines: [line("henna", 100)],
        liquid: { materialId: "water", tempC },
      }).rest.dye!;
    expect(dye(40).coolFirstH.mid).toBe(0);
    expect(dye(100).coolFirstH.mid).toBeGreaterThan(0.3);
    expect(dye(100).own!.bestH.mid).toBeLessThan(dye(40).own!.bestH.mid);
  });
});

describe("what cannot be reached, and what is pinned", () => {
  test("an unreachable bowl names no absurd amount: no bucket of liquid, no more powder than it holds", () => {
    let seen = 0;
    fc.assert(
      fc.property(anyQuestion, (question) => {
        const result = computePaste(question);
        if (!result.ok || result.value.liquid.state !== "unreachable") return;
        seen++;
        const { verdict, totalG, head, liquid, lines } = result.value;
        expect(JSON.parse(JSON.stringify(verdict))).not.toHaveProperty("moreMl");
        expect(JSON.parse(JSON.stringify(verdict))).not.toHaveProperty("mend");
        const thingsG = lines.reduce((sum, { massG }) => sum + massG.mid, 0);
        // Where only oil or raw starch stands in the way, the bowl is shown with the liquid of its target; the thinnest
        // stands at a fifth of solids and what they hold.
        const heldG =
          liquid.why === "oilDoesNotWet" || liquid.why === "onlyRawStarch"
            ? lines.reduce(
                (sum, { materialId, massG }) => sum + 5 * (1 + holdingMlPerG(findMaterial(materialId)!)) * massG.mid,
                0,
              )
            : 0;
        expect(totalG.mid).toBeLessThanOrEqual(
          Math.max(head.pasteG.high, thingsG + (question.liquid.amountMl ?? 0) * 1.4 + heldG) * 1.01,
        );
        if (liquid.powderToAddG !== undefined) expect(liquid.powderToAddG).toBeLessThanOrEqual(2000);
      }),
      {
        numRuns: 600,
        examples: [
          // Raw starch alone, with as much liquid as a drizzle asks: more than its few grams, and no bucket.
          [
            {
              ...MASK,
              purpose: "lightCoat",
              sizing: "asGiven",
              kitchenTempC: 0,
              target: { word: "drizzle" },
              liquid: { materialId: "water", tempC: 0, amountMl: undefined },
              lines: [line("tapioca-starch", 8.95), line("polysorbate", 6.32, "g", "fixed")],
              head: { ...MASK.head, longest: { landmark: "ear" }, amount: { ponytailCm: 2 }, strand: "fine" },
            },
          ],
        ],
      },
    );
    expect(seen).toBeGreaterThan(3);
  });
  test("a pinned powder is a powder: exactly 100 g of henna makes a bowl, of 100 g of henna", () => {
    fc.assert(
      fc.property(anyQuestion, (question) => {
        const pinned: PasteQuestion = { ...question, lines: question.lines.map((one) => ({ ...one, role: "fixed" })) };
        const result = computePaste(pinned);
        expect(result.ok).toBe(true);
        if (!result.ok) return;
        for (const [path, value] of numbersIn(result.value))
          if (!Number.isFinite(value)) throw new Error(`${path} is ${value}`);
        // Nothing is there to be scaled: it is as it was written.
        const given = computePaste({ ...pinned, sizing: "asGiven" });
        expect(given.ok && given.value.totalG.mid).toBeCloseTo(result.value.totalG.mid, 6);
      }),
      { numRuns: 200 },
    );
    const henna = answerTo({ ...MASK, lines: [line("henna", 100, "g", "fixed")] });
    expect(henna.lines[0].massG.mid).toBeCloseTo(100, 6);
    expect(henna.liquid.state).toBe("solved");
  });
  test("lemon does not spoil; what does is not left to rest for hours without a word", () => {
    const cautions = (id: string, restMin: number) =>
      answerTo({ ...MASK, restMin, lines: [line("henna", 100, "g"), line(id, 2, "tbsp", "fixed")] }).cautions.map(
        (one) => one.id,
      );
    expect(cautions("lemon-juice", 900)).not.toContain("perishable");
    expect(cautions("lemon-juice", 900)).not.toContain("perishableRest");
    expect(cautions("yoghurt", 900)).toContain("perishableRest");
    expect(cautions("yoghurt", 900)).not.toContain("perishable");
    expect(cautions("yoghurt", 30)).toContain("perishable");
  });
});
