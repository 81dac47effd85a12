import { estimate, fromMemory, practice, published, type Figure } from "../../figure";
import type { Material, Tag } from "../material";
import { CLAY_SOLIDS, PLANT_SOLIDS } from "../solids";

const NONE = estimate(0, 0, 0, "too little to matter");
const DRY_HERB_WATER = estimate(0.08, 0.06, 0.11, "air-dry herb powders");
const LEAF_SOAK = { firstShare: estimate(0.9, 0.8, 0.97), timeMin: estimate(10, 5, 20) };
const GUM_SOAK = { firstShare: estimate(0.7, 0.55, 0.85), timeMin: estimate(25, 12, 45) };

type PowderOf = Pick<Material, "id" | "names" | "use" | "colour"> & {
  holding: Figure;
  bulk: Figure;
  tags?: readonly Tag[];
} & Partial<Pick<Material, "water" | "oil" | "dissolving" | "soak" | "solidsDensityGPerMl">>;

function powder(of: PowderOf): Material {
  const { holding, bulk, tags = [], ...rest } = of;
  return {
    family: "powder",
    water: DRY_HERB_WATER,
    oil: NONE,
    dissolving: NONE,
    solidsDensityGPerMl: PLANT_SOLIDS,
    bulkDensityGPerMl: bulk,
    holding: { kind: "perGram", mlPerG: holding },
    soak: LEAF_SOAK,
    tags: ["dust", ...tags],
    ...rest,
  };
}

