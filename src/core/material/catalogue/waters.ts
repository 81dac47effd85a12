import { estimate, exact, fromMemory } from "../../figure";
import type { Material, MaterialName, Tag } from "../material";
import { PLANT_SOLIDS } from "../solids";

const NONE = exact(0, "by definition");

function water(
  id: string,
  names: readonly [MaterialName, ...MaterialName[]],
  use: string,
  colour: Material["colour"],
  dissolved: number,
  tags: readonly Tag[],
): Material {
  return {
    id, names, use, colour, tags,
    family: "water",
    water: dissolved === 0 ? exact(1, "by definition") : estimate(1 - dissolved, 1 - 2 * dissolved, 1),
    oil: NONE,
    dissolving: dissolved === 0 ? NONE : estimate(dissolved, 0, 2 * dissolved),
    solidsDensityGPerMl: PLANT_SOLIDS,
    bulkDensityGPerMl: fromMemory(1, 0.988, 1, "CRC Handbook, water 10–50 °C"),
    holding: { kind: "none" },
    makesUp: true,
  };
}

export const WATERS: readonly Material[] = [
  water("water", [{ text: "water", language: "en" }], "makes up any paste", [0.9, 0.035, 220], 0, []),
  water("black-tea", [{ text: "black tea", language: "en" }], "makers use it for a deeper dye tone", [0.58, 0.11, 50], 0.003, ["tea"]),
  water("hibiscus-tea", [{ text: "hibiscus tea", language: "en" }], "makers use it for a red cast", [0.55, 0.18, 12], 0.004, ["stainsRed"]),
  water("fenugreek-water", [{ text: "fenugreek soaking water", language: "en" }], "makers use it for slip", [0.88, 0.06, 92], 0.005, ["slip", "fresh"]),
];
