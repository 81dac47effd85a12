// Adds up what every suite wrote to $RESULTS; the last line is the sum. A suite that wrote nothing has failed.
import { readFileSync } from "node:fs";
import { join } from "node:path";

const read = (name) => {
  try {
    return JSON.parse(readFileSync(join(process.env.RESULTS, name), "utf8"));
  } catch {
    return undefined;
  }
};
const played = (r) => ({ passed: r.stats.expected, failed: r.stats.unexpected + r.stats.flaky + r.errors.length });
const suites = [
  ["lint", read("lint.json")],
  ["types", read("types.json")],
  ["openapi", read("openapi.json")],
  ["learning", read("learning.json")],
  [
    "unit, checks and database",
    read("jest.json"),
    (r) => ({ passed: r.numPassedTests, failed: r.numFailedTests + r.numRuntimeErrorTestSuites }),
  ],
  ["interface", read("playwright-shared.json"), played],
  ["interface, second house", read("playwright-beside.json"), played],
  ["houses of their own", read("playwright-own.json"), played],
].map(([name, result, count = (r) => r]) => [
  name,
  result ? { passed: 0, failed: 0, ...count(result) } : { passed: 0, failed: 1 },
]);

for (const [name, { passed, failed }] of suites) console.log(`${name}: ${passed} passed, ${failed} failed`);
const sum = (key) => suites.reduce((total, [, counts]) => total + counts[key], 0);
console.log(`${sum("passed")} passed, ${sum("failed")} failed`);
process.exit(sum("failed") === 0 && sum("passed") > 0 ? 0 : 1);
