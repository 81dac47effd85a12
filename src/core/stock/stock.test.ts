import fc from "fast-check";
import { blend, jar, shelfWith } from "../../../checks/onAShelf";
import { PLAIN_HEAD } from "../head";
import { findMaterial } from "../material";
import { computePaste } from "../paste";
import { EMPTY_SHELF, questionOn, type Shelf } from "../shelf";
import { costOf, withdrawalsOf, gather, ledgerDiff, type Withdrawal, type LedgerRow } from ".";

describe("gathering", () => {
  const bowl = (shelf: Shelf) => {
    const question = questionOn(blend, PLAIN_HEAD, "metric", shelf);
    const result = computePaste(question);
    if (!result.ok) throw new Error("no answer");
    return { question, answer: result.value };
  };
  test("adds up over bowls, draws jars down in turn, and says what is short", () => {
    const shelf = shelfWith(
      jar("amla", { leftG: 20, price: 5 }),
      jar("amla", { id: "second", leftG: 20, price: 10 }),
      jar("brahmi"),
    );
    const one = bowl(shelf);
    const rows = gather([one, one], shelf);
    const of = (id: string) => rows.find(({ materialId }) => materialId === id)!;
    expect(of("amla").needG.mid).toBeCloseTo(2 * one.answer.lines[0].massG.mid, 9);
    expect(of("amla").shortG).toBeCloseTo(of("amla").needG.mid - 40, 9);
    expect(of("amla").from).toEqual([
      { jarId: "amla-1", massG: 20 },
      { jarId: "second", massG: 20 },
    ]);
    expect(of("amla").cost).toBeCloseTo((20 * 5) / 500 + (20 * 10) / 500, 9);
    expect(of("brahmi").shortG).toBe(0);
    expect(of("yoghurt").shortG).toBeGreaterThan(0);
    expect(rows.some(({ materialId }) => materialId === "water")).toBe(false);
    expect(costOf(rows).unpricedG).toBeGreaterThan(0);
  });
  test("of two liquids each is gathered, drawn and settled by its share", () => {
    const shelf = shelfWith(jar("rose-water"), jar("milk"));
    const question = questionOn(
      { ...blend, liquid: { materialId: "milk", tempC: 20, with: { materialId: "rose-water", share: 0.25 } } },
      PLAIN_HEAD,
      "metric",
      shelf,
    );
    expect(question.liquid).toMatchObject({ jarId: "milk-1", with: { jarId: "rose-water-1", share: 0.25 } });
    const result = computePaste(question);
    if (!result.ok || result.value.liquid.state === "unreachable") throw new Error("no answer");
    const rows = gather([{ question, answer: result.value }], shelf);
    const of = (id: string) => rows.find(({ materialId }) => materialId === id)!.needG.mid;
    const density = (id: string) => findMaterial(id)!.bulkDensityGPerMl.value;
    expect(of("rose-water") / of("milk")).toBeCloseTo(density("rose-water") / density("milk") / 3, 9);
    const draws = withdrawalsOf(question, result.value, [
      { id: "e1", payload: { kind: "poured", ml: 100 }, deviceId: "d", deviceSeq: 1, revSeen: 1, atMs: 1 },
    ]);
    expect(draws.map(({ slot, jarId }) => [slot, jarId])).toEqual([
      ["liquid", "milk-1"],
      ["second liquid", "rose-water-1"],
    ]);
    expect(draws[0].massG / draws[1].massG).toBeCloseTo(
      (75 * findMaterial("milk")!.bulkDensityGPerMl.value) / (25 * findMaterial("rose-water")!.bulkDensityGPerMl.value),
      9,
    );
  });
  test("a tea is brewed and not bought", () => {
    const shelf = shelfWith();
    const question = questionOn(
      { ...blend, liquid: { materialId: "black-tea", tempC: 40 } },
      PLAIN_HEAD,
      "metric",
      shelf,
    );
    const result = computePaste(question);
    if (!result.ok) throw new Error("no answer");
    expect(
      gather([{ question, answer: result.value }], shelf).find(({ materialId }) => materialId === "black-tea"),
    ).toMatchObject({ shortG: 0, fresh: true });
  });
});

