import { estimate, practice, type Band, type Figure } from "../figure";
import { findMaterial, type Material } from "../material";
import { ok, refuse } from "../problem";
import { RAW_WET } from "./keeping";
import { checkMaking, settled, type MakingNote, type Method, type Settings } from "./method";
import { acidityOf, gramsOf, heaviestOf, plus, pouredFirst, sumOf, water, worked, type Parts } from "./parts";
import { LEAST_TURNED_ML } from "./mill";
import { around, productOf } from "./product";
import { inTurn } from "./steps";

/** How a thing gives what is in it: its water that comes out, and what comes with it. */
interface Giving {
  /** Of its own water. */
  readonly waterShare: Figure;
  /** Of what dissolves, of its fat, and of its other solids. */
  readonly dissolvedShare: number;
  readonly oilShare: number;
  readonly solidsShare: number;
  /** ml of added water that stays in the pulp, a gram of dry solids. */
  readonly pulpMlPerG: Figure;
  /** The thing of the tables that comes of it. */
  readonly gives?: string;
  /** ml of water a gram of it with which it is as the tables have it. */
  readonly waterMlPerG?: number;
}
const PRESSED: Giving = {
  waterShare: practice(0.75, 0.6, 0.88, "grated and pressed in a cloth"),
  dissolvedShare: 0.75,
  oilShare: 0.1,
  solidsShare: 0.05,
  pulpMlPerG: estimate(2, 1.4, 3, "wet pulp, pressed by hand"),
};
/** By id. */
const GIVING: Readonly<Record<string, Giving>> = {
  "aloe-leaf": {
    ...PRESSED,
    waterShare: practice(0.6, 0.45, 0.72, "the gel of a leaf, rind and spikes off"),
    gives: "aloe-gel",
  },
  onion: { ...PRESSED, waterShare: practice(0.7, 0.55, 0.82, "grated and pressed in a cloth") },
  garlic: { ...PRESSED, waterShare: practice(0.5, 0.35, 0.65, "grated and pressed in a cloth") },
  "ginger-fresh": { ...PRESSED, waterShare: practice(0.6, 0.45, 0.72, "grated and pressed in a cloth") },
  "beetroot-fresh": { ...PRESSED, waterShare: practice(0.65, 0.5, 0.78, "grated and pressed in a cloth") },
  okra: { ...PRESSED, dissolvedShare: 0.9, gives: "okra-gel", waterMlPerG: 3 },
  "coconut-flesh": {
    waterShare: practice(0.8, 0.65, 0.9, "blended with warm water and wrung"),
    dissolvedShare: 0.85,
    oilShare: 0.6,
    solidsShare: 0.15,
    pulpMlPerG: estimate(1.4, 1, 2, "coconut in a cloth, wrung"),
    gives: "coconut-milk",
    waterMlPerG: 0.5,
  },
  oats: {
    waterShare: practice(0, 0, 0.05, "dry"),
    dissolvedShare: 0.9,
    oilShare: 0.4,
    solidsShare: 0.35,
    pulpMlPerG: practice(1.6, 1.1, 2.2, "oat pulp in a cloth, not wrung"),
    gives: "oat-milk",
    waterMlPerG: 10,
  },
};
/** g of a piece, or of ten where they are small. */
const beginsWith = ({ form, pieceG }: Material): number => {
  const one = pieceG?.value ?? 150;
  return form === "whole" ? 40 : Math.round(one < 60 ? Math.min(100, 10 * one) : Math.min(250, one));
};
const givingOf = ({ id }: Material): Giving => GIVING[id] ?? PRESSED;
const isAloe = ({ tags, form }: Material): boolean => tags.includes("aloe") && form === "fresh";

/**
 * Gel, juice or milk from something fresh or soaked: scraped, grated and pressed, or blended with water and strained.
 */