export const POWDERS: readonly Material[] = [
  powder({
    id: "henna",
    names: [{ text: "henna", language: "en" }, { text: "Lawsonia inermis", language: "la" }, { text: "मेहँदी", language: "hi" }],
    use: "makers use it to dye hair copper to red",
    holding: practice(1.55, 1.25, 1.9, "calibrated: 100 g to about 300 ml"),
    bulk: estimate(0.42, 0.36, 0.5),
    colour: [0.62, 0.1, 118], tags: ["dye", "stainsRed", "drying"],
  }),
  powder({
    id: "amla",
    names: [{ text: "amla", language: "en" }, { text: "Phyllanthus emblica", language: "la" }, { text: "आँवला", language: "hi" }],
    use: "makers use it in conditioning masks; it is tart and a little drying",
    holding: estimate(1.4, 1.1, 1.75), bulk: estimate(0.52, 0.44, 0.62),
    dissolving: estimate(0.12, 0.06, 0.2), colour: [0.66, 0.07, 85], tags: ["drying", "acid"],
  }),
  powder({
    id: "brahmi",
    names: [{ text: "brahmi", language: "en" }, { text: "Bacopa monnieri", language: "la" }, { text: "ब्राह्मी", language: "hi" }],
    use: "makers use it for the scalp and for shine",
    holding: estimate(1.7, 1.35, 2.1), bulk: estimate(0.4, 0.33, 0.48), colour: [0.56, 0.09, 125],
  }),
  powder({
    id: "bhringraj",
    names: [{ text: "bhringraj", language: "en" }, { text: "Eclipta prostrata", language: "la" }, { text: "भृंगराज", language: "hi" }],
    use: "makers use it for the scalp; no good evidence for growth in people",
    holding: estimate(1.7, 1.35, 2.1), bulk: estimate(0.38, 0.31, 0.46), colour: [0.48, 0.06, 120],
  }),
  powder({
    id: "fenugreek-seed",
    names: [{ text: "fenugreek seed, ground", language: "en" }, { text: "Trigonella foenum-graecum", language: "la" }, { text: "मेथी", language: "hi" }],
    use: "makers use it for slip; its gum swells for half an hour",
    holding: estimate(3.5, 2.9, 4.1), bulk: estimate(0.6, 0.52, 0.7),
    water: published(0.0782, 0.072, 0.0843, "IFCT 2017 G026"),
    oil: published(0.0572, 0.05, 0.065, "IFCT 2017 G026"),
    soak: GUM_SOAK, colour: [0.76, 0.11, 85], tags: ["slip", "protein"],
  }),
  powder({
    id: "hibiscus-flower",
    names: [{ text: "hibiscus flower", language: "en" }, { text: "Hibiscus rosa-sinensis", language: "la" }, { text: "गुड़हल", language: "hi" }],
    use: "makers use it for slip and a red cast",
    holding: estimate(2, 1.55, 2.5), bulk: estimate(0.42, 0.34, 0.5),
    dissolving: estimate(0.1, 0.05, 0.18), colour: [0.42, 0.14, 10], tags: ["stainsRed", "slip"],
  }),
  powder({
    id: "neem-leaf",
    names: [{ text: "neem leaf", language: "en" }, { text: "Azadirachta indica", language: "la" }, { text: "नीम", language: "hi" }],
    use: "makers use it where the scalp flakes",
    holding: estimate(1.6, 1.3, 2), bulk: estimate(0.42, 0.35, 0.5), colour: [0.52, 0.1, 130], tags: ["drying"],
  }),
  powder({
    id: "shikakai",
    names: [{ text: "shikakai", language: "en" }, { text: "Senegalia rugata", language: "la" }, { text: "शिकाकाई", language: "hi" }],
    use: "makers use it to wash hair; it stings the eyes",
    holding: estimate(1.4, 1.1, 1.75), bulk: estimate(0.5, 0.42, 0.58),
    dissolving: estimate(0.1, 0.05, 0.15), colour: [0.5, 0.07, 62], tags: ["drying", "saponin"],
  }),
  powder({
    id: "moringa-leaf",
    names: [{ text: "moringa leaf", language: "en" }, { text: "Moringa oleifera", language: "la" }],
    use: "makers use it in conditioning masks",
    holding: estimate(1.7, 1.35, 2.1), bulk: estimate(0.4, 0.33, 0.48), colour: [0.58, 0.12, 132], tags: ["protein"],
  }),
  powder({
    id: "marshmallow-root",
    names: [{ text: "marshmallow root", language: "en" }, { text: "Althaea officinalis", language: "la" }],
    use: "makers use it for slip",
    holding: estimate(2.9, 2.3, 3.6), bulk: estimate(0.45, 0.37, 0.54),
    soak: GUM_SOAK, colour: [0.84, 0.05, 92], tags: ["slip"],
  }),
  powder({
    id: "turmeric",
    names: [{ text: "turmeric", language: "en" }, { text: "Curcuma longa", language: "la" }, { text: "हल्दी", language: "hi" }],
    use: "makers use a pinch of it; it stains yellow",
    holding: estimate(1.4, 1.1, 1.7),
    bulk: fromMemory(0.61, 0.54, 0.69, "USDA SR Legacy, turmeric ground, 1 tsp 3.0 g"),
    water: published(0.1058, 0.0977, 0.1139, "IFCT 2017 G033"),
    oil: published(0.0503, 0.04, 0.06, "IFCT 2017 G033"),
    colour: [0.72, 0.16, 72], tags: ["stainsYellow"],
  }),
  powder({
    id: "kaolin",
    names: [{ text: "kaolin clay", language: "en" }],
    use: "makers use it to take up oil from the scalp",
    holding: estimate(0.6, 0.45, 0.8), bulk: estimate(0.6, 0.45, 0.75),
    water: estimate(0.01, 0.005, 0.02), solidsDensityGPerMl: CLAY_SOLIDS,
    soak: { firstShare: estimate(0.95, 0.9, 1), timeMin: estimate(5, 2, 10) },
    colour: [0.9, 0.02, 75], tags: ["clay", "drying"],
  }),
  powder({
    id: "cornstarch",
    names: [{ text: "cornstarch", language: "en" }, { text: "Zea mays", language: "la" }],
    use: "makers cook it to a cream; raw it only thickens a little",
    holding: estimate(0.5, 0.35, 0.7),
    bulk: fromMemory(0.541, 0.48, 0.62, "USDA SR Legacy, cornstarch, 1 cup 128 g"),
    water: fromMemory(0.083, 0.07, 0.12, "USDA SR Legacy, cornstarch"),
    soak: { firstShare: estimate(0.98, 0.9, 1), timeMin: estimate(5, 2, 10) },
    colour: [0.95, 0.01, 95],
  }),
];
