import { findMaterial } from "../material";
import { cautionsFor } from "../caution";
import {
  asGrown,
  checkHead,
  coverage,
  grownCm,
  judgeOn,
  PLAIN_HEAD,
  regrowthMonths,
  shedTrend,
  type Head,
  type PurposeId,
  type ShedCount,
  type Traits,
  type Where,
} from ".";

const head = (more: Partial<Head>): Head => ({ ...PLAIN_HEAD, ...more });
const problems = (more: object) =>
  checkHead(head(more as Partial<Head>), "hair").map((one) => `${one.field} ${one.code}`);

test("what is said of a head is one of what can be said; anything else is refused at its field", () => {
  expect(problems({ traits: { curl: "coily", thinning: ["crown", "temples"] } })).toEqual([]);
  expect(problems({ traits: { curl: "square" } })).toEqual(["hair.traits.curl unknownChoice"]);
  expect(problems({ traits: { thinning: "crown" } })).toEqual(["hair.traits.thinning unknownChoice"]);
  expect(problems({ traits: { mood: "good" } })).toEqual(["hair.traits.mood unknownField"]);
  expect(problems({ shrinks: 2 })).toEqual(["hair.shrinks tooLarge"]);
  expect(problems({ measuredOn: "2026-02-30" })).toEqual(["hair.measuredOn notADay"]);
  expect(problems({ washDay: 9 })).toEqual(["hair.washDay tooLarge"]);
  expect(problems({ shed: [{ on: "x", hairs: -1 }] })).toEqual([
    "hair.shed.0.on notADay",
    "hair.shed.0.hairs tooSmall",
  ]);
});

test("braids take less than twists, and twists less than loose hair; coils hang longer than they look", () => {
  const takes = (more: Partial<Head>) => coverage(head(more), "mask").pasteG.mid;
  const worn = (usuallyWorn: "loose" | "twists" | "braids") => takes({ traits: { usuallyWorn } });
  expect(worn("braids")).toBeLessThan(worn("twists"));
  expect(worn("twists")).toBeLessThan(worn("loose"));
  expect(worn("loose")).toBe(takes({}));
  expect(takes({ shrinks: 0.5 })).toBeGreaterThan(takes({}));
  // A tape has it stretched.
  expect(takes({ longest: { cm: 40 }, shrinks: 0.5 })).toBe(takes({ longest: { cm: 40 } }));
});

test("hair grows from the day it was measured: about 1.1 cm a month (Loussouarn 2001), or its own figure", () => {
  const measured = head({ longest: { cm: 40 }, measuredOn: "2026-01-01" });
  expect(grownCm(measured, "2027-01-01")).toBeCloseTo(13.2, 1);
  expect(asGrown(measured, "2026-07-02").longest).toEqual({ cm: expect.closeTo(46.6, 0) });
  expect(grownCm({ ...measured, growthCmPerMonth: 0.5 }, "2027-01-01")).toBeCloseTo(6, 1);
  expect(grownCm(measured, "2025-01-01")).toBe(0);
  expect(asGrown(head({ measuredOn: "2026-01-01" }), "2027-01-01").longest).toEqual(PLAIN_HEAD.longest);
  expect(asGrown(head({ longest: { cm: 40 } }), "2027-01-01").longest).toEqual({ cm: 40 });
});

test("regrowth follows from the last dye that is known of", () => {
  const treated = [
    { what: "henna" as const, month: "2026-03" },
    { what: "henna" as const, month: "2026-08" },
    { what: "bleach" as const, month: "2026-10" },
  ];
  expect(regrowthMonths(head({ treated }), "2026-11-15")).toBeCloseTo(3, 0);
  expect(regrowthMonths(head({}), "2026-11-15")).toBeUndefined();
  expect(regrowthMonths(head({ treated: [{ what: "henna" }] }), "2026-11-15")).toBeUndefined();
});

test("a trial is judged three months on; counts show a change once there are six, and not in noise", () => {
  expect(judgeOn({ what: "no oil", from: "2026-12-02" })).toBe("2027-03-03");
  expect(judgeOn({ what: "x", from: "never" })).toBeUndefined();
  const counts = (hairs: number[]): ShedCount[] => hairs.map((n, i) => ({ on: `2026-01-${10 + i}`, hairs: n }));
  expect(shedTrend(counts([100, 110, 90]))).toBeUndefined();
  expect(shedTrend(counts([100, 110, 90, 95, 105, 100]))).toBe("alike");
  expect(shedTrend(counts([150, 160, 140, 90, 80, 70]))).toBe("less");
  expect(shedTrend(counts([70, 80, 90, 140, 160, 150]))).toBe("more");
});

