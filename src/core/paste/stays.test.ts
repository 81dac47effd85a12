import fc from "fast-check";
import { seeded, normals, type Band } from "../figure";
import { PHI_MAX, yieldPaOf } from "../flow";
import { BETWEEN_STRANDS, coatOnLengthsMm, LEFT_IN_BOWL, SECTION_MM } from "../head";
import { asWorn, hangingLoose, heldCoatMm, LOOKS_RIGHT_SD, STAYS_FROM, staysAt, type OnTheHead } from ".";

const band = (mid: number, spread: number): Band => ({ low: mid / spread, mid, high: mid * spread });
const bowl = (change: Partial<OnTheHead> = {}): OnTheHead => ({
  totalG: 260,
  need: { scalpG: band(32, 1.5), hairG: band(110, 1.4) },
  pasteGPerMl: 1.1,
  thickness: { madeForPa: 12.5 },
  ...change,
});

test("the chance and the coat are those of many plain draws of everything, thickness too", () => {
  const Z95 = 1.6448536269514722;
  const drawn = ({ low, mid, high }: Band, z: number) => mid * (z < 0 ? mid / low : high / mid) ** (z / Z95);
  const figure = ({ low, value, high }: { low: number; value: number; high: number }) => ({ low, mid: value, high });
  for (const one of [
    bowl(),
    bowl({ thickness: { madeForPa: 5 } }),
    bowl({ totalG: 520 }),
    bowl({ totalG: 90, thickness: { madeForPa: 3 } }),
    bowl({ thickness: { closeness: { low: 0.6, mid: 0.75, high: 0.9 } } }),
    bowl({ totalG: 600, thickness: { closeness: { low: 0.7, mid: 0.85, high: 1.05 } } }),
  ]) {
    const normal = normals(seeded(77));
    const coats: number[] = [];
    let holds = 0;
    const COUNT = 30_000;
    for (let n = 0; n < COUNT; n++) {
      const perHair =
        (one.totalG / (1 + LEFT_IN_BOWL.value) - drawn(one.need.scalpG, normal())) / drawn(one.need.hairG, normal());
      const coat = coatOnLengthsMm(
        perHair,
        one.pasteGPerMl,
        drawn(figure(SECTION_MM), normal()),
        drawn(figure(BETWEEN_STRANDS), normal()),
      );
      const z = normal();
      const { thickness } = one;
      const pa =
        "madeForPa" in thickness
          ? thickness.madeForPa * Math.exp(LOOKS_RIGHT_SD * z)
          : yieldPaOf(
              PHI_MAX.value *
                (thickness.closeness.mid +
                  (z / Z95) *
                    (z < 0
                      ? thickness.closeness.mid - thickness.closeness.low
                      : thickness.closeness.high - thickness.closeness.mid)),
            );
      coats.push(coat);
      // A jammed bowl has no number and holds.
      if (coat === 0 || pa === undefined || heldCoatMm(pa, one.pasteGPerMl) >= coat) holds++;
    }
    coats.sort((a, b) => a - b);
    const { chance, coatMm } = hangingLoose(one);
    expect(Math.abs(chance - holds / COUNT)).toBeLessThan(0.03);
    expect(Math.abs(coatMm.low - coats[COUNT * 0.05])).toBeLessThan(0.15);
    expect(Math.abs(coatMm.high - coats[COUNT * 0.95])).toBeLessThan(0.2 * coatMm.high + 0.05);
  }
});

test("stiffer stays better, more paste worse, whatever the head; what the strands hold does not hang", () => {
  fc.assert(
    fc.property(
      fc.double({ min: 20, max: 2000, noNaN: true }),
      fc.double({ min: 5, max: 400, noNaN: true }),
      fc.double({ min: 2, max: 300, noNaN: true }),
      fc.double({ min: 1, max: 3, noNaN: true }),
      (totalG, hairG, pa, more) => {
        const need = { scalpG: band(32, 1.5), hairG: band(hairG, 1.5) };
        const chance = (grams: number, yieldPa: number) =>
          hangingLoose(bowl({ totalG: grams, need, thickness: { madeForPa: yieldPa } })).chance;
        expect(chance(totalG, pa * more)).toBeGreaterThanOrEqual(chance(totalG, pa) - 1e-9);
        expect(chance(totalG * more, pa)).toBeLessThanOrEqual(chance(totalG, pa) + 1e-9);
        const found = hangingLoose(bowl({ totalG, need, thickness: { madeForPa: pa } }));
        expect(found.chance).toBeGreaterThanOrEqual(0);
        expect(found.chance).toBeLessThanOrEqual(1);
        expect(found.coatMm.low).toBeLessThanOrEqual(found.coatMm.mid);
        expect(found.coatMm.mid).toBeLessThanOrEqual(found.coatMm.high);
      },
    ),
  );
  expect(hangingLoose(bowl({ totalG: 30 }))).toMatchObject({ coatMm: { mid: 0 }, chance: 1 });
  expect(asWorn(hangingLoose(bowl({ totalG: 2000 })), "wrapped")).toMatchObject({ coatMm: { high: 0 }, chance: 1 });
});

test("a chance has one word, from each of the four marks on", () => {
  for (const [word, from] of Object.entries(STAYS_FROM)) expect(staysAt(from)).toBe(word);
  expect(staysAt(0.8999)).toBe("shouldStay");
  expect(staysAt(0.3299)).toBe("willRun");
});