test("a liquid is poured in millilitres and gathered in grams", () => {
  for (const materialId of ["yoghurt", "coconut-milk", "rose-water"]) {
    const question = questionOn({ ...blend, liquid: { materialId, tempC: 20 } }, PLAIN_HEAD, "metric", EMPTY_SHELF);
    const result = computePaste(question);
    if (!result.ok || result.value.liquid.state === "unreachable") continue;
    const found = gather([{ question, answer: result.value }], EMPTY_SHELF).find(
      (one) => one.materialId === materialId,
    )!;
    const line = result.value.lines
      .filter((one) => one.materialId === materialId)
      .reduce((sum, one) => sum + one.massG.mid, 0);
    expect(found.needG.mid - line).toBeCloseTo(
      result.value.liquid.ml.mid * findMaterial(materialId)!.bulkDensityGPerMl.value,
      6,
    );
  }
});

describe("the ledger of a bowl", () => {
  const anyDraw = fc.record({
    eventId: fc.constantFrom("e1", "e2", "e3", "e4"),
    slot: fc.constantFrom("line 0", "line 1", "added", "liquid"),
    materialId: fc.constant("amla"),
    massG: fc.double({ min: 0.01, max: 500, noNaN: true }),
    jarId: fc.option(fc.constantFrom("jar1", "jar2"), { nil: undefined }),
  });
  const anyDraws = fc.uniqueArray(anyDraw, { selector: ({ eventId, slot }) => `${eventId} ${slot}`, maxLength: 12 });
  const jarOf = ({ slot }: { slot: string }) => (slot === "added" ? "in use" : undefined);
  /** Draws that follow each other on one ledger. */
  const ledgerAfter = (all: readonly (readonly Withdrawal[])[]) =>
    all.reduce<readonly LedgerRow[]>((ledger, draws) => {
      const { gone, fresh } = ledgerDiff(draws, ledger, jarOf);
      return [...ledger.filter((row) => !gone.includes(row)), ...fresh];
    }, []);
  test("says what was drawn, whatever it said before: each draw on a jar once, and nothing else", () => {
    fc.assert(
      fc.property(fc.array(anyDraws, { maxLength: 4 }), anyDraws, (before, draws) => {
        const ledger = ledgerAfter([...before, draws]);
        for (const { eventId, slot, jarId, massG } of ledger) {
          const draw = draws.find((one) => one.eventId === eventId && one.slot === slot)!;
          expect(massG).toBeCloseTo(draw.massG, 5);
          if (draw.jarId !== undefined) expect(jarId).toBe(draw.jarId);
        }
        const must = draws.filter((draw) => draw.jarId !== undefined || draw.slot === "added");
        for (const { eventId, slot } of must)
          expect(ledger.filter((row) => row.eventId === eventId && row.slot === slot)).toHaveLength(1);
      }),
    );
  });
  test("the same draws again change nothing, and what is taken back leaves nothing", () => {
    fc.assert(
      fc.property(anyDraws, (draws) => {
        const ledger = ledgerAfter([draws]);
        expect(ledgerDiff(draws, ledger, jarOf)).toEqual({ gone: [], fresh: [] });
        expect(ledgerAfter([draws, []])).toEqual([]);
      }),
    );
  });
  test("what was added stays with the jar it was drawn from when another one is in use", () => {
    const draw: Withdrawal = { eventId: "e", slot: "added", materialId: "amla", massG: 5 };
    const ledger = [{ eventId: "e", slot: "added", jarId: "first", massG: 5 }];
    expect(ledgerDiff([{ ...draw, massG: 8 }], ledger, () => "second").fresh).toMatchObject([
      { jarId: "first", massG: 8 },
    ]);
  });
});
