import { readFileSync } from "node:fs";
import { allMakers, learningDocument, LEARNING_TESTS } from "./makers";

/** Simulated makers who are not drawn from the model (see makers.ts); the share of next bowls that the 90 % band holds. */
describe("learning a jar from makers whose paste does not follow the model", () => {
  const rows = allMakers();
  const at = (dosing: string, tests: number) => rows.find((row) => row.dosing === dosing && row.tests === tests)!;
  test.each(rows.map((row) => [row.dosing, row.tests, row.held] as const))("by %s after %s tests the band holds the truth at least 85 times in 100", (_, __, held) => { expect(held).toBeGreaterThanOrEqual(0.85); });
  test("by the scale it stays an honest 90 % band, and does not swell beyond 95", () => { for (const tests of LEARNING_TESTS) expect(at("scale", tests).held).toBeLessThanOrEqual(0.955); });
  test("each test narrows it; by spoon less than by scale", () => {
    for (const dosing of ["scale", "spoon"]) for (let i = 1; i < LEARNING_TESTS.length; i++) expect(at(dosing, LEARNING_TESTS[i]).width).toBeLessThan(at(dosing, LEARNING_TESTS[i - 1]).width);
    expect(at("scale", 1).width / at("scale", 0).width).toBeLessThan(0.7);
    for (const tests of LEARNING_TESTS.slice(1)) expect(at("spoon", tests).width / at("spoon", 0).width).toBeGreaterThan(at("scale", tests).width / at("scale", 0).width);
  });
  test("the document says what these makers said", () => { expect(readFileSync("docs/learning.md", "utf8")).toBe(learningDocument(rows)); });
});
