import { estimate, type Band, type Figure } from "../figure";
import { findMaterial, type Material } from "../material";
import { ok, refuse } from "../problem";
import { COOKED } from "./keeping";
import { checkMaking, settled, type Gauged, type MakingNote, type Method } from "./method";
import { acidityOf, gramsOf, heaviestOf, plus, pouredFirst, sumOf, water, worked } from "./parts";
import { around, productOf } from "./product";
import { coolingReadH } from "./gauged";
import { boilOffGPerH, NET_W } from "./steam";
import { inTurn } from "./steps";

interface Setting {
  /** g in 100 ml that make 40 Pa once it has cooled to 35 °C: a cream. */
  readonly gFor40: number;
  /** °C at which it swells and sets. */
  readonly fromC: number;
  readonly toC: number;
}
/** Estimates, from memory; what a jar says is better. Not the law of pastes, and not counted as checked. */
const SETTING: Readonly<Record<string, Setting>> = {
  cornstarch: { gFor40: 5, fromC: 62, toC: 72 },
  "tapioca-starch": { gFor40: 5.5, fromC: 58, toC: 70 },
  arrowroot: { gFor40: 5.5, fromC: 62, toC: 75 },
  "potato-starch": { gFor40: 4, fromC: 56, toC: 68 },
  "rice-flour": { gFor40: 8, fromC: 65, toC: 78 },
  "oat-flour": { gFor40: 10, fromC: 58, toC: 72 },
  "colloidal-oat": { gFor40: 9, fromC: 58, toC: 72 },
  "gram-flour": { gFor40: 12, fromC: 63, toC: 75 },
  "mung-flour": { gFor40: 12, fromC: 63, toC: 75 },
  "urad-flour": { gFor40: 12, fromC: 63, toC: 75 },
  "masoor-flour": { gFor40: 12, fromC: 63, toC: 75 },
};
const CREAM_PA = 40;
/** Within a factor of two. */
const FACTOR = 2;
/** It sets to a block that no hand spreads. */
const BLOCK_PA = 400;
/** Past that nothing in a kitchen tells it from stiffer. */
const STIFFEST_PA = 4000;
/** Less water to a starch never wets all of it. */
const LEAST_WATER = 2;
/** By then it is warm enough for a scalp. */
const WARM_C = 38;
const COOKED_C = 95;
/**
 * Minutes in which half a litre, stirred now and then in an open pot, loses 63 % of what separates it from the room.
 */
const COOLING_MIN: Figure = estimate(36, 25, 55, "a pot of half a litre off the ring, stirred now and then");

const settingOf = ({ id, form }: Material): Setting | undefined => (form === "powder" ? SETTING[id] : undefined);

/** Pa of a cooked starch at so many times its g for 40 Pa; twice as much is eight times as stiff. */
const cookedPa = (times40: number): number => CREAM_PA * Math.max(0, times40) ** 3;

/** Minutes from the ring to a scalp's warmth. @source Newton's law of cooling */
const coolMin = (tauMin: number, ml: number, roomC: number): number =>
  roomC >= WARM_C - 1 ? 600 : tauMin * Math.cbrt(ml / 500) * Math.log((COOKED_C - roomC) / (WARM_C - roomC));

/** Two readings while it cools say how fast it does: minutes, of half a litre. */
function coolingRead(gauged: readonly Gauged[], ml: number, roomC: number): Figure | undefined {
  const read = coolingReadH(gauged, ["cool"], roomC);
  const by = 60 / Math.cbrt(ml / 500);
  return read && { value: read.value * by, low: read.low * by, high: read.high * by, source: read.source };
}

