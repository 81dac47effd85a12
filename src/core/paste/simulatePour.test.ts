import { answerTo, MASK } from "../../../checks/mask";
import { simulatePour } from ".";

describe("where the pour will stop", () => {
  test("20 000 draws agree with the first-order band, and are the same each time", () => {
    const { liquid } = answerTo(MASK);
    if (liquid.state !== "solved") throw new Error("expected a solved liquid");
    const drawn = simulatePour(MASK)!;
    for (const end of ["low", "mid", "high"] as const)
      expect(Math.abs(drawn.band[end] / liquid.ml[end] - 1)).toBeLessThan(0.06);
    expect(simulatePour(MASK)).toEqual(drawn);
  });
  test("nothing to draw where the liquid is given, out of reach, or the question is refused", () => {
    expect(simulatePour({ ...MASK, liquid: { materialId: "water", tempC: 40, amountMl: 100 } })).toBeUndefined();
    expect(
      simulatePour({ ...MASK, liquid: { materialId: "yoghurt", tempC: 8 }, target: { word: "drizzle" } }),
    ).toBeUndefined();
    expect(simulatePour({ ...MASK, lines: [] })).toBeUndefined();
  });
});
