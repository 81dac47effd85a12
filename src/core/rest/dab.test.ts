import fc from "fast-check";
import { findMaterial, type KnownOfDye } from "../material";
import {
  DAB_MARKS,
  learnFromDabs,
  lotOf,
  releaseAlong,
  releaseBands,
  restPlan,
  SCHOOL_ACID,
  strengthAt,
  tooSoon,
  UNKNOWN_DYE,
  WEAK,
  yardstickOf,
  type Dab,
  type DyeClock,
  type School,
} from ".";

const KITCHEN = [{ fromH: 0, tempC: 21 }];
const clockOf = (school: School): DyeClock => ({ acidPerG: SCHOOL_ACID[school], startC: 21, coolingH: 1 });
const sure = (value: number) => ({ value, low: value, high: value });
const wide = ({ low, high }: KnownOfDye["pace"]) => high / low;

describe("a dab on the palm", () => {
  test("a deeper mark at the same hour never says slower or weaker; no dab says nothing", () => {
    fc.assert(
      fc.property(
        fc.constantFrom("acid" as const, "plain" as const),
        fc.double({ min: 0.3, max: 16, noNaN: true }),
        (school, atH) => {
          const said = DAB_MARKS.map((mark) => learnFromDabs(clockOf(school), KITCHEN, [{ atH, mark }]));
          for (let i = 1; i < said.length; i++)
            expect(said[i].strength.value).toBeGreaterThanOrEqual(said[i - 1].strength.value - 1e-3);
        },
      ),
      { numRuns: 40 },
    );
    expect(learnFromDabs(clockOf("acid"), KITCHEN, [])).toBe(UNKNOWN_DYE);
  });
  test("dabs narrow what is known, and the bands of the hours with it", () => {
    const clock = clockOf("acid");
    const dabs: Dab[] = [
      { atH: 2, mark: "pale" },
      { atH: 5, mark: "clear" },
      { atH: 9, mark: "deep" },
    ];
    const known = learnFromDabs(clock, KITCHEN, dabs);
    expect(wide(known.pace)).toBeLessThan(wide(UNKNOWN_DYE.pace));
    expect(wide(known.strength)).toBeLessThan(wide(UNKNOWN_DYE.strength));
    const [before, after] = [releaseBands(clock, KITCHEN), releaseBands({ ...clock, known }, KITCHEN)];
    expect(after.bestH.high / after.bestH.low).toBeLessThan(before.bestH.high / before.bestH.low);
  });
  test("clear after two hours with acid: the bowl is ahead; pale after eight: it is behind or weak", () => {
    const clock = clockOf("acid");
    const best = (dabs: Dab[]) => releaseAlong({ ...clock, known: learnFromDabs(clock, KITCHEN, dabs) }, KITCHEN).bestH;
    expect(best([{ atH: 2, mark: "clear" }])).toBeLessThan(releaseAlong(clock, KITCHEN).bestH);
    expect(best([{ atH: 8, mark: "pale" }])).toBeGreaterThan(releaseAlong(clock, KITCHEN).bestH);
  });
  test("a deep mark within minutes is more than any leaf gives; at its hour it is none of that", () => {
    const clock = clockOf("acid");
    expect(tooSoon(clock, KITCHEN, { atH: 0.2, mark: "deep" })).toBe(true);
    expect(tooSoon(clock, KITCHEN, { atH: 6, mark: "deep" })).toBe(false);
    expect(tooSoon(clock, KITCHEN, { atH: 0, mark: "none" })).toBe(false);
  });
  test("pale whenever one looks is weak powder", () => {
    const dabs: Dab[] = [3, 6, 9, 12].map((atH) => ({ atH, mark: "pale" }));
    expect(learnFromDabs(clockOf("plain"), KITCHEN, dabs).strength.value).toBeLessThan(WEAK);
  });
  test("in simulation what is learnt of many bowls finds the powder’s own pace and strength", () => {
    const clock = clockOf("plain");
    const truth = { pace: sure(1.35), strength: sure(0.6) };
    const levels = strengthAt({ ...clock, known: truth }, KITCHEN, [1, 3, 6]);
    const mark = (level: number) => (level < 0.15 ? "none" : level < 0.45 ? "pale" : level < 0.75 ? "clear" : "deep");
    const dabs = levels.map((level, i): Dab => ({ atH: [1, 3, 6][i], mark: mark(level) }));
    const one = learnFromDabs(clock, KITCHEN, dabs);
    const lot = lotOf(Array.from({ length: 6 }, () => one));
    expect(Math.abs(Math.log(lot.strength.value / 0.6))).toBeLessThan(0.25);
    expect(wide(lot.strength)).toBeLessThan(wide(one.strength));
    expect(lotOf([]).strength.value).toBe(1);
    expect(lotOf([UNKNOWN_DYE]).pace.value).toBeCloseTo(1, 9);
  });
});