/** Starch or flour cooked with water, milk or coconut milk to a cream that stays where it is put. */
export const starch: Method = {
  id: "starch",
  takes: (material) =>
    settingOf(material) !== undefined ||
    ["milk", "coconut-milk", "buttermilk", "oat-milk", "soy-milk", "almond-milk", "rice-water"].includes(material.id) ||
    (material.makesUp === true && material.form === "liquid"),
  commonest: ["cornstarch", "rice-flour", "tapioca-starch", "arrowroot", "oat-flour", "coconut-milk", "milk"],
  beginsWithG: (material) => (settingOf(material) ? Math.round(2.5 * settingOf(material)!.gFor40) : 100),
  makes: {
    "starch-cream": (massG) => ({
      things: [{ materialId: "cornstarch", massG: Math.max(2, Math.round(massG * SETTING.cornstarch.gFor40) / 100) }],
      settings: { waterMl: Math.ceil((massG + 45) / 10) * 10 },
    }),
  },
  gauges: ["tempC", "weightG"],
  fields: [
    { id: "waterMl", kind: "number", limit: "waterMl", unit: "ml", initial: 250 },
    { id: "minutes", kind: "number", limit: "cookMin", unit: "min", initial: 4 },
  ],
  make: (things, given, roomC, { gauged = [], cameTo } = {}) => {
    const problems = checkMaking(starch, things, given);
    if (problems.length > 0) return refuse(...problems);
    const { waterMl, minutes } = settled(starch.fields, given) as {
      readonly waterMl: number;
      readonly minutes: number;
    };
    const setting = things.filter(({ material }) => settingOf(material));
    if (setting.length === 0) return refuse({ field: "things", code: "noStarch" });
    const all = plus(sumOf(things), water(waterMl));
    const inG = gramsOf(all);
    const steamG = (values: ArrayLike<number>) => Math.min((boilOffGPerH(values[0]) * minutes) / 60, 0.5 * all.waterG);
    const run = (values: ArrayLike<number>) => ({
      product: { ...all, waterG: all.waterG - steamG(values) },
      restG: 0,
      steamG: steamG(values),
    });
    const { amounts, composition } = worked([NET_W.low], inG, run, cameTo);
    const ml = amounts.productMl.mid;
    const starchG = setting.reduce((sum, { massG }) => sum + massG, 0);
    if (all.waterG < LEAST_WATER * starchG) {
      const min = Math.ceil((LEAST_WATER * starchG) / 10) * 10;
      return refuse({ field: "settings.waterMl", code: "tooSmall", detail: { min } });
    }
    const times40 = setting.reduce(
      (sum, { material, massG }) => sum + massG / settingOf(material)!.gFor40 / (ml / 100),
      0,
    );
    const pa = Math.min(STIFFEST_PA, cookedPa(times40));
    const stiffness: Band = { low: pa / FACTOR, mid: pa, high: pa * FACTOR };
    const most = heaviestOf(setting);
    const forCream = starchG / times40;
    const ranges = setting.map(({ material }) => settingOf(material)!);
    const [fromC, toC] = [Math.min(...ranges.map((one) => one.fromC)), Math.max(...ranges.map((one) => one.toC))];
    const tau = coolingRead(gauged, ml, roomC);
    const cooling = tau ?? COOLING_MIN;
    const cool: Band = {
      low: coolMin(cooling.low, ml, roomC),
      mid: coolMin(cooling.value, ml, roomC),
      high: coolMin(cooling.high, ml, roomC),
    };
    const inTables = things.length === 1 && most.id === "cornstarch";
    const product = productOf(
      findMaterial("starch-cream")!,
      inTables,
      things.map(({ material }) => material),
      {
        ...composition,
        acidity: acidityOf(things, inG),
        colour: heaviestOf(things).colour,
        holding: {
          kind: "ownStiffness",
          yieldPa: estimate(stiffness.mid, stiffness.low, stiffness.high, "cooked starch, within a factor of two"),
        },
        keeps: COOKED,
      },
    );
    const notes: MakingNote[] = [
      { code: "settles" },
      { code: "cookedHot" },
      { code: "acidAfter" },
      ...(pa > BLOCK_PA ? [{ code: "block" as const }] : []),
      ...(tau ? [{ code: "measuredCooling" as const, detail: { minutes: Math.round(tau.value) } }] : []),
      { code: "keepCold" },
    ];
    return ok({
      amounts: { ...amounts, ...pouredFirst(waterMl) },
      says: {
        stiffnessPa: stiffness,
        sameAsCreamG: around(forCream, 0.22),
        swellsAtC: { low: fromC, mid: (fromC + toC) / 2, high: toC },
        coolMin: cool,
      },
      minutes,
      schools: [],
      ...product,
      steps: inTurn(["slurry", 3], ["cook", minutes + 4], ["cool", cool.mid], ["keep", 2]),
      notes,
    });
  },
};
