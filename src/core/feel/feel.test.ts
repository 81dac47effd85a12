import fc from "fast-check";
import { anyQuestion } from "../../../checks/arbitrary";
import { MASK } from "../../../checks/mask";
import { chosen, feelAdvice, type OnShelf, feelOf, FEELS, feelScore, sumFor } from ".";
import { PLAIN_HEAD } from "../head";
import { BY_ITSELF, findMaterial, isTagged } from "../material";
import { mixingOrder, type MixingStep } from "../order";
import { computePaste, type BlendLine, type PasteQuestion } from "../paste";

const line = (
  materialId: string,
  amount: number,
  unit: BlendLine["unit"] = "tbsp",
  role: BlendLine["role"] = "part",
): BlendLine => ({ materialId, role, amount, unit, fill: "level" });
const bowl = (lines: readonly BlendLine[], more: Partial<PasteQuestion> = {}): PasteQuestion => ({
  ...MASK,
  spoons: "metric",
  lines,
  ...more,
});
const advise = (question: PasteQuestion, onShelf?: OnShelf[]) => {
  const found = computePaste(question);
  if (!found.ok) throw new Error(JSON.stringify(found.problems));
  const feel = feelAdvice(question, found.value, onShelf);
  return {
    feel,
    answer: found.value,
    topic: <T extends string>(topic: T) => feel.advice.find((one) => one.topic === topic),
  };
};
const order = (question: PasteQuestion, vessels = {}) => {
  const { feel, answer } = advise(question);
  return mixingOrder(question, answer, feel, vessels);
};
const ids = (steps: readonly MixingStep[]) => steps.map(({ id }) => id);

describe("feel", () => {
  test("0 to 1, more of a thing never takes its own side away, and somebody is always responsible", () => {
    fc.assert(
      fc.property(
        fc.constantFrom("fenugreek-seed", "amla", "henna", "kaolin", "egg", "rosemary-essential-oil", "aloe-gel"),
        fc.double({ min: 1, max: 100, noNaN: true }),
        fc.double({ min: 1.1, max: 5, noNaN: true }),
        (id, grams, by) => {
          const at = (g: number) =>
            feelOf([
              { material: findMaterial("water")!, massG: 200 },
              { material: findMaterial(id)!, massG: g },
            ]);
          const [less, more] = [at(grams), at(grams * by)];
          for (const feel of FEELS) {
            expect(more[feel].score).toBeGreaterThanOrEqual(less[feel].score - 1e-12);
            expect(more[feel].score).toBeLessThanOrEqual(1);
            if (more[feel].score > 0) expect(more[feel].by).toBe(1);
          }
        },
      ),
    );
    expect(feelScore(sumFor(0.35))).toBeCloseTo(0.35, 12);
  });
  test("nothing that can be asked leaves a hole", () => {
    fc.assert(
      fc.property(anyQuestion, (question) => {
        const found = computePaste(question);
        fc.pre(found.ok);
        const { scores, advice, things } = feelAdvice(question, found.value);
        for (const feel of FEELS) expect(scores[feel].score >= 0 && scores[feel].score <= 1).toBe(true);
        for (const one of advice) for (const i of one.because) expect(things[i]).toBeDefined();
      }),
      { numRuns: 100 },
    );
  });
});

