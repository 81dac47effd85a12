import { line, MASK, refusedIn } from "../../../checks/mask";
import { PLAIN_HEAD } from "../head";
import type { PasteQuestion } from ".";

describe("bad input", () => {
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
  ])("%s", (_, change, expected) => {
    expect(refusedIn({ ...MASK, ...change })).toContain(expected);
  });
  const water = (amountMl?: number, more: Partial<PasteQuestion["liquid"]> = {}): PasteQuestion["liquid"] => ({
    materialId: "water",
    tempC: 40,
    ...(amountMl === undefined ? {} : { amountMl }),
    ...more,
  });
  test("what cannot be asked is refused at its field", () => {
    expect(refusedIn({ ...MASK, sizing: "forLiquid" })).toContain("liquid.amountMl pinTheLiquid");
    expect(refusedIn({ ...MASK, lines: [line("amla", 1), { ...line("henna", 1), role: "solved" }] })).toContain(
      "liquid.amountMl pinTheLiquid",
    );
    expect(
      refusedIn({
        ...MASK,
        liquid: water(100),
        lines: [line("amla", 1), { ...line("henna", 1), role: "solved" }, { ...line("amla", 1), role: "solved" }],
      }),
    ).toContain("lines.2.role solvedTwice");
    expect(refusedIn({ ...MASK, liquid: water(undefined, { with: { materialId: "water", share: 0.5 } }) })).toContain(
      "liquid.with.materialId sameLiquidTwice",
    );
    expect(refusedIn({ ...MASK, liquid: water(undefined, { with: { materialId: "amla", share: 0.5 } }) })).toContain(
      "liquid.with.materialId notALiquid",
    );
    expect(refusedIn({ ...MASK, choices: { washOut: "never" as "once" } })).toContain("choices.washOut unknownChoice");
  });
});
