import fc from "fast-check";
import type { Going } from "@/core/batch";
import { goingWords } from "@/words/going";
import { mixColour } from "../bowl/mixColour";
import { placeOf } from "./Strip";

const HOUR = 3_600_000;
const NOW = Date.UTC(2026, 10, 22, 19, 30);

test("moments stand in order on the strip, and never leave it", () => {
  fc.assert(
    fc.property(fc.integer({ min: -200, max: 200 }), fc.integer({ min: 0, max: 100 }), (hours, later) => {
      const [a, b] = [placeOf(NOW + hours * HOUR, NOW), placeOf(NOW + (hours + later) * HOUR, NOW)];
      expect(a).toBeGreaterThanOrEqual(0);
      expect(b).toBeLessThanOrEqual(1);
      expect(b).toBeGreaterThanOrEqual(a);
    }),
  );
  expect(placeOf(NOW, NOW, 6, 24)).toBeCloseTo(0.2, 9);
});

describe("what the ribbon says", () => {
  const going = (change: Partial<Going>): Going => ({
    batchId: "b",
    blendName: "Rust",
    headName: "Ada",
    stage: "resting",
    startsMs: NOW,
    colour: [0.5, 0.1, 40],
    ...change,
  });
  const dye = {
    kind: "dye" as const,
    mixedMs: NOW - HOUR,
    readyMs: NOW + HOUR,
    bestMs: NOW + 4 * HOUR,
    useByMs: NOW + 8 * HOUR,
  };
  const when = (change: Partial<Going>, now = NOW) => goingWords(going(change), "Europe/Berlin", now).when;
  test.each<[string, string, string]>([
    ["a dye before it is ready", when({ window: dye }), "ready 21:30, best tomorrow 00:30, use by tomorrow 04:30"],
    [
      "a dye that is ready",
      when({ window: dye }, NOW + 2 * HOUR),
      "ready now, best tomorrow 00:30, use by tomorrow 04:30",
    ],
    ["a dye gone by", when({ window: dye }, NOW + 9 * HOUR), "past its best since 04:30"],
    [
      "a herb paste soaking",
      when({ window: { kind: "soak", mixedMs: NOW, readyMs: NOW + HOUR / 2 } }),
      "soaking; ready 21:00",
    ],
    [
      "a herb paste soaked",
      when({ window: { kind: "soak", mixedMs: NOW, readyMs: NOW + HOUR / 2 } }, NOW + HOUR),
      "soaked since 21:00",
    ],
    ["on a head", when({ stage: "onHead", onHeadMs: NOW, rinseMs: NOW + HOUR }), "on the head; off from 21:30"],
    [
      "on a head for long enough",
      when({ stage: "onHead", onHeadMs: NOW - HOUR, rinseMs: NOW - HOUR / 2 }),
      "on the head; may come off since 20:00",
    ],
    ["planned", when({ stage: "planned", startsMs: NOW + 24 * HOUR }), "begins tomorrow 20:30"],
  ])("%s", (_, is, expected) => {
    expect(is).toBe(expected);
  });
});

test("stirred together, colours stay between what was stirred", () => {
  const layer = (l: number, c: number, h: number, volumeMl = 10) => ({
    kind: "line" as const,
    line: 0,
    volumeMl,
    colour: [l, c, h] as const,
  });
  const [lightness, chroma, hue] = mixColour([layer(0.4, 0.1, 30), layer(0.8, 0.1, 90)]);
  expect(lightness).toBeCloseTo(0.6, 6);
  expect(chroma).toBeLessThan(0.1);
  expect(hue).toBeCloseTo(60, 6);
  expect(mixColour([])).toEqual([0.8, 0.02, 100]);
});
