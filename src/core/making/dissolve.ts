import { DISSOLVED_ML_PER_G, findMaterial, type Material } from "../material";
import { ok, refuse } from "../problem";
import { keepsFor } from "./keeping";
import { checkMaking, settled, type MakingNote, type Method } from "./method";
import { acidityOf, gramsOf, heaviestOf, mlOf, plus, pouredFirst, sumOf, water, worked } from "./parts";
import { productOf } from "./product";
import { inTurn } from "./steps";

/** g that 100 g of water take, at 0, 20, 40, 60, 80 and 100 °C. @source CRC Handbook, Seidell (from memory) */
const SOLUBILITY: Readonly<Record<string, readonly number[]>> = {
  sugar: [179, 204, 238, 287, 362, 487],
  salt: [35.7, 36, 36.6, 37.3, 38.4, 39.8],
  "baking-soda": [6.9, 9.6, 12.7, 16.4, 20, 23.6],
  "citric-acid": [96, 146, 216, 278, 372, 526],
  "sodium-citrate": [65, 72, 80, 88, 97, 104],
  "ascorbic-acid": [22, 33, 45, 58, 70, 80],
  "tartaric-acid": [115, 139, 176, 218, 273, 343],
  "malic-acid": [48, 56, 77, 105, 140, 180],
  "cream-of-tartar": [0.32, 0.57, 1.3, 2.5, 4.6, 6.9],
  jaggery: [160, 185, 215, 260, 330, 440],
  msm: [22, 34, 50, 70, 95, 125],
  allantoin: [0.25, 0.5, 1.3, 3.3, 8, 15],
  betaine: [110, 140, 170, 205, 245, 290],
};
const STEP_C = 20;
/** ml that a gram takes up in water, where that is not as sugar's. @source CRC Handbook, densities of solutions (m) */
const ML_PER_G: Readonly<Record<string, number>> = {
  salt: 0.31,
  "baking-soda": 0.32,
  "sodium-citrate": 0.42,
  "cream-of-tartar": 0.45,
};

/** g that 100 g of water take at a warmth; undefined of what no table has. Between the rows it is drawn straight. */
function dissolvesGPer100(id: string, tempC: number): number | undefined {
  const row = SOLUBILITY[id];
  if (!row) return undefined;
  const place = Math.min(row.length - 1, Math.max(0, tempC / STEP_C));
  const i = Math.min(row.length - 2, Math.floor(place));
  return row[i] + (row[i + 1] - row[i]) * (place - i);
}
/** °C at which so many g in 100 g of water are clear; undefined where they never are. */
function clearsAtC(id: string, gPer100: number): number | undefined {
  for (let tempC = 0; tempC <= 100; tempC++) if (dissolvesGPer100(id, tempC)! >= gPer100) return tempC;
  return undefined;
}
const isCrystal = ({ id }: Material): boolean => SOLUBILITY[id] !== undefined;

/** Salt, sugar or crystals in water or a tea: whether they dissolve at its warmth, and what comes out as it cools. */
export const dissolve: Method = {
  id: "dissolve",
  takes: (material) => isCrystal(material) || (material.makesUp === true && material.form === "liquid"),
  commonest: ["salt", "sugar", "citric-acid", "baking-soda", "jaggery", "msm"],
  beginsWithG: (material) => (isCrystal(material) ? 10 : 100),
  gauges: ["tempC"],
  fields: [
    { id: "waterMl", kind: "number", limit: "waterMl", unit: "ml", initial: 250 },
    { id: "tempC", kind: "number", limit: "liquidTempC", unit: "C", initial: 40 },
  ],
  make: (things, given, roomC) => {
    const problems = checkMaking(dissolve, things, given);
    if (problems.length > 0) return refuse(...problems);
    const { waterMl, tempC } = settled(dissolve.fields, given) as { readonly waterMl: number; readonly tempC: number };
    const crystals = things.filter(({ material }) => isCrystal(material));
    if (crystals.length === 0) return refuse({ field: "things", code: "noCrystals" });
    const all = plus(sumOf(things), water(waterMl));
    const inG = gramsOf(all);
    if (all.waterG < 1) return refuse({ field: "settings.waterMl", code: "tooSmall", detail: { min: 10 } });
    const left = crystals.map(({ material: { id }, massG }) => {
      const takes = (dissolvesGPer100(id, tempC)! * all.waterG) / 100;
      const cold = (dissolvesGPer100(id, roomC)! * all.waterG) / 100;
      const clear = clearsAtC(id, (100 * massG) / all.waterG);
      return { id, overG: Math.max(0, massG - takes), coldG: Math.max(0, massG - cold), clear };
    });
    const overG = left.reduce((sum, one) => sum + one.overG, 0);
    const never = left.find(({ clear }) => clear === undefined);
    if (never)
      return refuse({
        field: "settings.waterMl",
        code: "drinksTooMuch",
        detail: { ml: Math.ceil((100 * massOf(things, never.id)) / dissolvesGPer100(never.id, 100)! / 10) * 10 },
      });
    const roomPerG =
      things.reduce(
        (sum, { material: { id, dissolving }, massG }) =>
          sum + massG * dissolving.value * (ML_PER_G[id] ?? DISSOLVED_ML_PER_G),
        0,
      ) / Math.max(all.dissolvedG, 1e-9);
    const { amounts, composition } = worked(
      [],
      inG,
      () => ({
        product: { ...all, dissolvedG: all.dissolvedG - Math.min(overG, all.dissolvedG) },
        restG: Math.min(overG, all.dissolvedG),
        steamG: 0,
      }),
      undefined,
      (parts) => mlOf(parts) + parts.dissolvedG * (roomPerG - DISSOLVED_ML_PER_G),
    );
    const clearC = Math.max(...left.map(({ clear }) => clear ?? 0));
    const strong = all.dissolvedG / inG > 0.55;
    const notes: MakingNote[] = [
      ...(overG > 0.05
        ? [{ code: "tooCool" as const, detail: { tempC: clearC, g: Math.round(overG * 10) / 10 } }]
        : []),
      ...(overG <= 0.05 && left.some(({ coldG }) => coldG > 0.5)
        ? [{ code: "tooCool" as const, detail: { tempC: clearC, g: 0 } }]
        : []),
      { code: "keepCold" },
    ];
    const materials = things.map(({ material }) => material);
    return ok({
      amounts: { ...amounts, ...pouredFirst(waterMl) },
      says: { clearsAtC: { low: Math.max(0, clearC - 3), mid: clearC, high: clearC + 3 } },
      minutes: 5,
      schools: [],
      ...productOf(findMaterial("water")!, false, materials, {
        ...composition,
        acidity: acidityOf(things, inG),
        colour: heaviestOf(things).form === "liquid" ? heaviestOf(things).colour : [0.9, 0.03, 220],
        keeps: strong ? keepsFor(30, 90, 180) : keepsFor(1, 7, 90),
      }),
      steps: inTurn(["weigh", 3], ...(tempC > roomC + 5 ? ([["heat", 4]] as const) : []), ["dissolve", 5], ["keep", 2]),
      notes,
    });
  },
};

const massOf = (things: readonly { readonly material: Material; readonly massG: number }[], id: string): number =>
  things.reduce((sum, { material, massG }) => sum + (material.id === id ? massG : 0), 0);
