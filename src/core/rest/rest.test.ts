import fc from "fast-check";
import { findMaterial } from "../material";
import { CATALOGUE } from "../catalogue";
import { coolingH, mixTempC, restPlan, soakedShare, soakMin } from ".";

const anyMaterial = fc.constantFrom(...CATALOGUE);
const anyTemp = fc.double({ min: 0, max: 45, noNaN: true });
const bowl = (...things: [string, number][]) => things.map(([id, massG]) => ({ material: findMaterial(id)!, massG }));

describe("soaking", () => {
  test("starts at its first share, only rises, never passes the whole, and goes faster warm", () => {
    fc.assert(
      fc.property(
        anyMaterial,
        anyTemp,
        fc.double({ min: 0, max: 600, noNaN: true }),
        fc.double({ min: 0, max: 600, noNaN: true }),
        (material, tempC, minutes, more) => {
          const now = soakedShare(material, minutes, tempC);
          expect(now).toBeGreaterThanOrEqual((material.soak?.firstShare.value ?? 1) - 1e-12);
          expect(soakedShare(material, minutes + more, tempC)).toBeGreaterThanOrEqual(now);
          expect(soakedShare(material, minutes + more, tempC)).toBeLessThanOrEqual(1);
          expect(soakedShare(material, minutes, Math.min(45, tempC + 10))).toBeGreaterThanOrEqual(now);
        },
      ),
    );
  });
  test("a leaf powder stands at 0.9 + 0.1 (1 - 1/e) after its ten minutes (worked by hand)", () => {
    expect(soakedShare(findMaterial("amla")!, 10, 22)).toBeCloseTo(0.9632, 4);
    expect(soakedShare(findMaterial("fenugreek-seed")!, 25, 22)).toBeCloseTo(0.8896, 4);
  });
  test("soaked means 95 %, for whatever soaks at all", () => {
    for (const material of CATALOGUE) {
      const minutes = soakMin(material, 22);
      if (minutes > 0) expect(soakedShare(material, minutes, 22)).toBeCloseTo(0.95, 6);
      else expect(soakedShare(material, 0, 22)).toBeGreaterThanOrEqual(0.95);
    }
    expect(soakMin(findMaterial("fenugreek-seed")!, 22)).toBeGreaterThan(soakMin(findMaterial("amla")!, 22));
  });
});

describe("cooling", () => {
  test("takes no time where it is cool already, and has no end in a warmer room", () => {
    expect(coolingH(40, 45, 20)).toEqual({ low: 0, mid: 0, high: 0 });
    expect(coolingH(90, 45, 45)).toBeUndefined();
  });
  test("Newton's law put back: after that time it has that temperature", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 46, max: 100, noNaN: true }),
        fc.double({ min: 0, max: 44, noNaN: true }),
        (fromC, roomC) => {
          const hours = coolingH(fromC, 45, roomC)!;
          expect(roomC + (fromC - roomC) * Math.exp(-hours.mid / 0.8)).toBeCloseTo(45, 6);
          expect(hours.low).toBeLessThanOrEqual(hours.mid);
          expect(hours.high).toBeGreaterThanOrEqual(hours.mid);
        },
      ),
    );
  });
  test("a mix lies between its liquid and the room", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 2000, noNaN: true }),
        fc.double({ min: 0, max: 100, noNaN: true }),
        fc.double({ min: 0, max: 900, noNaN: true }),
        anyTemp,
        (liquidG, liquidC, solidsG, roomC) => {
          const mixC = mixTempC(liquidG, liquidC, solidsG, roomC);
          expect(mixC).toBeGreaterThanOrEqual(Math.min(liquidC, roomC) - 1e-9);
          expect(mixC).toBeLessThanOrEqual(Math.max(liquidC, roomC) + 1e-9);
        },
      ),
    );
    expect(mixTempC(0, 100, 0, 20)).toBe(20);
  });
});

describe("the plan", () => {
  const warm = { massG: 300, tempC: 40 };
  test("a herb paste stands at least half an hour (common practice), longer for gums and in the cold", () => {
    expect(restPlan(bowl(["amla", 60]), warm, 22)).toMatchObject({ restMin: 30 });
    expect(restPlan(bowl(["amla", 60], ["fenugreek-seed", 10]), warm, 22).restMin).toBeGreaterThan(30);
    expect(restPlan(bowl(["fenugreek-seed", 10]), warm, 5).restMin).toBeGreaterThan(
      restPlan(bowl(["fenugreek-seed", 10]), warm, 30).restMin,
    );
  });
  test("what was asked for is kept", () => {
    fc.assert(
      fc.property(fc.nat(2880), anyTemp, (restMin, tempC) => {
        expect(restPlan(bowl(["amla", 60]), warm, tempC, restMin).restMin).toBe(restMin);
        expect(restPlan(bowl(["henna", 60]), warm, tempC, restMin).restMin).toBe(restMin);
      }),
    );
  });
  test("a splash of acid makes the acid school, a trace does not", () => {
    expect(restPlan(bowl(["henna", 100], ["lemon-juice", 2]), warm, 22).dye?.school).toBe("plain");
    expect(restPlan(bowl(["henna", 100], ["lemon-juice", 10]), warm, 22).dye?.school).toBe("acid");
    expect(restPlan(bowl(["henna", 100], ["cider-vinegar", 10]), warm, 22).dye?.school).toBe("acid");
  });
  test("a dye rests shorter in a warmer kitchen", () => {
    const rests = [5, 15, 25, 35, 45].map((tempC) => restPlan(bowl(["henna", 100]), warm, tempC).restMin);
    expect([...rests].sort((a, b) => b - a)).toEqual(rests);
  });
});
