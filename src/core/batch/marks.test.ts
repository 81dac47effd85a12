import { PURPOSES } from "../head";
import { marksFor, marksOfPurpose } from ".";

test("every purpose asks for marks of its own, a dye for what it covered, and what was given stays", () => {
  for (const purpose of PURPOSES) expect(marksOfPurpose(purpose).length).toBeGreaterThan(2);
  expect(marksFor("dyePacked", true, {})).toEqual(expect.arrayContaining(["colour", "grey"]));
  expect(marksFor("mask", false, {})).not.toContain("grey");
  expect(marksFor("mask", true, {})).toContain("colour");
  expect(marksFor("rootsOnly", true, { slip: 3 })).toContain("slip");
});
