import { estimate, exact, fromMemory, published, type Figure } from "../../figure";
import type { Material, Tag } from "../material";
import { PLANT_SOLIDS, PROTEIN_SOLIDS } from "../solids";

const NONE = estimate(0, 0, 0, "too little to matter");
const NO_SOLIDS = exact(1, "no undissolved solids to speak of");

type BaseOf = Pick<Material, "id" | "family" | "names" | "use" | "colour" | "water"> & {
  density: Figure;
  yieldPa?: Figure;
  tags?: readonly Tag[];
} & Partial<Pick<Material, "oil" | "dissolving" | "pieceG" | "makesUp" | "solidsDensityGPerMl">>;

function base(of: BaseOf): Material {
  const { density, yieldPa, tags = [], ...rest } = of;
  return {
    oil: NONE,
    dissolving: NONE,
    solidsDensityGPerMl: PROTEIN_SOLIDS,
    bulkDensityGPerMl: density,
    holding: yieldPa ? { kind: "ownStiffness", yieldPa } : { kind: "none" },
    tags,
    ...rest,
  };
}

export const WETS: readonly Material[] = [
  base({
    id: "yoghurt", family: "wet",
    names: [{ text: "yoghurt", language: "en" }, { text: "दही", language: "hi" }],
    use: "makers use it as a cool, soft base",
    water: fromMemory(0.879, 0.86, 0.895, "USDA SR Legacy, yogurt plain whole milk"),
    oil: fromMemory(0.0325, 0.028, 0.04, "USDA SR Legacy, yogurt plain whole milk"),
    dissolving: fromMemory(0.0466, 0.04, 0.055, "USDA SR Legacy, yogurt plain whole milk, sugars"),
    density: fromMemory(1.03, 1.02, 1.06, "milk products 1.03 g/ml"),
    yieldPa: fromMemory(30, 12, 60, "food-rheology handbooks, stirred yoghurt"),
    colour: [0.96, 0.012, 95], tags: ["dairy"], makesUp: true,
  }),
  base({
    id: "egg", family: "wet",
    names: [{ text: "egg, whole", language: "en" }],
    use: "makers use it for protein; rinse it out cool, or it sets",
    water: published(0.7651, 0.7618, 0.7684, "IFCT 2017 M001"),
    oil: published(0.0915, 0.085, 0.1, "IFCT 2017 M001"),
    density: estimate(1.03, 1.01, 1.04), pieceG: fromMemory(50, 44, 56, "USDA SR Legacy, egg whole, 1 large 50 g"),
    colour: [0.88, 0.12, 88], tags: ["egg", "protein"],
  }),
  base({
    id: "honey", family: "wet",
    names: [{ text: "honey", language: "en" }, { text: "शहद", language: "hi" }],
    use: "makers use it to hold water on the hair",
    water: fromMemory(0.171, 0.155, 0.19, "USDA SR Legacy, honey"),
    dissolving: fromMemory(0.824, 0.81, 0.84, "USDA SR Legacy, honey, sugars"),
    density: fromMemory(1.42, 1.4, 1.44, "honey tables, 17–18 % water at 20 °C"),
    solidsDensityGPerMl: NO_SOLIDS, colour: [0.74, 0.14, 68], tags: ["honey"],
  }),
  base({
    id: "aloe-gel", family: "wet",
    names: [{ text: "aloe gel", language: "en" }, { text: "Aloe vera", language: "la" }],
    use: "makers use it for slip; drain the yellow latex from a fresh leaf",
    water: estimate(0.985, 0.97, 0.992), density: estimate(1, 0.99, 1.02),
    solidsDensityGPerMl: PLANT_SOLIDS, yieldPa: estimate(12, 3, 40),
    colour: [0.89, 0.06, 150], tags: ["slip", "fresh", "aloe"],
  }),
  base({
    id: "banana", family: "wet",
    names: [{ text: "ripe banana, mashed", language: "en" }],
    use: "makers use it for softness; bits of it are hard to rinse",
    water: published(0.7193, 0.7022, 0.7364, "IFCT 2017 E012"),
    dissolving: published(0.1365, 0.11, 0.16, "IFCT 2017 E012, free sugars"),
    density: estimate(0.98, 0.93, 1.03), pieceG: fromMemory(118, 95, 140, "USDA SR Legacy, banana, 1 medium 118 g"),
    solidsDensityGPerMl: PLANT_SOLIDS, yieldPa: estimate(80, 35, 150),
    colour: [0.91, 0.08, 98], tags: ["fruit"],
  }),
  base({
    id: "amla-fruit", family: "wet",
    names: [{ text: "amla fruit, fresh pulp", language: "en" }, { text: "Phyllanthus emblica", language: "la" }],
    use: "makers use it where the fruit is fresh",
    water: published(0.8702, 0.8574, 0.883, "IFCT 2017 E021"),
    dissolving: published(0.0339, 0.025, 0.045, "IFCT 2017 E021, free sugars"),
    density: estimate(1.02, 0.98, 1.06), solidsDensityGPerMl: PLANT_SOLIDS, yieldPa: estimate(40, 15, 90),
    colour: [0.83, 0.1, 115], tags: ["fruit", "acid", "drying"],
  }),
  base({
    id: "conditioner", family: "wet",
    names: [{ text: "plain conditioner", language: "en" }],
    use: "makers use it to float the grit out; keep it off the scalp",
    water: estimate(0.88, 0.83, 0.92), oil: estimate(0.07, 0.04, 0.11),
    density: estimate(0.99, 0.96, 1.01), solidsDensityGPerMl: estimate(1, 0.9, 1.1), yieldPa: estimate(100, 50, 180),
    colour: [0.95, 0.02, 60], tags: ["slip"],
  }),
  base({
    id: "coconut-milk", family: "wet",
    names: [{ text: "coconut milk, canned", language: "en" }],
    use: "makers use it as a rich base",
    water: fromMemory(0.729, 0.67, 0.79, "USDA SR Legacy, coconut milk canned"),
    oil: fromMemory(0.213, 0.15, 0.25, "USDA SR Legacy, coconut milk canned"),
    dissolving: estimate(0.03, 0.02, 0.04),
    density: fromMemory(0.955, 0.94, 1, "USDA SR Legacy, coconut milk canned, 1 cup 226 g"),
    yieldPa: estimate(3, 1, 8), colour: [0.97, 0.008, 90], tags: ["fresh", "nut"], makesUp: true,
  }),
  base({
    id: "lemon-juice", family: "acid",
    names: [{ text: "lemon juice", language: "en" }, { text: "Citrus limon", language: "la" }],
    use: "makers use it to slow a dye paste down; it dries and stings",
    water: published(0.9159, 0.9072, 0.9246, "IFCT 2017 E033"),
    dissolving: estimate(0.07, 0.05, 0.085, "sugars and citric acid"),
    density: fromMemory(1.03, 1.02, 1.04, "USDA SR Legacy, lemon juice, 1 cup 244 g"),
    colour: [0.93, 0.1, 105], tags: ["acid", "fresh"],
  }),
  base({
    id: "cider-vinegar", family: "acid",
    names: [{ text: "cider vinegar", language: "en" }],
    use: "makers use it in rinses and as the acid of a dye paste",
    water: fromMemory(0.938, 0.93, 0.95, "USDA SR Legacy, vinegar cider"),
    dissolving: estimate(0.055, 0.045, 0.06),
    density: fromMemory(1.01, 1.005, 1.02, "USDA SR Legacy, vinegar cider, 1 cup 239 g"),
    colour: [0.8, 0.09, 75], tags: ["acid"],
  }),
];
