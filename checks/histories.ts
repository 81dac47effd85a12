import fc from "fast-check";
import type { BowlHistory } from "@/core/rest";

/** Bowls that are moved about, for the laws of soaking, warmth and dye; used by tests only. */
export const anyTemp = fc.double({ min: 0, max: 45, noNaN: true });
const anyStays = fc
  .array(
    fc.record({ forH: fc.double({ min: 0.1, max: 30, noNaN: true }), tempC: fc.constantFrom(-18, 4, 16, 21, 30) }),
    {
      maxLength: 4,
    },
  )
  .map((pieces) => {
    let fromH = 0;
    return [{ fromH: 0, tempC: 21 }, ...pieces.map(({ forH, tempC }) => ({ fromH: (fromH += forH), tempC }))];
  });
export const anyHistory: fc.Arbitrary<BowlHistory> = fc.record({
  startC: fc.double({ min: 4, max: 90, noNaN: true }),
  coolingH: fc.double({ min: 0.4, max: 2, noNaN: true }),
  stays: anyStays,
});
