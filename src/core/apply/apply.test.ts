import fc from "fast-check";
import { normals, seeded } from "../figure";
import { forecast, SECTION_COUNTS, sectionsOf, type BowlWeight } from ".";

test("shares add up to one, the crown has the most and the front the least, left is like right", () => {
  for (const count of SECTION_COUNTS) {
    const sections = sectionsOf(count);
    expect(sections).toHaveLength(count);
    expect(sections.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 12);
    for (const { back, side, share } of sections)
      expect(sections.find((one) => one.back === back && one.side === -side)!.share).toBeCloseTo(share, 12);
    // Worked from the nape on.
    expect([...sections].sort((a, b) => b.back - a.back).map(({ id }) => id)).toEqual(sections.map(({ id }) => id));
  }
  const eight = sectionsOf(8);
  const byShare = [...eight].sort((a, b) => b.share - a.share);
  expect(byShare[0].back).toBeGreaterThan(0.5);
  expect(byShare.at(-1)!.back).toBeLessThan(0.25);
});

test("weights in any order of arrival give the same forecast; nothing weighed is what was thought before", () => {
  const sections = sectionsOf(4);
  const ids = sections.map(({ id }) => id);
  const weights: BowlWeight[] = [
    { sectionsDone: ids.slice(0, 1), usedG: 100 },
    { sectionsDone: ids.slice(0, 2), usedG: 190 },
    { sectionsDone: ids.slice(0, 3), usedG: 310 },
  ];
  fc.assert(
    fc.property(fc.shuffledSubarray(weights, { minLength: 3 }), (shuffled) => {
      expect(forecast(400, 400, 0.3, sections, shuffled)).toEqual(forecast(400, 400, 0.3, sections, weights));
    }),
  );
  const none = forecast(400, 400, 0.3, sections, []);
  expect(none.warns).toBe(false);
  expect(none.needG.mid).toBeCloseTo(400, 6);
  expect(none.toDo).toBe(1);
});

test("a head that takes as planned is not warned; one that takes half as much again is, by the second weighing", () => {
  const sections = sectionsOf(4);
  const weighed = (factor: number, n: number): BowlWeight[] =>
    Array.from({ length: n }, (_, i) => {
      const done = sections.slice(0, i + 1);
      const used = 400 * factor * done.reduce((sum, { share }) => sum + share, 0);
      return { sectionsDone: done.map(({ id }) => id), usedG: Math.min(400, used) };
    });
  for (const n of [1, 2, 3]) expect(forecast(400, 400, 0.3, sections, weighed(1, n)).warns).toBe(n === 3 && false);
  expect(forecast(400, 400, 0.3, sections, weighed(1.5, 2)).warns).toBe(true);
  // A bowl a fifth too small for thick hair is noticed by the third at the latest.
  expect(forecast(400, 400, 0.3, sections, weighed(1.25, 3)).warns).toBe(true);
});

/** Bowls as hands make and use them: the model's amount with the head's own, sections and shares that differ. */
function simulated(sectionSd: number, shareSd: number, runs: number) {
  const normal = normals(seeded(41 + Math.round(100 * sectionSd)));
  const sections = sectionsOf(4);
  let [short, caught, enough, alarmed] = [0, 0, 0, 0];
  for (let run = 0; run < runs; run++) {
    const own = Math.exp(0.3 * normal());
    const uses = sections.map(
      ({ share }) => 400 * own * share * Math.exp(shareSd * normal() + sectionSd * normal() - sectionSd ** 2 / 2),
    );
    const need = uses.reduce((sum, one) => sum + one, 0);
    let warned = false;
    let left = 400;
    const weights: BowlWeight[] = [];
    for (let i = 0; i < 3; i++) {
      left = Math.max(0, left - uses[i]);
      weights.push({ sectionsDone: sections.slice(0, i + 1).map(({ id }) => id), usedG: 400 - left });
      warned ||= forecast(400, 400, 0.3, sections, weights).warns;
    }
    if (need > 440) {
      short++;
      if (warned) caught++;
    } else if (need <= 400) {
      enough++;
      if (warned) alarmed++;
    }
  }
  return { caught: caught / short, alarmed: alarmed / enough };
}
test.each([
  [0.1, 0.05],
  [0.2, 0.1],
  [0.25, 0.1],
])(
  "with sections that differ by %d and shares by %d: 95 of 100 shortfalls are seen in time, few are warned in vain",
  (sectionSd, shareSd) => {
    const { caught, alarmed } = simulated(sectionSd, shareSd, 4000);
    expect(caught).toBeGreaterThanOrEqual(0.95);
    expect(alarmed).toBeLessThan(0.1);
  },
);
