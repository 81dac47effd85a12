import fc from "fast-check";
import { DYES, HOWS, PLAIN_PLAN, WORN_C, type ColourPlan, type WornWarm } from "@/core/colour";
import { MOST_DYES, planFrom, planText } from "./planText";

const anyPlan: fc.Arbitrary<ColourPlan> = fc.record({
  parts: fc.uniqueArray(
    fc.record({ dye: fc.constantFrom(...DYES), parts: fc.integer({ min: 1, max: 900 }).map((n) => n / 10) }),
    { minLength: 1, maxLength: MOST_DYES, selector: ({ dye }) => dye },
  ),
  how: fc.constantFrom(...HOWS),
  hoursOn: fc.integer({ min: 1, max: 240 }).map((n) => n / 10),
  worn: fc.constantFrom(...(Object.keys(WORN_C) as WornWarm[])),
  strength: fc.integer({ min: 0, max: 100 }).map((n) => n / 100),
  acid: fc.boolean(),
  rounds: fc.integer({ min: 1, max: 12 }),
});

test("a plan comes back from an address as it was, parts of one and a half as well", () => {
  fc.assert(
    fc.property(anyPlan, (plan) => {
      const query = new URLSearchParams({ a: planText(plan) });
      expect(planFrom(new URLSearchParams(query.toString()).get("a")!)).toEqual(plan);
    }),
  );
});

test("what means nothing in an address is as usual", () => {
  expect(planFrom(undefined)).toEqual(PLAIN_PLAN);
  expect(planFrom("soot-3_sideways_1e9_frozen_7_maybe_-1")).toEqual(PLAIN_PLAN);
});
