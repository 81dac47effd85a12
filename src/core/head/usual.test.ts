import fc from "fast-check";
import { normals, seeded } from "../figure";
import {
  afterSession,
  coverage,
  nextBowlBand,
  NO_SESSION,
  PLAIN_HEAD,
  SESSION_SD,
  usualBand,
  usualOf,
  type Session,
} from ".";

const reached = (lnRatio: number): Session => ({ lnRatio, reached: true });

test("bands of her usual amount and her next bowl, after none, one and three (conjugate formula, by hand)", () => {
  const after = (n: number) => usualOf(Array.from({ length: n }, () => reached(0)));
  const shown = [0, 1, 3].map((n) => {
    const [usual, next] = [usualBand(after(n)), nextBowlBand(after(n))];
    return [usual.low, usual.high, next.low, next.high].map((one) => Number(one.toFixed(2)));
  });
  expect(shown).toEqual([
    [0.61, 1.64, 0.56, 1.78],
    [0.78, 1.29, 0.68, 1.48],
    [0.85, 1.18, 0.71, 1.4],
  ]);
  for (const n of [1, 3, 10]) expect(after(n).sd).toBeCloseTo(1 / Math.sqrt(1 / 0.3 ** 2 + n / SESSION_SD ** 2), 9);
});

test("the order in which bowls that reached were weighed says nothing", () => {
  fc.assert(
    fc.property(fc.array(fc.double({ min: -1, max: 1, noNaN: true }), { maxLength: 8 }), (ratios) => {
      const [there, back] = [ratios, [...ratios].reverse()].map((all) => usualOf(all.map(reached)));
      expect(there.mean).toBeCloseTo(back.mean, 9);
      expect(there.sd).toBeCloseTo(back.sd, 9);
    }),
  );
});

test("a bowl that did not reach never lowers what is thought of a head, and says less than one that did", () => {
  fc.assert(
    fc.property(fc.double({ min: -1.5, max: 1.5, noNaN: true }), (lnRatio) => {
      const bound = usualOf([{ lnRatio, reached: false }]);
      expect(bound.mean).toBeGreaterThanOrEqual(-1e-9);
      expect(bound.sd).toBeLessThanOrEqual(NO_SESSION.sd + 1e-9);
      expect(bound.sd).toBeGreaterThanOrEqual(usualOf([reached(lnRatio)]).sd - 1e-9);
    }),
  );
  // A bowl far too small says hardly anything; one that was large and still short says much.
  expect(usualOf([{ lnRatio: -1.5, reached: false }]).mean).toBeLessThan(0.01);
  expect(usualOf([{ lnRatio: 0.4, reached: false }]).mean).toBeGreaterThan(0.35);
});

describe("five hundred makers, whose hair and hands are unlike the model", () => {
  const random = seeded(18);
  const normal = normals(random);
  /** Each has an amount of her own, days of her own, and bowls that now and then do not reach. */
  const makers = Array.from({ length: 500 }, () => {
    const bias = (random() - 0.5) * 0.2;
    const own = bias + 0.3 * normal();
    const noise = 0.1 + 0.15 * random();
    const days = Array.from({ length: 11 }, () => own + noise * normal());
    return { own, days };
  });
  test.each([0, 1, 3, 10])("after %d weighed bowls both bands hold in 85–95 of a hundred", (n) => {
    let [usual, next] = [0, 0];
    for (const { own, days } of makers) {
      const known = usualOf(days.slice(0, n).map(reached));
      const within = (ln: number, { low, high }: { low: number; high: number }) =>
        Math.exp(ln) >= low && Math.exp(ln) <= high ? 1 : 0;
      usual += within(own, usualBand(known));
      next += within(days[10], nextBowlBand(known));
    }
    for (const held of [usual, next]) {
      expect(held / makers.length).toBeGreaterThanOrEqual(0.85);
      expect(held / makers.length).toBeLessThanOrEqual(0.95);
    }
  });
  test("bowls that did not reach, taken as bounds, bias by less than 0.02", () => {
    // Bowls are made for what is thought of her; what they lack is known only as a bound.
    let bias = 0;
    const many = Array.from({ length: 4000 }, () => 0.3 * normal());
    for (const own of many) {
      let known = NO_SESSION;
      for (let i = 0; i < 4; i++) {
        const needs = own + SESSION_SD * normal();
        const made = known.mean + 0.1;
        known = afterSession(
          known,
          needs > made ? { lnRatio: made, reached: false } : { lnRatio: needs, reached: true },
        );
      }
      bias += known.mean - own;
    }
    expect(Math.abs(bias / many.length)).toBeLessThan(0.02);
  });
});

test("what was learnt moves and narrows the bowl, masks and dyes apart, and hair stays hair", () => {
  const usual = { mask: { mean: Math.log(1.2), sd: 0.1, sessions: 3 } };
  const [plain, known] = [coverage(PLAIN_HEAD, "mask"), coverage({ ...PLAIN_HEAD, usual }, "mask")];
  expect(known.pasteG.mid / plain.pasteG.mid).toBeCloseTo(1.2, 9);
  expect(known.pasteG.high / known.pasteG.low).toBeLessThan(plain.pasteG.high / plain.pasteG.low);
  expect(known.pasteG.low / plain.pasteG.mid).toBeCloseTo(1.2 * Math.exp(-1.645 * 0.1), 3);
  expect(known.hairG).toEqual(plain.hairG);
  expect(coverage({ ...PLAIN_HEAD, usual }, "dyePacked")).toEqual(coverage(PLAIN_HEAD, "dyePacked"));
  expect(known.scalpG.mid + known.lengthsG.mid + known.leftInBowlG.mid).toBeCloseTo(known.pasteG.mid, 6);
});
