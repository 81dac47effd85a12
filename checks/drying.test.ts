import fc from "fast-check";
import psychrolib from "psychrolib";
import { AIRS, evaporationGPerM2S, HUMIDITY, wetSurfaceC } from "@/core/air";
import { dryingOf } from "@/core/apply";
import { PURPOSES } from "@/core/head";

/** What of the drying watch stands outside of our own figures; rates of wet cloth in a room are memory only. */

psychrolib.SetUnitSystem(psychrolib.SI);
const SEA_PA = 101_325;

test.each([
  [18, 0.4],
  [22, 0.3],
  [22, 0.5],
  [22, 0.7],
  [26, 0.6],
  [32, 0.4],
  [35, 0.8],
])("what nothing warms is at the wet bulb: %d °C and %d, within a degree of psychrolib", (roomC, humidity) => {
  const theirs = psychrolib.GetTWetBulbFromRelHum(roomC, humidity, SEA_PA);
  expect(Math.abs(wetSurfaceC(roomC, humidity) - theirs)).toBeLessThan(1);
});

test("what goes from a warm wet film falls with the air's humidity as psychrolib's water in the air does", () => {
  const waterGPerM3 = (tempC: number, humidity: number) => {
    const ratio = psychrolib.GetHumRatioFromRelHum(tempC, humidity, SEA_PA);
    return (1000 * ratio * psychrolib.GetMoistAirDensity(tempC, ratio, SEA_PA)) / (1 + ratio);
  };
  const film = 28;
  const at = (humidity: number) => evaporationGPerM2S(film, 22, humidity);
  const theirs = (humidity: number) => waterGPerM3(film, 1) - waterGPerM3(22, humidity);
  for (const humidity of [0.2, 0.35, 0.5, 0.65, 0.8])
    expect(at(humidity) / at(0.5)).toBeCloseTo(theirs(humidity) / theirs(0.5), 1);
});

const COAT = { low: 0.6, mid: 1, high: 1.5 };
// Common practice: a thin coat is almost dry after a quarter to half an hour, a mask after one to one and a half.
test.each([
  ["lightCoat", 15, 35],
  ["mask", 40, 85],
] as const)("%s is almost dry on a scalp in %d to %d minutes in a lived-in room", (purpose, least, most) => {
  const { scalpMin } = dryingOf(purpose, "hands", 0.75, COAT, 22, "usual");
  expect(scalpMin.mid).toBeGreaterThan(least);
  expect(scalpMin.mid).toBeLessThan(most);
  expect(scalpMin.low).toBeLessThan(least + 10);
  expect(scalpMin.high).toBeGreaterThan(most - 10);
});

test("lengths, which nothing warms, stay wet for hours", () => {
  const { lengthsMin } = dryingOf("mask", "hands", 0.75, COAT, 22, "usual");
  expect(lengthsMin!.mid).toBeGreaterThan(4 * 60);
});

test("damper air is never faster, a thicker film never sooner, warmer never slower; bands lie in order", () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...PURPOSES),
      fc.constantFrom("hands" as const, "brush" as const, "spray" as const),
      fc.double({ min: 0.3, max: 0.95, noNaN: true }),
      fc.double({ min: 0, max: 45, noNaN: true }),
      fc.double({ min: 0, max: 6, noNaN: true }),
      (purpose, tool, water, roomC, mm) => {
        const coat = { low: mm * 0.7, mid: mm, high: mm * 1.4 };
        const all = AIRS.map((air) => dryingOf(purpose, tool, water, coat, roomC, air));
        for (const { scalpMin, lengthsMin } of all)
          for (const band of [scalpMin, ...(lengthsMin ? [lengthsMin] : [])]) {
            expect(band.low).toBeLessThanOrEqual(band.mid);
            expect(band.mid).toBeLessThanOrEqual(band.high);
          }
        expect(all[0].scalpMin.mid).toBeLessThanOrEqual(all[1].scalpMin.mid + 1e-6);
        expect(all[1].scalpMin.mid).toBeLessThanOrEqual(all[2].scalpMin.mid + 1e-6);
        const less = dryingOf(purpose, tool, water * 0.8, coat, roomC, "usual");
        expect(less.scalpMin.mid).toBeLessThanOrEqual(all[1].scalpMin.mid + 1e-6);
        const h = HUMIDITY.usual.value;
        expect(wetSurfaceC(roomC + 1, h)).toBeGreaterThan(wetSurfaceC(roomC, h));
        expect(wetSurfaceC(roomC, h, 5, 20)).toBeGreaterThan(wetSurfaceC(roomC, h, 5, 0));
      },
    ),
    { numRuns: 60 },
  );
});
