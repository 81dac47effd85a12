import { readFileSync } from "node:fs";
import { LEARNING_TESTS, makerOf, runMakers } from "./makers";

/**
 * Simulated makers who are not drawn from the model (see makers.ts): how often the 90 % band of the next bowl holds the
 * truth. All 500 are run by `./run test` on their own (tools/learningDoc.ts), which holds docs/learning.md to them;
 * here is what that table has to say, and the laws on a few of them.
 */
const rows = [
  ...readFileSync("docs/learning.md", "utf8").matchAll(
    /^\| (a scale|level spoons) \| (\d+) \| (\d+) % \| (\d+) % \|$/gm,
  ),
].map(([, dosing, tests, held, width]) => ({ dosing, tests: Number(tests), held: Number(held), width: Number(width) }));
const at = (dosing: string, tests: number) => rows.find((row) => row.dosing === dosing && row.tests === tests)!;

describe("learning a jar from makers whose paste does not follow the model", () => {
  test("the table has both ways of measuring at every number of tests, over 500 makers", () => {
    expect(rows.map(({ dosing, tests }) => `${dosing} ${tests}`)).toEqual(
      ["a scale", "level spoons"].flatMap((dosing) => LEARNING_TESTS.map((tests) => `${dosing} ${tests}`)),
    );
    expect(readFileSync("docs/learning.md", "utf8")).toContain("500 simulated makers");
  });
  test.each(rows.map((row) => [row.dosing, row.tests, row.held] as const))(
    "by %s after %s tests the band holds the truth at least 85 times in 100 (%s)",
    (_, __, held) => {
      expect(held).toBeGreaterThanOrEqual(85);
    },
  );
  test("before any test it is an honest 90 % band; after tests it claims less than it holds", () => {
    expect(at("a scale", 0).held).toBeLessThanOrEqual(95);
    for (const tests of LEARNING_TESTS) expect(at("a scale", tests).held).toBeLessThanOrEqual(99);
  });
  test("each test narrows it; by spoon less than by scale", () => {
    const share = (dosing: string, tests: number) => at(dosing, tests).width / at(dosing, 0).width;
    for (const dosing of ["a scale", "level spoons"])
      for (let i = 1; i < LEARNING_TESTS.length; i++)
        expect(at(dosing, LEARNING_TESTS[i]).width).toBeLessThan(at(dosing, LEARNING_TESTS[i - 1]).width);
    expect(share("a scale", 1)).toBeLessThan(0.7);
    for (const tests of LEARNING_TESTS.slice(1))
      expect(share("level spoons", tests)).toBeGreaterThan(share("a scale", tests));
  });
  test("a few of them, run here: the same makers say the same, and one test narrows", () => {
    const [none, one] = runMakers(12, "scale", [0, 1]);
    expect(one.width).toBeLessThan(none.width);
    expect(runMakers(12, "scale", [0, 1])).toEqual([none, one]);
    expect(new Set(Array.from({ length: 20 }, (_, i) => makerOf(i).phiMax)).size).toBe(20);
  });
});
