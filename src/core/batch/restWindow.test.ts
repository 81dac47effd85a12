import { answerTo, line, MASK } from "../../../checks/mask";
import { restWindow, staysOf } from ".";

test("the window of a dye runs ready, peak, use-by; a herb paste has only ready", () => {
  const herb = restWindow(answerTo(MASK).rest, 0);
  expect(herb).toEqual({ kind: "soak", mixedMs: 0, readyMs: 30 * 60_000 });
  const dye = restWindow(answerTo({ ...MASK, purpose: "dyePacked", lines: [line("henna", 100)] }).rest, 0);
  expect(dye.readyMs).toBeLessThan(dye.bestMs!);
  expect(dye.bestMs!).toBeLessThan(dye.peakMs!);
  expect(dye.peakMs!).toBeLessThan(dye.useByMs!);
});

describe("a bowl that is put somewhere else", () => {
  const HOUR = 3_600_000;
  const henna = answerTo({
    ...MASK,
    purpose: "dyePacked",
    lines: [{ materialId: "henna", role: "part", amount: 100, unit: "g", fill: "level" }],
  }).rest;
  const herbs = answerTo({ ...MASK, restMin: 240 }).rest;
  const at = (hours: number, place: "kitchen" | "fridge" | "freezer") => ({ place, atMs: hours * HOUR });
  test("into the fridge it is later in everything; out again at once it is as if nothing had been", () => {
    const [left, cold] = [restWindow(henna, 0, 22), restWindow(henna, 0, 22, { moves: [at(0.2, "fridge")] })];
    expect(cold.readyMs).toBeGreaterThan(left.readyMs + HOUR / 2);
    expect(cold.peakMs!).toBeGreaterThan(left.peakMs! + HOUR);
    const touched = restWindow(henna, 0, 22, { moves: [at(1, "fridge"), at(1.01, "kitchen")] });
    expect(Math.abs(touched.peakMs! - left.peakMs!)).toBeLessThan(0.3 * HOUR);
    expect(Math.abs(touched.readyMs - left.readyMs)).toBeLessThan(0.3 * HOUR);
  });
  test("frozen it keeps for weeks, and herbs stop soaking", () => {
    expect(restWindow(henna, 0, 22, { moves: [at(2, "freezer")] }).useByMs).toBeUndefined();
    expect(restWindow(herbs, 0, 22, { moves: [at(0.1, "fridge")] }).readyMs).toBeGreaterThan(
      restWindow(herbs, 0, 22).readyMs,
    );
    expect(restWindow(herbs, 0, 22, { moves: [at(0.1, "freezer"), at(24, "kitchen")] }).readyMs).toBeGreaterThan(
      24 * HOUR,
    );
  });
});

describe("a kitchen that cools at night, and places by their warmth", () => {
  const HOUR = 3_600_000;
  const henna = answerTo({
    ...MASK,
    purpose: "dyePacked",
    lines: [
      { materialId: "henna", role: "part", amount: 100, unit: "g", fill: "level" },
      { materialId: "lemon-juice", role: "fixed", amount: 30, unit: "g", fill: "level" },
    ],
  }).rest;
  const nights = { tempC: 14, spans: [[2 * HOUR, 11 * HOUR] as const] };
  test("a colder night is later in everything, one as warm as the day changes nothing", () => {
    const [plain, cold] = [restWindow(henna, 0, 22), restWindow(henna, 0, 22, { nights })];
    expect(cold.bestMs!).toBeGreaterThan(plain.bestMs! + HOUR);
    expect(cold.useByMs!).toBeGreaterThan(plain.useByMs!);
    const same = restWindow(henna, 0, 22, { nights: { ...nights, tempC: 22 } });
    expect(Math.abs(same.bestMs! - plain.bestMs!)).toBeLessThan(1000);
  });
  test("the night is not felt in the fridge, and is again when it is back", () => {
    const moves = [
      { place: "fridge" as const, atMs: HOUR },
      { place: "kitchen" as const, atMs: 6 * HOUR },
    ];
    expect(staysOf(0, 22, { moves, nights })).toEqual([
      { fromH: 0, tempC: 22 },
      { fromH: 1, tempC: 4 },
      { fromH: 6, tempC: 14 },
      { fromH: 11, tempC: 22 },
    ]);
  });
  test("elsewhere is as warm as was said; at the kitchen’s warmth it is as the kitchen", () => {
    const at = (tempC: number) => restWindow(henna, 0, 22, { moves: [{ place: "elsewhere", atMs: HOUR, tempC }] });
    expect(at(32).bestMs!).toBeLessThan(at(22).bestMs!);
    expect(Math.abs(at(22).bestMs! - restWindow(henna, 0, 22).bestMs!)).toBeLessThan(60_000);
  });
  test("a dab moves the window", () => {
    const early = restWindow(henna, 0, 22, { dabs: [{ mark: "deep", atMs: 2 * HOUR }] });
    expect(early.bestMs!).toBeLessThan(restWindow(henna, 0, 22).bestMs!);
  });
});