describe("advice (common practice)", () => {
  test("herbs alone want detangling, and a slip source in an amount that does it", () => {
    const herbs = bowl([line("amla", 2), line("brahmi", 1)]);
    const found = advise(herbs, [{ materialId: "marshmallow-root", leftG: 500 }]).topic("detangle");
    expect(found).toMatchObject({ slipSource: { materialId: "marshmallow-root" } });
    const massG = found?.topic === "detangle" ? found.slipSource!.massG : NaN;
    const with_ = advise({
      ...herbs,
      sizing: "asGiven",
      lines: [...herbs.lines, line("marshmallow-root", massG, "g", "fixed")],
    });
    expect(with_.feel.scores.slip.score).toBeGreaterThan(advise(herbs).feel.scores.slip.score);
    const short = advise(herbs, [{ materialId: "marshmallow-root", leftG: 1 }]).topic("detangle");
    expect(short).not.toMatchObject({ slipSource: { materialId: "marshmallow-root" } });
    expect(advise(bowl([line("henna", 4)])).topic("detangle")).not.toHaveProperty("slipSource");
    expect(
      advise(bowl([line("amla", 1), line("fenugreek-seed", 2), line("flax-gel", 6, "tbsp", "fixed")])).topic(
        "detangle",
      ),
    ).toBeUndefined();
  });
  test("washing out: water after a dye, two shampoos after much oil, conditioner for grit", () => {
    expect(advise(bowl([line("henna", 4)], { purpose: "dyePacked" })).topic("washOut")).toMatchObject({
      choice: "water",
    });
    expect(advise(bowl([line("amla", 2), line("sesame-oil", 4, "tbsp", "fixed")])).topic("washOut")).toMatchObject({
      choice: "twice",
      because: [1],
    });
    expect(
      advise(bowl([line("neem-leaf", 2), line("amla", 2)], { target: { word: "mash" } })).topic("washOut"),
    ).toMatchObject({ choice: "conditioner" });
  });
  test("a stainer is told of on light hair and not on dark", () => {
    const blond = { ...PLAIN_HEAD, shade: "blond" as const };
    expect(advise(bowl([line("turmeric", 1), line("amla", 1)], { head: blond })).topic("lightHair")).toBeDefined();
    expect(advise(bowl([line("turmeric", 1), line("amla", 1)])).topic("lightHair")).toBeUndefined();
  });
  test("conditioner keeps it off the scalp; drying or protein wants it after; egg an odour remedy", () => {
    expect(advise(bowl([line("amla", 2), line("conditioner", 5, "tbsp", "fixed")])).topic("where")).toMatchObject({
      choice: "lengths",
    });
    expect(advise(bowl([line("reetha", 3)])).topic("conditionAfter")).toMatchObject({ choice: true });
    expect(advise(bowl([line("amla", 2), line("egg", 1, "piece", "fixed")])).topic("odour")).toBeDefined();
  });
  test("a maker's own choice stands beside the advice, and holds", () => {
    const question = bowl([line("henna", 4)], { purpose: "dyePacked", choices: { washOut: "once", strain: false } });
    const { feel } = advise(question);
    expect(feel.advice.find(({ topic }) => topic === "washOut")).toMatchObject({ choice: "water" });
    expect(chosen("washOut", feel, question.choices)).toBe("once");
    expect(chosen("strain", feel, question.choices)).toBe(false);
    expect(chosen("where", feel, question.choices)).toBe("both");
  });
});

describe("how a thing is by itself", () => {
  test("figures that a bowl kept before there were such tags: the tables say it", () => {
    const question = bowl([line("fenugreek-seed", 2), line("xanthan-gum", 1, "tsp"), line("amla", 2)]);
    const own = question.lines.map(({ materialId }) => findMaterial(materialId)!);
    const older = own.map((material) => ({
      ...material,
      tags: material.tags.filter((tag) => !BY_ITSELF.includes(tag)),
    }));
    const now = advise({ ...question, own });
    const then = advise({ ...question, own: older });
    expect(then.feel).toEqual(now.feel);
    expect(then.topic("odour")).toMatchObject({ because: [0] });
    expect(order({ ...question, own: older })).toContainEqual({ id: "lumps", things: [1] });
  });
  test("what a kitchen gets for slip: no gel of a third of the bowl, so the root, not a seed that smells", () => {
    const found = advise(bowl([line("amla", 2), line("brahmi", 1)])).topic("detangle");
    expect(found).toMatchObject({ slipSource: { materialId: "marshmallow-root" } });
    expect(isTagged(findMaterial("water")!, "tap")).toBe(true);
    expect(isTagged(findMaterial("water")!, "gum")).toBe(false);
  });
});

describe("the order of mixing (common practice)", () => {
  const full = bowl([
    line("amla", 2),
    line("kaolin", 1),
    line("banana", 1, "piece", "fixed"),
    line("honey", 1, "tbsp", "fixed"),
    line("sesame-oil", 1, "tbsp", "fixed"),
    line("lavender-essential-oil", 5, "drop", "fixed"),
  ]);
  test("beforehand, dry, wet, the pour, the sieve before the oil, scent last", () => {
    expect(ids(order(full)).filter((id) => id !== "strain" && id !== "scent")).toEqual([
      "mash",
      "warm",
      "lumps",
      "dry",
      "wet",
      "pour",
      "oilLast",
    ]);
    const strained = ids(order({ ...full, choices: { strain: true } }));
    expect(strained.indexOf("strain")).toBeLessThan(strained.indexOf("oilLast"));
    expect(ids(order({ ...full, choices: { strain: false } }))).not.toContain("strain");
  });
  test("oil by the other school goes into the powders, before anything wet", () => {
    const other = ids(order({ ...full, choices: { oil: "first" } }));
    expect(other).not.toContain("oilLast");
    expect(other.indexOf("oilFirst")).toBeLessThan(other.indexOf("wet"));
  });
  test("a small quantity is too little for a big blender, and a thick paste does not leave a nozzle", () => {
    const mash = (blenderMl: number) => order(full, { blenderMl }).find(({ id }) => id === "mash");
    expect(mash(2000)).toMatchObject({ blender: "tooLittle" });
    expect(mash(300)).toMatchObject({ blender: "fits" });
    expect(mash(100)).toMatchObject({ blender: "tooMuch" });
    expect(order(full, { bottleMl: 250 }).at(-1)).toMatchObject({ id: "bottle", flows: false });
    expect(
      order({ ...full, purpose: "soakedMask", target: { word: "drizzle" } }, { bottleMl: 250 }).at(-1),
    ).toMatchObject({
      id: "bottle",
      flows: true,
    });
  });
});
