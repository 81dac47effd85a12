import fc from "fast-check";
import { anyHead } from "../../../checks/arbitrary";
import { CUTS, LANDMARKS, LANDMARK_CM, PLAIN_HEAD, STRAND_COUNTS, STRAND_SIZES } from "./hair";
import { coverage } from "./coverage";
import { PURPOSES } from "./purpose";
import { sectionCount } from "./sections";

const grams = (change: Partial<typeof PLAIN_HEAD>, purpose: (typeof PURPOSES)[number] = "mask") =>
  coverage({ ...PLAIN_HEAD, ...change }, purpose).pasteG.mid;
const rising = (values: number[]) => values.every((value, i) => i === 0 || value > values[i - 1]);

describe("coverage", () => {
  test("longer or thicker hair never takes less", () => {
    fc.assert(
      fc.property(
        anyHead,
        fc.constantFrom(...PURPOSES),
        fc.double({ min: 1, max: 100, noNaN: true }),
        fc.double({ min: 0, max: 100, noNaN: true }),
        (head, purpose, cm, more) => {
          const take = (longestCm: number) => coverage({ ...head, longest: { cm: longestCm } }, purpose).pasteG;
          expect(take(cm + more).mid).toBeGreaterThanOrEqual(take(cm).mid);
          expect(take(cm + more).high).toBeGreaterThanOrEqual(take(cm).high - 1e-9);
        },
      ),
    );
    expect(rising(STRAND_COUNTS.map((strands) => grams({ amount: { strands } })))).toBe(true);
    expect(rising(STRAND_SIZES.map((strand) => grams({ strand })))).toBe(true);
    expect(rising(LANDMARKS.map((landmark) => LANDMARK_CM[landmark].value))).toBe(true);
    expect(rising([6, 8, 10, 14].map((ponytailCm) => grams({ amount: { ponytailCm } })))).toBe(true);
  });
  test("scalp, lengths and what stays in the bowl are the whole", () => {
    fc.assert(
      fc.property(anyHead, fc.constantFrom(...PURPOSES), (head, purpose) => {
        const { pasteG, scalpG, lengthsG, leftInBowlG } = coverage(head, purpose);
        expect((scalpG.mid + lengthsG.mid + leftInBowlG.mid) / pasteG.mid).toBeCloseTo(1, 9);
        expect(pasteG.low).toBeGreaterThan(0);
        expect(pasteG.low).toBeLessThan(pasteG.mid);
        expect(pasteG.high).toBeGreaterThan(pasteG.mid);
      }),
    );
  });
  test("a heavier purpose takes more; layers take less than one length", () => {
    expect(
      rising((["lightCoat", "mask", "soakedMask", "dyePacked"] as const).map((purpose) => grams({}, purpose))),
    ).toBe(true);
    expect(grams({ cut: "layered" })).toBeLessThan(grams({ cut: "oneLength" }));
    expect(CUTS.length).toBe(4);
  });
  test("roots take new growth only, never more than the hair that is there", () => {
    const roots = (months: number, share = 1) => coverage(PLAIN_HEAD, "rootsOnly", { months, share }).pasteG.mid;
    expect(rising([1, 2, 4].map((months) => roots(months)))).toBe(true);
    expect(roots(2, 0.5) / roots(2, 1)).toBeCloseTo(0.5, 6);
    const short = { ...PLAIN_HEAD, longest: { cm: 3 } };
    expect(coverage(short, "rootsOnly", { months: 24, share: 1 }).pasteG.mid).toBeCloseTo(
      coverage(short, "dyePacked").pasteG.mid,
      6,
    );
  });
  test("known only by words, a head spans about 0.6 to 1.6 of its middle", () => {
    const { low, mid, high } = coverage(PLAIN_HEAD, "mask").pasteG;
    expect(low / mid).toBeGreaterThan(0.5);
    expect(low / mid).toBeLessThan(0.65);
    expect(high / mid).toBeGreaterThan(1.5);
    expect(high / mid).toBeLessThan(1.7);
  });
});

test("four sections, more when there is much hair", () => {
  expect([20, 70, 115, 300].map(sectionCount)).toEqual([2, 4, 6, 8]);
});
