import { findMaterial, NOT_IN_A_PASTE } from "../../material";
import { ok, refuse } from "../../problem";
import { COOKED_OUT_OIL, DRY_OIL, WET_OIL } from "../keeping";
import { checkMaking, settled, type Method } from "../method";
import { heaviestOf, NOTHING, plus, sumOf, times, worked } from "../parts";
import { productOf } from "../product";
import { inTurn } from "../steps";
import {
  CEILING,
  cutOf,
  HALF_MIN,
  isBuried,
  isFresh,
  isOil,
  KEPT,
  OIL_WAYS,
  WAYS,
  WET_FROM,
  type Way,
} from "./figures";
import { notesOf, tooHot } from "./notes";
import { restOf } from "./rest";
import { setsAtC } from "./setting";

/** The tables' own oil of a plant. */
const OIL_OF: Readonly<Record<string, string>> = {
  bhringraj: "bhringraj-oil",
  brahmi: "brahmi-oil",
  amla: "amla-oil",
};

/** Herbs in oil: over water, on the lowest flame, or cold; and oils and butters melted together. */
export const oil: Method = {
  id: "oil",
  takes: (material) =>
    isOil(material) ||
    (["leaf", "flower", "fruit", "seed", "root"].includes(material.family) &&
      ([...NOT_IN_A_PASTE, "powder"] as string[]).includes(material.form)),
  commonest: [
    "sesame-oil",
    "coconut-oil",
    "olive-oil",
    "bhringraj",
    "brahmi",
    "amla",
    "hibiscus-leaf-fresh",
    "curry-leaf-fresh",
    "fenugreek-seed-whole",
    "rosemary-leaf-whole",
    "shea-butter",
    "castor-oil",
  ],
  beginsWithG: (material) => (isOil(material) ? 100 : isFresh(material) ? 30 : 6),
  makes: Object.fromEntries(
    Object.entries(OIL_OF).map(([plant, id]) => [
      id,
      (massG: number) => ({
        things: [
          { materialId: "sesame-oil", massG: Math.ceil((massG * 1.12) / 5) * 5 },
          { materialId: plant, massG: Math.max(1, Math.round(massG * CEILING)) },
        ],
        settings: { way: "waterBath" },
      }),
    ]),
  ),
  gauges: ["tempC", "weightG"],
  fields: [
    { id: "way", kind: "choice", options: OIL_WAYS, initial: "waterBath" },
    { id: "hours", kind: "number", limit: "oilHours", unit: "h" },
    { id: "pressed", kind: "yes", initial: false },
  ],
  make: (things, given, _, { gauged = [], cameTo } = {}) => {
    const problems = checkMaking(oil, things, given);
    if (problems.length > 0) return refuse(...problems);
    const fats = things.filter(({ material }) => isOil(material));
    const plants = things.filter(({ material }) => !isOil(material));
    if (fats.length === 0) return refuse({ field: "things", code: "noOil" });
    const { way, hours, pressed } = settled(oil.fields, given) as {
      readonly way: Way;
      readonly hours?: number;
      readonly pressed: boolean;
    };
    const fresh = plants.some(({ material }) => isFresh(material));
    const practiceMin = plants.length === 0 ? 10 : WAYS[way][fresh ? "freshMin" : "dryMin"];
    const minutes = hours === undefined ? practiceMin : hours * 60;
    const fat = sumOf(fats);
    const fatG = fats.reduce((sum, { massG }) => sum + massG, 0);
    const plantG = plants.reduce((sum, { massG }) => sum + massG, 0);
    const figures = [HALF_MIN[way], ...plants.map(({ material }) => KEPT[cutOf(material)][pressed ? 1 : 0])];
    const waterG = sumOf(plants).waterG;
    const run = (values: ArrayLike<number>) => {
      const leftG = waterG * 0.5 ** (minutes / values[0]);
      const keptMl = plants.reduce((sum, { massG }, i) => sum + massG * values[i + 1], 0);
      const keptG = Math.min(keptMl * 0.92, 0.95 * fatG);
      // What is not out of the leaf yet is partly in the oil: a tenth of it, as a haze.
      const haze = Math.min(leftG, 0.1 * leftG + 0.0005 * fatG);
      const steamG = waterG - leftG;
      return {
        product: plus(times(fat, (fatG - keptG) / fatG), { ...NOTHING, waterG: haze }),
        restG: plantG - waterG + (leftG - haze) + keptG,
        steamG,
      };
    };
    const { amounts, composition, middle } = worked(figures, fatG + plantG, run, cameTo);
    const only = new Set(plants.map(({ material: { plant, id } }) => plant ?? id));
    const [first] = only;
    const inTables = only.size === 1 && first ? OIL_OF[first] : undefined;
    const mostFat = heaviestOf(fats);
    const like = plants.length === 0 ? mostFat : findMaterial(inTables ?? mostFat.id)!;
    const waterShare = middle.product.waterG / fatG;
    const wet = fresh && (way !== "cold" ? waterShare > WET_FROM : true);
    const buried = plants.some(({ material }) => isBuried(material));
    const keeps = wet || buried ? WET_OIL : fresh ? COOKED_OUT_OIL : DRY_OIL;
    const [h, c] = plants.length > 0 ? [plants[0].material.colour[2], 0.07] : [mostFat.colour[2], mostFat.colour[1]];
    const product = productOf(
      { ...like, acidity: undefined },
      inTables !== undefined || (plants.length === 0 && fats.length === 1),
      things.map(({ material }) => material),
      {
        ...composition,
        acidity: 0,
        colour: [Math.min(mostFat.colour[0], 0.78), c, h],
        keeps,
      },
    );
    const sets = setsAtC(fats.map(({ material: { id }, massG }) => ({ id, massG })));
    const plain = plants.length === 0;
    const share = plantG / fatG;
    return ok({
      amounts,
      says: {
        ...(plain ? {} : { herbShare: { low: share, mid: share, high: share } }),
        ...(fresh ? { waterLeftShare: composition.water } : {}),
        ...(sets ? { setsAtC: sets } : {}),
      },
      minutes,
      schools: plain ? [] : OIL_WAYS.map((one) => ({ way: one, minutes: WAYS[one][fresh ? "freshMin" : "dryMin"] })),
      ...product,
      ...(plain ? {} : { rest: restOf(plants, middle.restG) }),
      steps: plain
        ? inTurn(["weigh", 5], ["heat", 10], ["cool", 30], ["keep", 2])
        : inTurn(
            ["weigh", 5],
            ...(way === "cold" ? [] : ([["heat", 10]] as const)),
            ["draw", minutes],
            // Fresh plant is strained warm, before its steam falls back; a powder settles overnight.
            ...(way === "cold" ? [] : fresh ? ([["cool", 30]] as const) : ([["settle", 720]] as const)),
            ["strain", 10],
            ["keep", 2],
          ),
      notes: [...notesOf(way, fats, plants, share, fresh, wet), ...tooHot(gauged, fresh)],
    });
  },
};
