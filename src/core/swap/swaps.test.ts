import { blend, jar, shelfWith } from "../../../checks/onAShelf";
import { CATALOGUE } from "../catalogue";
import { PLAIN_HEAD } from "../head";
import { findMaterial } from "../material";
import { computePaste } from "../paste";
import { EMPTY_SHELF, questionOn } from "../shelf";
import { swapsFor } from ".";

describe("swaps", () => {
  const shelf = shelfWith(
    jar("amla"),
    jar("brahmi"),
    jar("gotu-kola"),
    jar("kaolin"),
    jar("henna"),
    jar("moringa-leaf", { leftG: 0 }),
  );
  const question = questionOn(blend, PLAIN_HEAD, "metric", shelf);
  test("are ranked by what they do, from stock only, each a bowl computed anew, and leaving out comes last", () => {
    const swaps = swapsFor(question, 1, shelf);
    expect(swaps[0].materialId).toBe("gotu-kola");
    expect(swaps.at(-1)!.materialId).toBeUndefined();
    expect(swaps.some(({ materialId }) => materialId === "moringa-leaf")).toBe(false);
    for (const { question: asked, after } of swaps) {
      const again = computePaste(asked);
      expect(again.ok && again.value.totalG.mid).toBeCloseTo(after.totalG, 9);
    }
  });
  test("leaving it out keeps the head's weight, the others making it up", () => {
    const { before, after } = swapsFor(question, 1, shelf).at(-1)!;
    expect(after.totalG / before.totalG).toBeCloseTo(1, 1);
  });
  test("a dye never stands in for what is none; for a dye it may", () => {
    const full = shelfWith(...CATALOGUE.filter(({ form }) => form === "powder").map(({ id }) => jar(id)));
    for (const [i, of] of ["hibiscus-flower", "amla", "rose-petal", "henna"].entries()) {
      const asked = questionOn(
        {
          ...blend,
          lines: [
            { ...blend.lines[0], materialId: "bhringraj" },
            { ...blend.lines[1], materialId: of },
          ],
        },
        { ...PLAIN_HEAD, greyShare: 0.33 },
        "metric",
        full,
      );
      const dyes = swapsFor(asked, 1, full).filter(
        ({ materialId }) => materialId && findMaterial(materialId)!.tags.includes("dye"),
      );
      expect([of, dyes.length > 0]).toEqual([of, i === 3]);
    }
  });
  test("a swap says what it does to the rest and to the cautions", () => {
    const full = shelfWith(jar("henna"), jar("cassia"), jar("amla"), jar("hibiscus-flower"));
    const dyed = questionOn(
      {
        ...blend,
        purpose: "dyePacked",
        lines: [
          { ...blend.lines[0], materialId: "amla" },
          { ...blend.lines[1], materialId: "henna" },
        ],
      },
      PLAIN_HEAD,
      "metric",
      full,
    );
    const without = swapsFor(dyed, 1, full).at(-1)!;
    expect(without.after.restMin).toBeLessThan(without.before.restMin - 60);
    expect(without.before.cautions.some(({ id }) => id === "soldAsHenna")).toBe(true);
    expect(without.after.cautions.some(({ id }) => id === "soldAsHenna")).toBe(false);
  });
  test("before and after count what was learnt of a jar: the same bowl from the same shelf is the same", () => {
    const learnt = shelfWith(
      jar("amla"),
      jar("brahmi", { weighings: [{ id: "w", count: 2, unit: "tbsp" as const, massG: 24 }] }),
      jar("gotu-kola"),
    );
    const plain = questionOn(blend, PLAIN_HEAD, "metric", EMPTY_SHELF);
    const asked = questionOn(blend, PLAIN_HEAD, "metric", learnt);
    const [a, b] = [plain, asked].map((question) => swapsFor(question, 1, learnt)[0].before);
    expect(a).toEqual(b);
  });
  test("the only powder cannot be left out", () => {
    const only = questionOn({ ...blend, lines: [blend.lines[0], blend.lines[2]] }, PLAIN_HEAD, "metric", shelf);
    expect(swapsFor(only, 0, shelf).every(({ materialId }) => materialId !== undefined)).toBe(true);
    expect(swapsFor(only, 9, shelf)).toEqual([]);
  });
});
