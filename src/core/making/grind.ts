import { estimate, practice, type Figure } from "../figure";
import { findMaterial, NOT_IN_A_PASTE, type Material } from "../material";
import { holdingMlPerG } from "../balance";
import { ok, refuse } from "../problem";
import { RAW_WET } from "./keeping";
import { checkMaking, settled, type Ingredient, type Method } from "./method";
import { acidityOf, gramsOf, heaviestOf, mlOf, plus, pouredFirst, sumOf, times, water, worked } from "./parts";
import { LEAST_TURNED_ML } from "./mill";
import { productOf } from "./product";
import { inTurn } from "./steps";

const IN_ITS_OWN_WATER = practice(0.1, 0, 0.3, "fruit turns in its own water");
/** ml of water that the mill needs, a gram of what is ground, by how wet it is. Common practice, from memory. */
const NEEDS: readonly (readonly [wetterThan: number, mlPerG: Figure])[] = [
  [0.5, practice(0.8, 0.5, 1.2, "fresh leaf in a kitchen mill")],
  [0.2, practice(0.6, 0.4, 1, "soaked seed in a kitchen mill")],
  [-1, practice(2.5, 1.8, 3.5, "dry seed or leaf, ground wet")],
];
const needOf = ({ water: wet, form, tags }: Material): Figure =>
  form === "soft" || tags.includes("fruit")
    ? IN_ITS_OWN_WATER
    : NEEDS.find(([wetterThan]) => wet.value > wetterThan)![1];
/** Of the solids, that stay in a cloth; and ml that a gram of those keeps with it. */
const IN_CLOTH = estimate(0.75, 0.6, 0.88, "leaf ground fine, through muslin");
const CLOTH_ML_PER_G = estimate(2.2, 1.6, 3, "wet pulp in a cloth, pressed by hand");
/** What the mill's walls and the cloth keep, g. */
const LOST_G = practice(8, 4, 15, "what stays on the walls, scraped out");

/** ml of water without which the blades only throw it about. */
const millWaterMl = (things: readonly Ingredient[]): number =>
  things.reduce((sum, { material, massG }) => sum + needOf(material).value * massG, 0);

/** Fresh leaves, soaked seeds or fruit, ground with as much water as the mill needs; strained or as they are. */
export const grind: Method = {
  id: "grind",
  takes: ({ form, family, tags }) =>
    (NOT_IN_A_PASTE as readonly string[]).includes(form) ||
    (form === "soft" && (family !== "base" || tags.includes("fruit"))),
  commonest: [
    "hibiscus-leaf-fresh",
    "curry-leaf-fresh",
    "neem-leaf-fresh",
    "fenugreek-seed-whole",
    "flax-seed-whole",
    "hibiscus-flower-fresh",
    "aloe-leaf",
    "banana",
    "avocado",
  ],
  beginsWithG: ({ form, pieceG }) => (form === "whole" ? 30 : Math.round(pieceG?.value ?? 80)),
  gauges: ["weightG"],
  fields: [
    { id: "waterMl", kind: "number", limit: "waterMl", unit: "ml" },
    { id: "strained", kind: "yes", initial: false },
  ],
  make: (things, given, _, { cameTo } = {}) => {
    const problems = checkMaking(grind, things, given);
    if (problems.length > 0) return refuse(...problems);
    const { waterMl: said, strained } = settled(grind.fields, given) as {
      readonly waterMl?: number;
      readonly strained: boolean;
    };
    const needs = millWaterMl(things);
    const waterMl = said ?? Math.ceil(needs / 10) * 10;
    const all = plus(sumOf(things), water(waterMl));
    const inG = gramsOf(all);
    const run = (values: ArrayLike<number>) => {
      const lost = Math.min(values[0], 0.3 * inG);
      const whole = times(all, (inG - lost) / inG);
      if (!strained) return { product: whole, restG: lost, steamG: 0 };
      const stays = whole.solidsG * values[1];
      const kept = Math.min(stays * values[2], 0.9 * whole.waterG);
      const dissolved = whole.dissolvedG * (kept / Math.max(whole.waterG, 1e-9));
      const product = {
        waterG: whole.waterG - kept,
        dissolvedG: whole.dissolvedG - dissolved,
        solidsG: whole.solidsG - stays,
        oilG: whole.oilG * 0.6,
      };
      return { product, restG: inG - gramsOf(product), steamG: 0 };
    };
    const { amounts, composition, middle } = worked([LOST_G, IN_CLOTH, CLOTH_ML_PER_G], inG, run, cameTo);
    const most = heaviestOf(things);
    const materials = things.map(({ material }) => material);
    // What held water in the leaf holds it in the paste: by the solids that are in it.
    const solidsG = sumOf(things).solidsG;
    const held = things.reduce(
      (sum, { material, massG }) => sum + holdingMlPerG(groundOf(material)) * dryG(material, massG),
      0,
    );
    const mlPerG = solidsG > 0 ? (held * (middle.product.solidsG / solidsG)) / gramsOf(middle.product) : 0;
    const base = productOf(strained ? findMaterial("water")! : most, false, materials, {
      ...composition,
      acidity: acidityOf(things, inG),
      colour: most.colour,
      holding:
        mlPerG > 0
          ? {
              kind: "perGram",
              mlPerG: estimate(mlPerG, mlPerG * 0.6, mlPerG * 1.5, "as its powder, for what is dry in it"),
            }
          : { kind: "none" },
      keeps: RAW_WET,
    });
    return ok({
      amounts: { ...amounts, ...pouredFirst(waterMl) },
      says: {},
      minutes: 5,
      schools: [],
      ...base,
      material: { ...base.material, form: strained ? ("liquid" as const) : ("soft" as const) },
      steps: inTurn(["weigh", 5], ["grind", 5], ...(strained ? ([["strain", 8]] as const) : []), ["keep", 2]),
      notes: [
        ...(waterMl < 0.6 * needs
          ? [{ code: "notEnoughWater" as const, detail: { ml: Math.ceil(needs / 10) * 10 } }]
          : []),
        ...(mlOf(all) < LEAST_TURNED_ML ? [{ code: "tooLittleToTurn" as const, detail: { ml: LEAST_TURNED_ML } }] : []),
        ...(most.family === "fruit" || most.tags.includes("saponin") ? [{ code: "foams" as const }] : []),
        { code: "patchTest" as const },
        { code: "keepCold" as const },
      ],
    });
  },
};

/** A plant's powder, which has the figure of what it holds; itself where the tables have none. */
const groundOf = (material: Material): Material => findMaterial(material.plant ?? material.id) ?? material;
const dryG = (material: Material, massG: number): number => {
  const powder = groundOf(material);
  return (massG * (1 - material.water.value)) / Math.max(0.05, 1 - powder.water.value);
};
