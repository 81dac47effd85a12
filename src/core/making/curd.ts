import { estimate, fromMemory, type Band } from "../figure";
import { findMaterial, type Material } from "../material";
import { ok, refuse } from "../problem";
import { DAIRY } from "./keeping";
import { checkMaking, settled, type Method, type Product } from "./method";
import { acidityOf, gramsOf, heaviestOf, sumOf, worked, type Parts } from "./parts";
import { NONE, productOf } from "./product";
import { inTurn } from "./steps";

/** The most that a cloth takes out of curd, of its mass, and how that comes: calibrated to what kitchens see. */
const MOST_WHEY = estimate(0.6, 0.5, 0.7, "22, 42 and 56 % after 1, 4 and 12 hours, ± 8");
const TIME_H = 3;
const BEND = 0.7;
/** Solids in whey, by mass, nearly all of them dissolved. */
const WHEY_SOLIDS = fromMemory(0.06, 0.05, 0.068, "USDA SR Legacy: whey, acid, fluid, 93.4 % water");
/** Stiffness goes with the solids to this power. Estimate. */
const STIFF_POWER = 3.3;

/** The share of a curd's mass that has dripped off after so many hours, of the most that ever will. */
const drippedShare = (hours: number): number => -Math.expm1(-((Math.max(0, hours) / TIME_H) ** BEND));

const isCurd = ({ form, tags, family }: Material): boolean =>
  (family === "base" || family === "mixture") && form === "soft" && tags.includes("dairy");

/** Curd hung in a cloth: what drips off by the hour, what is left, and how stiff that is. */
export const curd: Method = {
  id: "curd",
  takes: isCurd,
  commonest: ["yoghurt"],
  beginsWithG: () => 400,
  makes: {
    // Four hours take two fifths out of it.
    "strained-curd": (massG) => ({
      things: [{ materialId: "yoghurt", massG: Math.ceil(massG / 0.58 / 10) * 10 }],
      settings: { hours: 4 },
    }),
  },
  gauges: ["weightG"],
  fields: [
    { id: "hours", kind: "number", limit: "hangHours", unit: "h", initial: 4 },
    { id: "cold", kind: "yes", initial: true },
  ],
  make: (things, given, _, { cameTo } = {}) => {
    const problems = checkMaking(curd, things, given);
    if (problems.length > 0) return refuse(...problems);
    const { hours } = settled(curd.fields, given) as { readonly hours: number };
    const all = sumOf(things);
    const inG = gramsOf(all);
    const run = (values: ArrayLike<number>) => {
      // Never more than its water, less what the solids keep.
      const wheyG = Math.min(inG * values[0] * drippedShare(hours), 0.92 * all.waterG);
      const dissolvedG = Math.min(all.dissolvedG, wheyG * values[1]);
      const product: Parts = {
        ...all,
        waterG: all.waterG - (wheyG - dissolvedG),
        dissolvedG: all.dissolvedG - dissolvedG,
      };
      return { product, restG: wheyG, steamG: 0 };
    };
    const { amounts, composition, middle } = worked([MOST_WHEY, WHEY_SOLIDS], inG, run, cameTo);
    const before = 1 - all.waterG / inG;
    const after: Band = {
      low: 1 - composition.water.high,
      mid: 1 - composition.water.mid,
      high: 1 - composition.water.low,
    };
    const most = heaviestOf(things);
    const pa = most.holding.kind === "ownStiffness" ? most.holding.yieldPa.value : 0;
    const stiff = (share: number) => pa * (share / before) ** STIFF_POWER;
    const stiffness: Band = { low: stiff(after.low) * 0.6, mid: stiff(after.mid), high: stiff(after.high) * 1.6 };
    const strained = findMaterial("strained-curd")!;
    const inTables = things.every(({ material: { id } }) => id === "yoghurt");
    const materials = things.map(({ material }) => material);
    const product = productOf(inTables ? strained : most, inTables, materials, {
      ...composition,
      acidity: acidityOf(things, inG),
      colour: most.colour,
      holding: {
        kind: "ownStiffness",
        yieldPa: estimate(stiffness.mid, stiffness.low, stiffness.high, "by its solids, to the power 3.3"),
      },
      keeps: DAIRY,
    });
    return ok({
      amounts,
      says: { solidsShare: after, stiffnessPa: stiffness },
      minutes: Math.round(hours * 60),
      schools: [],
      ...product,
      ...(middle.restG >= 1 ? { rest: wheyOf(materials, 0.6 * acidityOf(things, inG)) } : {}),
      steps: inTurn(["weigh", 5], ["hang", hours * 60], ["keep", 3]),
      notes: [{ code: "dairyKept" }],
    });
  },
};

/** What drips off: sour as the curd's water, and with the allergens of all of it. */
function wheyOf(materials: readonly Material[], acidity: number): Product {
  const whey = findMaterial("whey")!;
  const { value, low, high } = WHEY_SOLIDS;
  return productOf(whey, true, materials, {
    water: { low: 1 - high, mid: 1 - value, high: 1 - low },
    oil: NONE,
    dissolving: { low, mid: value, high },
    densityGPerMl: { low: 1.02, mid: 1.03, high: 1.05 },
    acidity,
    colour: whey.colour,
    keeps: DAIRY,
  });
}