export const juice: Method = {
  id: "juice",
  takes: (material) => GIVING[material.id] !== undefined || (material.form === "fresh" && material.family !== "leaf"),
  commonest: ["aloe-leaf", "onion", "ginger-fresh", "okra", "coconut-flesh", "oats", "beetroot-fresh"],
  beginsWithG: beginsWith,
  suggests: (material): Settings =>
    isAloe(material)
      ? { way: "scraped" }
      : givingOf(material).waterMlPerG
        ? { way: "blended", waterMl: Math.min(300, Math.ceil(beginsWith(material) * givingOf(material).waterMlPerG!)) }
        : { way: "pressed" },
  makes: {
    "aloe-gel": (massG) => ({
      things: [{ materialId: "aloe-leaf", massG: Math.ceil(massG / 0.58 / 10) * 10 }],
      settings: { way: "scraped" },
    }),
    "oat-milk": (massG) => ({
      things: [{ materialId: "oats", massG: Math.max(5, Math.round(massG / 9)) }],
      settings: { way: "blended", waterMl: Math.ceil((massG * 1.1) / 10) * 10 },
    }),
    "okra-gel": (massG) => ({
      things: [{ materialId: "okra", massG: Math.max(10, Math.round(massG / 3.5)) }],
      settings: { way: "blended", waterMl: Math.ceil((massG * 0.85) / 10) * 10 },
    }),
  },
  gauges: ["weightG"],
  fields: [
    { id: "way", kind: "choice", options: ["scraped", "pressed", "blended"], initial: "pressed" },
    {
      id: "waterMl",
      kind: "number",
      limit: "waterMl",
      unit: "ml",
      initial: 0,
      when: ({ way }) => way === "blended",
    },
  ],
  make: (things, given, _, { cameTo } = {}) => {
    const problems = checkMaking(juice, things, given);
    if (problems.length > 0) return refuse(...problems);
    const { way, waterMl: said } = settled(juice.fields, given) as { readonly way: string; readonly waterMl: number };
    const waterMl = way === "blended" ? said : 0;
    const all = plus(sumOf(things), water(waterMl));
    const inG = gramsOf(all);
    const each = things.map(({ material, massG }) => ({
      giving: givingOf(material),
      parts: sumOf([{ material, massG }]),
    }));
    const figures = each.flatMap(({ giving }) => [giving.waterShare, giving.pulpMlPerG]);
    const run = (values: ArrayLike<number>) => {
      let product: Parts = water(waterMl);
      let kept = 0;
      each.forEach(({ giving, parts }, i) => {
        kept += waterMl > 0 ? values[2 * i + 1] * parts.solidsG * (1 - giving.solidsShare) : 0;
        product = plus(product, {
          waterG: parts.waterG * (waterMl > 0 ? Math.min(1, values[2 * i] + 0.15) : values[2 * i]),
          dissolvedG: parts.dissolvedG * giving.dissolvedShare,
          oilG: parts.oilG * giving.oilShare,
          solidsG: parts.solidsG * giving.solidsShare,
        });
      });
      const out = { ...product, waterG: Math.max(0, product.waterG - Math.min(kept, 0.9 * product.waterG)) };
      return { product: out, restG: inG - gramsOf(out), steamG: 0 };
    };
    const { amounts, composition, middle } = worked(figures, inG, run, cameTo);
    // Something dry gives nothing by itself, and drinks a little water whole.
    if (middle.product.waterG < 0.2 * inG)
      return refuse({
        field: waterMl > 0 ? "settings.waterMl" : "settings.way",
        code: "drinksTooMuch",
        detail: { ml: Math.ceil((sumOf(things).solidsG * 4) / 10) * 10 },
      });
    const most = heaviestOf(things);
    const gives = things.length === 1 ? givingOf(most).gives : undefined;
    const like = findMaterial(gives ?? "water")!;
    const tables = like.holding.kind === "ownStiffness" ? like.holding.yieldPa.value : 0;
    // A gel of twice the water is a quarter as stiff; scraped out, it is as the tables have it.
    const usual = givingOf(most).waterMlPerG;
    const thinner = usual && waterMl > 0 ? ((usual + 1) / (waterMl / (inG - waterMl) + 1)) ** 2 : 1;
    const pa = tables * Math.min(4, Math.max(0.05, thinner));
    const stiffness: Band = { low: pa * 0.4, mid: pa, high: pa * 2 };
    const materials = things.map(({ material }) => material);
    const wet = sumOf(things);
    const left = { ...wet, waterG: Math.max(0, all.waterG - middle.product.waterG) };
    const restG = Math.max(1e-6, middle.restG);
    const rest = productOf(most, false, materials, {
      water: around(left.waterG / restG),
      oil: around((wet.oilG - middle.product.oilG) / restG),
      dissolving: around((wet.dissolvedG - middle.product.dissolvedG) / restG),
      densityGPerMl: { low: 0.8, mid: 0.95, high: 1.05 },
      acidity: 0,
      colour: most.colour,
      holding: { kind: "none" },
      keeps: RAW_WET,
    });
    const notes: MakingNote[] = [
      ...(materials.some(isAloe) ? [{ code: "latex" as const }] : []),
      ...(way === "blended" && inG < LEAST_TURNED_ML
        ? [{ code: "tooLittleToTurn" as const, detail: { ml: LEAST_TURNED_ML } }]
        : []),
      ...(way === "blended" ? [{ code: "foams" as const }] : []),
      { code: "patchTest" },
      { code: "keepCold" },
    ];
    const yields: Band = {
      low: amounts.productG.low / inG,
      mid: amounts.productG.mid / inG,
      high: amounts.productG.high / inG,
    };
    return ok({
      amounts: { ...amounts, ...pouredFirst(waterMl) },
      says: { yieldShare: yields, ...(tables > 0 ? { stiffnessPa: stiffness } : {}) },
      minutes: 10,
      schools: [],
      ...productOf(like, gives !== undefined, materials, {
        ...composition,
        acidity: acidityOf(things, inG),
        colour: gives ? like.colour : most.colour,
        ...(tables > 0
          ? { holding: { kind: "ownStiffness", yieldPa: estimate(pa, pa * 0.4, pa * 2, "by the water in it") } }
          : {}),
        keeps: RAW_WET,
      }),
      rest: { ...rest, material: { ...rest.material, form: "soft" } },
      steps: inTurn(
        ["weigh", 5],
        ...(materials.some(isAloe) ? ([["open", 20]] as const) : []),
        ["grind", 5],
        ["press", 5],
        ["keep", 2],
      ),
      notes,
    });
  },
};