describe("lots in one bowl", () => {
  test("two alike are as one; a weak half gives half as much less", () => {
    const clock = clockOf("acid");
    const half = { share: 0.5, pace: 1, strength: 1 };
    const hours = [1, 5, 12, 30];
    const alone = strengthAt(clock, KITCHEN, hours);
    strengthAt({ ...clock, lots: [half, half] }, KITCHEN, hours).forEach((level, i) =>
      expect(level).toBeCloseTo(alone[i], 9),
    );
    strengthAt({ ...clock, lots: [half, { ...half, strength: 0.5 }] }, KITCHEN, hours).forEach((level, i) =>
      expect(level).toBeCloseTo(0.75 * alone[i], 9),
    );
    const [one, two] = [releaseAlong(clock, KITCHEN), releaseAlong({ ...clock, lots: [half, half] }, KITCHEN)];
    expect(two.readyH).toBeCloseTo(one.readyH, 5);
    expect(two.useByH!).toBeCloseTo(one.useByH!, 4);
  });
  test("a fast and a slow jar are free as the two by themselves", () => {
    const clock = clockOf("plain");
    const lots = [
      { share: 0.3, pace: 1.6, strength: 1 },
      { share: 0.7, pace: 0.7, strength: 0.8 },
    ];
    const apart = lots.map((lot) => strengthAt({ ...clock, lots: [{ ...lot, share: 1 }] }, KITCHEN, [2, 4, 9]));
    strengthAt({ ...clock, lots }, KITCHEN, [2, 4, 9]).forEach((level, i) =>
      expect(level).toBeCloseTo(0.3 * apart[0][i] + 0.7 * apart[1][i], 9),
    );
  });
  test("what is known of a jar reaches the plan of its next bowl, and narrows it", () => {
    const henna = findMaterial("henna")!;
    const known: KnownOfDye = {
      pace: { value: 1.4, low: 1.25, high: 1.55 },
      strength: { value: 0.8, low: 0.7, high: 0.9 },
    };
    const water = { parts: [{ material: findMaterial("water")!, massG: 300 }], tempC: 21 };
    const plan = (own: object) => restPlan([{ material: { ...henna, ...own }, massG: 100 }], water, 21, true).dye!.own!;
    const [before, after] = [plan({}), plan({ knownDye: known })];
    expect(after.bestH.mid / before.bestH.mid).toBeCloseTo(1 / 1.4, 1);
    expect(after.bestH.high / after.bestH.low).toBeLessThan(before.bestH.high / before.bestH.low);
  });
});

describe("indigo, by the minute", () => {
  const indigo = (acid = 0, tempC = 40) =>
    restPlan(
      [
        { material: findMaterial("indigo")!, massG: 100 },
        ...(acid ? [{ material: findMaterial("lemon-juice")!, massG: acid }] : []),
      ],
      { parts: [{ material: findMaterial("water")!, massG: 300 }], tempC },
      21,
      true,
    );
  test("wetted warm it goes on after 10–20 minutes and is good for about half an hour (common practice)", () => {
    const { quick, restMin } = indigo();
    expect(restMin).toBeGreaterThanOrEqual(10);
    expect(restMin).toBeLessThanOrEqual(20);
    expect(60 * quick!.useByH.mid).toBeGreaterThan(25);
    expect(60 * quick!.useByH.mid).toBeLessThan(50);
    expect(indigo(0, 20).restMin).toBeGreaterThan(restMin);
  });
  test("lemon takes its colour, the more the more", () => {
    const peak = (acid: number) => {
      const { clock, peakH } = indigo(acid).quick!;
      return strengthAt(clock, KITCHEN, [peakH.mid])[0];
    };
    expect(peak(5)).toBeLessThan(peak(0));
    expect(peak(40)).toBeLessThan(0.4 * peak(0));
    expect(yardstickOf({ acidPerG: 0, quick: true })).toBeCloseTo(Math.exp(-1), 3);
  });
});
