import { line, MASK } from "../../../checks/mask";
import { scaleBlend } from ".";

test("scaling a recipe keeps fixed things in proportion, and eggs in halves", () => {
  const scaled = scaleBlend(
    { ...MASK, lines: [...MASK.lines, { ...line("egg", 1, "g", "fixed"), unit: "piece" }] },
    1.7,
  );
  expect(scaled.lines.map((l) => l.amount)).toEqual([2, 1, 5.1, 1.7, 1.5]);
});