test("what is said of a head is said of its bowls", () => {
  const cautions = (traits: Head["traits"], ...ids: string[]) =>
    cautionsFor({
      head: head({ traits }),
      purpose: "mask",
      kitchenTempC: 21,
      liquidTempC: 30,
      materials: ids.map((id) => findMaterial(id)!),
    }).map(({ id }) => id);
  expect(cautions({ dislikes: ["protein"] }, "egg")).toContain("dislikesProtein");
  expect(cautions({ dislikes: ["protein"] }, "amla")).not.toContain("dislikesProtein");
  expect(cautions(undefined, "egg")).not.toContain("dislikesProtein");
  expect(cautions({ dislikes: ["oil"] }, "olive-oil")).toContain("dislikesOil");
  expect(cautions({ thinning: ["crown"] }, "henna")).toContain("thinningDose");
  expect(cautions({ porosity: "low" }, "amla")).toContain("lowPorosity");
  expect(cautions({ porosity: "high" }, "amla")).toContain("highPorosity");
  expect(cautions({ scalp: ["flakes"] }, "amla")).toContain("flakyScalp");
});

test("a spray takes less than hands, poured paste more; lengths only spare the scalp; the two stand apart", () => {
  const takes = (applied: object) => coverage(PLAIN_HEAD, "mask", undefined, applied);
  expect(takes({ tool: "spray" }).pasteG.mid).toBeLessThan(takes({}).pasteG.mid);
  expect(takes({ tool: "poured" }).pasteG.mid).toBeGreaterThan(takes({}).pasteG.mid);
  expect(takes({ tool: "hands" })).toEqual(takes({}));
  expect(takes({ where: "lengths" }).scalpG.mid).toBe(0);
  expect(takes({ where: "lengths" }).lengthsG).toEqual(takes({}).lengthsG);
});

test("only the grey, only the thin places, a little more at the hairline: by where they are said to be", () => {
  const takes = (where: Where, traits: Traits = {}, purpose: PurposeId = "mask") =>
    coverage(head({ traits }), purpose, { months: 2, share: 0.5 }, { where });
  const all = takes("both").pasteG.mid;
  const grey = takes("grey", { greyWhere: ["temples", "hairline"] });
  expect(grey.pasteG.mid).toBeCloseTo(0.22 * all, 6);
  expect(takes("grey", { greyWhere: ["temples"] }).pasteG.mid).toBeLessThan(grey.pasteG.mid);
  expect(takes("grey", { greyWhere: ["scattered", "temples"] }).pasteG.mid).toBeCloseTo(all, 6);
  // Nobody said where: less than all of it, and nobody knows how much.
  const unsaid = takes("grey").pasteG;
  expect(unsaid.mid).toBeLessThan(all);
  expect(unsaid.high / unsaid.low).toBeGreaterThan(grey.pasteG.high / grey.pasteG.low);
  const thin = takes("thinPlaces", { thinning: ["crown"] });
  expect(thin.scalpG.mid).toBeCloseTo(0.18 * takes("both").scalpG.mid, 6);
  expect(thin.lengthsG.mid).toBeLessThan(0.05 * takes("both").lengthsG.mid);
  const hairline = takes("hairline").pasteG.mid;
  expect(hairline).toBeGreaterThan(all);
  expect(hairline).toBeLessThan(1.06 * all);
  // New growth: as much of it as there is, and no more than what is grey of it.
  const roots = takes("both", {}, "rootsOnly").pasteG.mid;
  expect(takes("grey", { greyWhere: ["temples"] }, "rootsOnly").pasteG.mid).toBeCloseTo((0.1 / 0.5) * roots, 6);
  expect(takes("grey", { greyWhere: ["scattered"] }, "rootsOnly").pasteG.mid).toBeCloseTo(roots, 6);
});

test("a stiffer paste never takes less, at the usual stiffness nothing changes, and nobody knows by how much", () => {
  const takes = (stiffer?: number) => coverage(PLAIN_HEAD, "mask", undefined, stiffer === undefined ? {} : { stiffer });
  expect(takes(0)).toEqual(takes());
  const all = [-3, -2, -1, 0, 1, 2, 3].map((stiffer) => takes(stiffer).pasteG);
  all.forEach(({ mid }, i) => expect(mid).toBeGreaterThanOrEqual(all[Math.max(0, i - 1)].mid));
  expect(all[4].mid / all[3].mid).toBeCloseTo(1.1, 2);
  expect(all[4].high / all[4].low).toBeGreaterThan(all[3].high / all[3].low);
  // Beyond two words nobody has weighed any.
  expect(all[6].mid).toBe(all[5].mid);
  expect(takes(2).coatMm.mid).toBe(takes(0).coatMm.mid);
});
