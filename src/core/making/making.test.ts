import fc from "fast-check";
import "@/core/catalogue";
import { CATALOGUE } from "@/core/catalogue";
import { findMaterial, tagsOf, type Material } from "@/core/material";
import { answered, BREW_WAYS, METHODS, type Ingredient, type Made, type Settings } from ".";

const [brew] = METHODS;
const HERBS = CATALOGUE.filter(brew.takes);
const of = (id: string, massG: number): Ingredient => ({ material: findMaterial(id)!, massG });
const made = (things: readonly Ingredient[], settings: Settings, roomC = 21): Made => {
  const result = brew.make(things, settings, roomC);
  if (!result.ok) throw new Error(JSON.stringify(result.problems));
  return result.value;
};

const anyThings = fc.array(
  fc.record({ material: fc.constantFrom(...HERBS), massG: fc.double({ min: 1, max: 60, noNaN: true }) }),
  { minLength: 1, maxLength: 4 },
);
const anySettings = fc.record({
  way: fc.constantFrom(...BREW_WAYS.filter((way) => way !== "reduced")),
  wantMl: fc.double({ min: 50, max: 1500, noNaN: true }),
  minutes: fc.option(fc.double({ min: 1, max: 600, noNaN: true }), { nil: undefined }),
  heat: fc.constantFrom("low", "medium", "high"),
  lid: fc.boolean(),
  pressed: fc.boolean(),
  potCm: fc.double({ min: 10, max: 30, noNaN: true }),
});
const anyRoom = fc.double({ min: 10, max: 32, noNaN: true });

describe("laws of every brew", () => {
  test("what goes in comes out: product, rest and steam, to a billionth; bands lie in order and nothing is NaN", () => {
    fc.assert(
      fc.property(anyThings, anySettings, anyRoom, (things, settings, roomC) => {
        const result = brew.make(things, settings, roomC);
        if (!result.ok) return expect(result.problems.map(({ code }) => code)).toEqual(["boilsDry"]);
        const { amounts, says, steps } = result.value;
        const { inG, productG, restG, steamG } = amounts;
        expect(Math.abs(inG.mid - productG.mid - restG.mid - steamG.mid)).toBeLessThan(1e-9 * inG.mid + 1e-9);
        for (const band of [...Object.values(amounts), ...Object.values(says)]) {
          expect(band.low).toBeLessThanOrEqual(band.mid);
          expect(band.mid).toBeLessThanOrEqual(band.high);
        }
        expect(says.drawnShare!.mid).toBeLessThanOrEqual(1);
        for (const { durationMin } of steps) expect(durationMin).toBeGreaterThanOrEqual(0);
      }),
      { numRuns: 150 },
    );
  });

  test("the first pour brings what was wanted", () => {
    fc.assert(
      fc.property(anyThings, anySettings, anyRoom, (things, settings, roomC) => {
        const result = brew.make(things, settings, roomC);
        fc.pre(result.ok);
        expect(result.value.amounts.productMl.mid / settings.wantMl).toBeCloseTo(1, 2);
      }),
      { numRuns: 80 },
    );
  });

  test("longer never draws less, and warmer is never slower", () => {
    fc.assert(
      fc.property(
        anyThings,
        anySettings,
        fc.double({ min: 1, max: 300, noNaN: true }),
        fc.double({ min: 1, max: 4, noNaN: true }),
        (things, settings, minutes, longer) => {
          const drawnIn = (time: number, roomC: number) => {
            const result = brew.make(things, { ...settings, minutes: time }, roomC);
            return result.ok ? result.value.says.drawnShare!.mid : undefined;
          };
          const [base, more, warmer] = [drawnIn(minutes, 18), drawnIn(minutes * longer, 18), drawnIn(minutes, 28)];
          fc.pre(base !== undefined && more !== undefined && warmer !== undefined);
          // The pot is a little fuller for it, and takes a little longer to heat: never less by more than that.
          expect(more!).toBeGreaterThanOrEqual(base! - 1e-9);
          expect(warmer!).toBeGreaterThanOrEqual(base! - 2e-3);
        },
      ),
      { numRuns: 60 },
    );
  });

  test("what is true of a herb for whom it is not good is true of its tea", () => {
    fc.assert(
      fc.property(anyThings, (things) => {
        const { material } = made(things, { way: "cold", wantMl: 300 });
        const asked = tagsOf(things.map(({ material: herb }) => herb));
        for (const tag of asked) expect(material.tags).toContain(tag);
        for (const { material: herb } of things) expect(material.contains).toContain(herb.id);
      }),
      { numRuns: 60 },
    );
  });
});

