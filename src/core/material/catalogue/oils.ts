import { estimate, exact, fromMemory, published, type Figure } from "../../figure";
import type { Material, MaterialName, Tag } from "../material";
import { PLANT_SOLIDS } from "../solids";

const NONE = exact(0, "refined oil");

function oil(
  id: string,
  names: readonly [MaterialName, ...MaterialName[]],
  use: string,
  colour: Material["colour"],
  density: Figure,
  family: "oil" | "essentialOil" = "oil",
  tags: readonly Tag[] = ["oil"],
): Material {
  return {
    id, names, use, colour, family, tags,
    water: NONE,
    oil: published(1, 1, 1, "IFCT 2017 group T: edible oils are 100 % fat"),
    dissolving: NONE,
    solidsDensityGPerMl: PLANT_SOLIDS,
    bulkDensityGPerMl: density,
    holding: { kind: "none" },
  };
}

export const OILS: readonly Material[] = [
  oil("sesame-oil", [{ text: "sesame oil", language: "en" }], "makers use it warm, before or in the paste",
    [0.84, 0.13, 95], fromMemory(0.92, 0.915, 0.925, "USDA SR Legacy, sesame oil, 1 cup 218 g; CRC Handbook")),
  oil("coconut-oil", [{ text: "coconut oil", language: "en" }], "makers use it before washing",
    [0.96, 0.015, 100], fromMemory(0.922, 0.91, 0.93, "USDA SR Legacy, coconut oil, 1 cup 218 g"), "oil", ["oil", "nut"]),
  oil("olive-oil", [{ text: "olive oil", language: "en" }], "makers use it to soften a drying paste",
    [0.76, 0.13, 112], fromMemory(0.913, 0.909, 0.917, "CRC Handbook, olive oil at 20 °C")),
  oil("castor-oil", [{ text: "castor oil", language: "en" }], "makers use it for weight and seal; it is hard to rinse",
    [0.92, 0.04, 100], fromMemory(0.96, 0.955, 0.965, "CRC Handbook, castor oil at 20 °C")),
  oil("rosemary-essential-oil", [{ text: "rosemary essential oil", language: "en" }], "makers use a few drops for the scent",
    [0.95, 0.03, 120], estimate(0.905, 0.89, 0.92), "essentialOil", ["essentialOil"]),
];