describe("a brew as kitchens know it (calibrated to common practice, and no check of the figures)", () => {
  test("seeds boiled a quarter of an hour, poured over for three quarters and soaked overnight come out alike", () => {
    const { schools } = made([of("fenugreek-seed-whole", 20)], { way: "boiled", wantMl: 300 }, 22);
    const minutes = Object.fromEntries(schools.map((school) => [school.way, school.minutes]));
    expect(minutes.boiled).toBeGreaterThanOrEqual(12);
    expect(minutes.boiled).toBeLessThanOrEqual(18);
    expect(minutes.closedJar).toBeGreaterThanOrEqual(35);
    expect(minutes.closedJar).toBeLessThanOrEqual(60);
    expect(minutes.cold / 60).toBeGreaterThanOrEqual(10);
    expect(minutes.cold / 60).toBeLessThanOrEqual(14);
  });

  test("two cups of tea boiled down to one on a low ring take about twenty minutes, and it is the tables' own", () => {
    const tea = made([of("black-tea-leaf", 4)], { way: "reduced", fromMl: 480, wantMl: 240 });
    expect(tea.minutes).toBeGreaterThan(12);
    expect(tea.minutes).toBeLessThan(30);
    expect(tea.likeId).toBe("black-tea");
    expect(tea.isInTables).toBe(true);
    expect(tea.amounts.pourMl!.mid).toBe(480);
    // Half the water, the same leaf: darker in the glass than a cup is.
    const cup = made([of("black-tea-leaf", 4)], { way: "poured", wantMl: 480 });
    expect(tea.material.colour[0]).toBeLessThan(cup.material.colour[0]);
    expect(tea.says.dissolvedGPer100Ml!.mid).toBeGreaterThan(1.5 * cup.says.dissolvedGPer100Ml!.mid);
  });

  test("soapnuts are boiled half an hour or stand overnight; roselle is as sour as lemonade and keeps longer", () => {
    const nuts = made([of("reetha-whole", 30)], { way: "boiled", wantMl: 500 });
    expect(nuts.minutes).toBeGreaterThanOrEqual(30);
    expect(nuts.isInTables).toBe(false);
    const sour = made([of("roselle-whole", 10)], { way: "boiled", wantMl: 300 });
    expect(sour.material.acidity!.value).toBeGreaterThan(0.003);
    expect(sour.keeps!.fridge.value).toBeGreaterThan(nuts.keeps!.fridge.value);
    expect(sour.material.tags).toContain("stainsRed");
    expect(sour.notes.map(({ code }) => code)).toContain("stains");
    expect(nuts.notes.map(({ code }) => code)).not.toContain("stains");
  });

  test("a lid saves most of the steam, pressing gives back what the herb keeps, and height costs time", () => {
    const things = [of("nettle-leaf-whole", 30)];
    const open = made(things, { way: "boiled", wantMl: 500, minutes: 20, lid: false });
    const lid = made(things, { way: "boiled", wantMl: 500, minutes: 20, lid: true });
    const pressed = made(things, { way: "boiled", wantMl: 500, minutes: 20, lid: true, pressed: true });
    expect(lid.amounts.steamG.mid).toBeLessThan(0.3 * open.amounts.steamG.mid);
    expect(pressed.amounts.pourMl!.mid).toBeLessThan(lid.amounts.pourMl!.mid - 15);
    const high = made(things, { way: "boiled", wantMl: 500, altitudeM: 3000 });
    expect(high.minutes).toBeGreaterThan(made(things, { way: "boiled", wantMl: 500 }).minutes);
  });
});

describe("what cannot be made says why, at its field", () => {
  const refused = (things: readonly Ingredient[], settings: Settings) => {
    const result = brew.make(things, settings, 21);
    return result.ok ? [] : result.problems.map(({ field, code }) => `${field} ${code}`);
  };
  const nettle = [of("nettle-leaf-whole", 100)];
  test.each<[string, readonly Ingredient[], Settings, string]>([
    ["no herb", [], { way: "boiled", wantMl: 300 }, "things required"],
    ["an oil", [of("sesame-oil", 10)], { way: "boiled", wantMl: 300 }, "things.0.materialId notInThis"],
    ["no way there is", nettle, { way: "microwaved", wantMl: 300 }, "settings.way unknownChoice"],
    ["a pot of 2 cm", nettle, { way: "boiled", wantMl: 300, potCm: 2 }, "settings.potCm tooSmall"],
    [
      "boiled for 40 hours",
      nettle,
      { way: "boiled", wantMl: 300, minutes: 2400, lid: false, heat: "high" },
      "settings.minutes boilsDry",
    ],
    [
      "a herb that drinks it all",
      nettle,
      { way: "reduced", fromMl: 400, wantMl: 240 },
      "settings.fromMl drinksTooMuch",
    ],
    ["a number that is none", nettle, { way: "boiled", wantMl: Number.NaN }, "settings.wantMl notANumber"],
    ["more than any pot", nettle, { way: "cold", wantMl: 4990 }, "settings.wantMl tooLarge"],
    ["what nobody asks", nettle, { way: "boiled", wantMl: 300, salt: 3 }, "settings.salt unknownField"],
  ])("%s", (_, things, settings, problem) => expect(refused(things, settings)).toEqual([problem]));

  test("what is not asked in this way counts as not said, whatever stands there", () => {
    const junk = { heat: "a bonfire", potCm: -1, altitudeM: "high", lid: 7, fromMl: "much" } as unknown as Settings;
    const [plain, odd] = [{}, junk].map((more) => made(nettle, { ...more, way: "cold", wantMl: 300 }));
    expect(odd).toEqual(plain);
    expect(answered(brew.fields, { ...junk, way: "cold", wantMl: 300 })).toEqual({
      way: "cold",
      wantMl: 300,
      pressed: false,
    });
  });

  test("every setting may be anything, and there is an answer or a problem", () => {
    const odd = fc.oneof(fc.double(), fc.string(), fc.boolean(), fc.constant(undefined));
    const anything = fc
      .tuple(
        fc.dictionary(fc.constantFrom(...brew.fields.map(({ id }) => id)), odd),
        fc.option(fc.constantFrom(...BREW_WAYS), { nil: undefined }),
      )
      .map(([settings, way]) => (way ? { ...settings, way } : settings));
    fc.assert(
      fc.property(fc.constantFrom<Material>(...CATALOGUE), fc.double(), anything, (material, massG, settings) => {
        const result = brew.make([{ material, massG }], settings as Settings, 21);
        expect(result.ok || result.problems.length > 0).toBe(true);
      }),
      { numRuns: 300 },
    );
  });
});
