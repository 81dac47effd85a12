import { estimate, exact, fromMemory, practice, type Figure } from "../figure";
import type { Form, Material } from "../material";
import { PLANT_SOLIDS, PROTEIN_SOLIDS } from "../material";
import { ifct, material, NO_OIL, usda, usdaSpoon, type Row } from "./write";

const NO_SOLIDS = exact(1, "no undissolved solids to speak of");

interface Base extends Row {
  readonly form?: Form;
  readonly water: Figure;
  readonly oil?: Figure;
  readonly dissolving: Figure;
  readonly solids?: Figure;
  readonly bulk: Figure;
  readonly yieldPa?: Figure;
  readonly makesUp?: true;
}

function base({ form = "soft", water, oil = NO_OIL, dissolving, solids = PLANT_SOLIDS, bulk, yieldPa, makesUp,
  ...row }: Base): Material {
  return material("base", form, row, {
    water, oil, dissolving, solidsDensityGPerMl: solids, bulk,
    holding: yieldPa ? { kind: "ownStiffness", yieldPa } : { kind: "none" },
    ...(makesUp && { makesUp }),
  });
}

export const BASES: readonly Material[] = [
  base({
    id: "yoghurt", names: "yoghurt; curd; dahi | hi दही | hi-Latn dahi | ta-Latn thayir | te-Latn perugu",
    inci: "Yogurt",
    jobs: ["moisture", "soften", "protein"], use: "makers use it as a cool, soft base",
    water: usda(0.879, 0.86, 0.895, "yogurt, plain, whole milk"),
    oil: usda(0.0325, 0.028, 0.04, "yogurt, plain, whole milk, fat"),
    dissolving: usda(0.0466, 0.04, 0.055, "yogurt, plain, whole milk, sugars"),
    solids: PROTEIN_SOLIDS, bulk: usda(1.036, 1.02, 1.06, "yogurt, plain, whole milk, 1 cup 245 g"),
    yieldPa: fromMemory(30, 12, 60, "food-rheology handbooks, stirred yoghurt"),
    colour: [0.96, 0.012, 95], tags: ["dairy", "acid"], makesUp: true,
    acidity: practice(0.0065, 0.005, 0.009, "0.9 % lactic acid"),
  }),
  base({
    id: "strained-curd", names: "strained curd; hung curd; Greek yoghurt; chakka | hi चक्का | hi-Latn chakka",
    inci: "Yogurt",
    jobs: ["moisture", "soften", "protein"], use: "makers use it as a thick base that brings little water",
    water: usda(0.813, 0.76, 0.85, "yogurt, Greek, plain, whole milk"),
    oil: usda(0.05, 0.04, 0.1, "yogurt, Greek, plain, whole milk, fat"),
    dissolving: usda(0.04, 0.03, 0.05, "yogurt, Greek, plain, whole milk, sugars"),
    solids: PROTEIN_SOLIDS, bulk: usda(1.04, 1, 1.08, "yogurt, Greek, plain, 1 container 170 g of 163 ml"),
    yieldPa: fromMemory(120, 60, 220, "food-rheology handbooks, strained yoghurt"),
    colour: [0.97, 0.01, 95], tags: ["dairy", "acid"],
    acidity: practice(0.007, 0.005, 0.01, "about 1 % lactic acid"),
  }),
  base({
    id: "buttermilk", form: "liquid", names: "buttermilk; chaas | hi छाछ | hi-Latn chaas; mattha", inci: "Buttermilk",
    jobs: ["liquid", "soften", "acid"],
    use: "makers use it as a thin, mildly sour liquid",
    water: usda(0.879, 0.87, 0.92, "buttermilk, fluid, whole"),
    oil: usda(0.0331, 0.005, 0.04, "buttermilk, fluid, whole, fat"),
    dissolving: usda(0.0488, 0.04, 0.055, "buttermilk, fluid, whole, sugars"), solids: PROTEIN_SOLIDS,
    bulk: usdaSpoonExact(245, "buttermilk, fluid, whole"), colour: [0.97, 0.01, 95], tags: ["dairy", "acid"], makesUp: true,
    acidity: practice(0.0057, 0.004, 0.008, "0.8 % lactic acid"),
  }),
  base({
    id: "milk", form: "liquid", names: "milk, whole | hi दूध | hi-Latn doodh", inci: "Milk",
    jobs: ["liquid", "soften"], use: "makers use it as a soft liquid",
    water: ifct(86.64, 1.1, "L002"), oil: ifct(4.48, 0.29, "L002", "fat"),
    dissolving: ifct(4.89, 0.2, "L002", "free sugars"), solids: PROTEIN_SOLIDS,
    bulk: fromMemory(1.03, 1.027, 1.034,
      "dairy handbooks: whole milk 1.028–1.033 g/ml at 20 °C; USDA SR Legacy, 1 cup 244 g"), colour: [0.98, 0.008, 95],
    tags: ["dairy"], makesUp: true,
  }),
  base({
    id: "egg", form: "liquid", names: "egg, whole | hi अंडा | hi-Latn anda", inci: "Egg",
    jobs: ["protein", "condition"],
    use: "makers use it for protein; rinse it out cool, or it sets",
    water: ifct(76.51, 0.2, "M001"), oil: ifct(9.15, 0.14, "M001", "fat"),
    dissolving: ifct(0, 0, "M001", "free sugars"), solids: PROTEIN_SOLIDS,
    bulk: usda(1.03, 1.01, 1.04, "egg, whole, raw, 1 cup 243 g"),
    pieceG: usda(50, 44, 56, "egg, whole, raw, 1 large 50 g"), colour: [0.88, 0.12, 88],
    tags: ["egg", "protein", "lingers"],
  }),
  base({
    id: "egg-yolk", form: "liquid", names: "egg yolk", inci: "Egg Yolk", jobs: ["condition", "emulsify"],
    use: "makers use it for richness; rinse it out cool",
    water: ifct(53.57, 0.4, "M003"), oil: ifct(26.34, 0.17, "M003", "fat"),
    dissolving: ifct(0, 0, "M003", "free sugars"), solids: PROTEIN_SOLIDS,
    bulk: usda(1.03, 1.01, 1.05, "egg, yolk, raw, 1 cup 243 g"),
    pieceG: usda(17, 14, 20, "egg, yolk, raw, 1 large 17 g"), colour: [0.82, 0.16, 80],
    tags: ["egg", "protein", "lingers"],
  }),
  base({
    id: "egg-white", form: "liquid", names: "egg white", inci: "Albumen", jobs: ["protein", "oilControl"],
    use: "makers use it on oily hair; rinse it out cool",
    water: ifct(86.68, 0.11, "M002"), oil: ifct(0.06, 0.01, "M002", "fat"),
    dissolving: ifct(0, 0, "M002", "free sugars"), solids: PROTEIN_SOLIDS,
    bulk: usda(1.03, 1.01, 1.05, "egg, white, raw, 1 cup 243 g"),
    pieceG: usda(33, 28, 38, "egg, white, raw, 1 large 33 g"), colour: [0.95, 0.02, 100],
    tags: ["egg", "protein", "lingers"],
  }),
  base({
    id: "honey", form: "liquid", names: "honey; shahad | hi शहद | hi-Latn shahad | sa-Latn madhu | ta-Latn then",
    inci: "Mel", jobs: ["moisture", "shine"],
    use: "makers use it to hold water on the hair",
    water: usda(0.171, 0.155, 0.19, "honey"), oil: usda(0, 0, 0, "honey, fat"),
    dissolving: usda(0.824, 0.81, 0.84, "honey, sugars"), solids: NO_SOLIDS,
    bulk: fromMemory(1.42, 1.4, 1.44, "honey tables, 17–18 % water at 20 °C"), colour: [0.74, 0.14, 68],
    tags: ["honey"],
  }),
  base({
    id: "molasses", form: "liquid", names: "molasses | de Melasse", inci: "Molasses", jobs: ["moisture"],
    use: "makers use it like honey; it is darker and stickier",
    water: usda(0.219, 0.2, 0.25, "molasses"), oil: usda(0.001, 0, 0.002, "molasses, fat"),
    dissolving: usda(0.747, 0.72, 0.78, "molasses, sugars"),
    solids: NO_SOLIDS,
    bulk: usda(1.424, 1.38, 1.46, "molasses, 1 cup 337 g"), colour: [0.3, 0.06, 45],
  }),
  base({
    id: "jaggery", form: "crystals", names: "jaggery; gur | la Saccharum officinarum | hi गुड़ | hi-Latn gur",
    inci: "Saccharum Officinarum Extract", jobs: ["moisture"],
    use: "makers dissolve it for a sticky, holding paste",
    water: ifct(11.2, 0.49, "I001"), oil: ifct(0.16, 0.02, "I001", "fat"),
    dissolving: ifct(84.32, 1, "I001", "free sugars"), bulk: estimate(0.85, 0.7, 1),
    colour: [0.58, 0.11, 65],
  }),
  base({
    id: "aloe-gel",
    names: "aloe gel | la Aloe vera; Aloe barbadensis | hi घृतकुमारी | hi-Latn gwarpatha | sa-Latn kumari",
    inci: "Aloe Barbadensis Leaf Juice", plant: "aloe", jobs: ["slip", "moisture"],
    use: "makers use it for slip; drain the yellow latex from a fresh leaf",
    water: fromMemory(0.985, 0.97, 0.992, "aloe gel reviews: 98.5–99.5 % water"),
    dissolving: practice(0.007, 0.003, 0.012, "about half of its dry matter"),
    bulk: practice(1, 0.99, 1.02, "as water"), yieldPa: estimate(12, 3, 40),
    colour: [0.89, 0.06, 150], tags: ["slip", "fresh", "aloe", "slipSource"],
  }),
  base({
    id: "aloe-leaf", form: "fresh", names: "aloe leaf, fresh | la Aloe vera; Aloe barbadensis | hi-Latn gwarpatha",
    inci: "Aloe Barbadensis Leaf",
    plant: "aloe", jobs: ["slip", "moisture"],
    use: "makers scrape the gel from it; stand it up first until the yellow latex has run out",
    water: fromMemory(0.985, 0.97, 0.992, "aloe gel reviews: 98.5–99.5 % water"),
    dissolving: practice(0.007, 0.003, 0.012, "about half of its dry matter"),
    bulk: practice(0.95, 0.85, 1.02, "filleted, as water"),
    pieceG: practice(250, 120, 450, "a market leaf gives a cup of gel or less"), colour: [0.55, 0.1, 145],
    tags: ["slip", "fresh", "aloe"],
  }),
  base({
    id: "flax-gel", names: "flax seed gel; linseed gel", inci: "Linum Usitatissimum Seed Extract",
    jobs: ["slip", "moisture"],
    use: "makers use it for slip and hold", water: practice(0.985, 0.97, 0.992, "a gel of 1–2 % gum"),
    dissolving: practice(0.005, 0.002, 0.01, "a gel of 1–2 % gum"),
    bulk: practice(1, 0.99, 1.02, "as water"), yieldPa: estimate(10, 3, 30), colour: [0.86, 0.05, 85],
    tags: ["slip", "fresh", "slipSource"],
  }),
  base({
    id: "banana",
    names: "ripe banana, mashed | la Musa × paradisiaca | hi केला | hi-Latn kela | ta-Latn vazhai pazham",
    inci: "Musa Sapientum Fruit",
    jobs: ["moisture", "soften"], use: "makers use it for softness; bits of it are hard to rinse",
    water: ifct(71.93, 0.85, "E012"), oil: ifct(0.33, 0.01, "E012", "fat"),
    dissolving: practice(0.19, 0.15, 0.23, "sugars and soft starch of the ripe fruit"),
    bulk: usda(0.951, 0.9, 1.02, "bananas, raw, mashed, 1 cup 225 g"),
    pieceG: usda(118, 95, 140, "bananas, raw, 1 medium 118 g"),
    yieldPa: estimate(80, 35, 150), colour: [0.91, 0.08, 98], tags: ["fruit"],
  }),
  base({
    id: "avocado", names: "avocado, mashed | la Persea americana | hi-Latn makhanphal",
    inci: "Persea Gratissima Fruit", jobs: ["moisture", "soften"],
    use: "makers use it for rich, dry hair",
    water: ifct(73.56, 1.5, "E007"), oil: ifct(13.86, 1.5, "E007", "fat"),
    dissolving: ifct(1.65, 0.3, "E007", "free sugars"),
    bulk: usda(0.972, 0.92, 1.02, "avocados, raw, pureed, 1 cup 230 g"),
    pieceG: usda(150, 120, 200, "avocados, raw, 1 fruit 136–201 g"),
    yieldPa: estimate(110, 50, 200), colour: [0.8, 0.12, 115], tags: ["fruit", "fresh"],
  }),
  base({
    id: "papaya", names: "papaya, mashed | la Carica papaya | hi पपीता | hi-Latn papita", inci: "Carica Papaya Fruit",
    jobs: ["moisture", "scalp"],
    use: "makers use it for the scalp; its juice can irritate skin",
    water: ifct(91.47, 0.76, "E049"), oil: ifct(0.16, 0.01, "E049", "fat"),
    dissolving: practice(0.065, 0.05, 0.078, "most of its dry matter"),
    bulk: usda(0.973, 0.92, 1.02, "papayas, raw, mashed, 1 cup 230 g"),
    pieceG: usda(304, 150, 500, "papayas, raw, 1 medium 304 g"),
    yieldPa: estimate(30, 10, 70), colour: [0.75, 0.15, 55], tags: ["fruit", "fresh", "irritant"],
  }),
  base({
    id: "pumpkin", names: "pumpkin, mashed | la Cucurbita maxima | hi-Latn kaddu", inci: "Cucurbita Maxima Fruit",
    jobs: ["moisture", "thicken"],
    use: "makers use it cooked as a soft base",
    water: ifct(91.85, 0.45, "D066"), oil: ifct(0.16, 0.02, "D066", "fat"),
    dissolving: ifct(2.97, 0.4, "D066", "free sugars"),
    bulk: usda(1.036, 0.98, 1.08, "pumpkin, canned, 1 cup 245 g"), yieldPa: estimate(50, 20, 110),
    colour: [0.73, 0.15, 62], tags: ["fruit", "fresh"],
  }),
  base({
    id: "amla-fruit",
    names: "amla fruit, fresh pulp; gooseberry | la Phyllanthus emblica | hi आँवला | ta-Latn nellikkai",
    inci: "Phyllanthus Emblica Fruit",
    plant: "amla", jobs: ["condition", "acid"], use: "makers use it where the fruit is fresh",
    water: ifct(87.02, 0.78, "E021"), oil: ifct(0.16, 0.04, "E021", "fat"),
    dissolving: practice(0.075, 0.055, 0.095, "more than half of its dry matter"),
    acidity: practice(0.02, 0.013, 0.028, "about 2 % acid"),
    bulk: estimate(1.02, 0.98, 1.06), pieceG: practice(28, 18, 40, "an amla fruit without its stone"),
    yieldPa: estimate(40, 15, 90), colour: [0.83, 0.1, 115], tags: ["fruit", "acid", "drying", "fresh"],
  }),
  base({
    id: "conditioner", names: "plain conditioner; hair conditioner", jobs: ["soften", "slip"],
    use: "makers use it to float the grit out; keep it off the scalp",
    water: practice(0.88, 0.83, 0.92, "most conditioners are four fifths water or more"),
    oil: practice(0.07, 0.04, 0.11, "5–10 % fatty alcohols and oils"),
    dissolving: estimate(0.02, 0, 0.04), solids: estimate(1, 0.9, 1.1),
    bulk: practice(0.99, 0.96, 1.01, "as water"), yieldPa: estimate(100, 50, 180), colour: [0.95, 0.02, 60],
    tags: ["slip", "conditioner"],
  }),
  base({
    id: "shampoo", form: "liquid", names: "plain shampoo", jobs: ["wash"],
    use: "makers dose herbs into it just before washing",
    water: practice(0.82, 0.75, 0.88, "most shampoos are four fifths water"),
    dissolving: practice(0.17, 0.11, 0.23, "surfactants and salt"),
    solids: NO_SOLIDS, bulk: practice(1.03, 1.01, 1.05, "a little above water"), colour: [0.9, 0.04, 90],
  }),
  base({
    id: "coconut-milk", form: "liquid",
    names:
      "coconut milk, canned | la Cocos nucifera | hi नारियल का दूध | hi-Latn nariyal ka doodh" +
      " | ta-Latn thengai paal",
    inci: "Cocos Nucifera Fruit Extract", jobs: ["moisture", "soften"], use: "makers use it as a rich base",
    water: usda(0.729, 0.67, 0.79, "coconut milk, canned"), oil: usda(0.213, 0.15, 0.25, "coconut milk, canned, fat"),
    dissolving: practice(0.03, 0.02, 0.04, "sugars"), solids: PROTEIN_SOLIDS,
    bulk: usda(0.955, 0.94, 1, "coconut milk, canned, 1 cup 226 g"), yieldPa: estimate(3, 1, 8),
    colour: [0.97, 0.008, 90], tags: ["fresh", "nut"],
    makesUp: true,
  }),
  base({
    id: "coconut-cream", names: "coconut cream | la Cocos nucifera", inci: "Cocos Nucifera Fruit Extract",
    jobs: ["soften", "moisture"],
    use: "makers use it for very dry lengths",
    water: usda(0.539, 0.48, 0.6, "coconut cream, raw"), oil: usda(0.347, 0.28, 0.4, "coconut cream, raw, fat"),
    dissolving: practice(0.05, 0.03, 0.07, "sugars"), solids: PROTEIN_SOLIDS,
    bulk: usda(1.014, 0.95, 1.05, "coconut cream, raw, 1 cup 240 g"), yieldPa: estimate(25, 8, 60),
    colour: [0.98, 0.006, 90], tags: ["fresh", "nut"],
  }),
  base({
    id: "starch-cream", names: "starch cream, cooked; cornstarch cream", inci: "Zea Mays Starch",
    jobs: ["thicken", "slip", "soften"],
    use: "makers cook it to smooth and stretch a mask",
    water: practice(0.9, 0.87, 0.93, "about 30 g of starch to 350 ml"),
    dissolving: practice(0.02, 0, 0.05, "what leaves the grains"), bulk: practice(1.03, 1, 1.05, "as water and starch"),
    yieldPa: estimate(60, 25, 130), colour: [0.95, 0.01, 95], tags: ["slip"],
  }),
  base({
    id: "milk-powder", form: "powder", names: "milk powder | hi दूध पाउडर | hi-Latn doodh powder", inci: "Lac Powder",
    jobs: ["soften", "protein"], use: "makers use it as a dry, soft part",
    water: usda(0.0247, 0.02, 0.05, "milk, dry, whole"), oil: usda(0.2671, 0.24, 0.29, "milk, dry, whole, fat"),
    dissolving: usda(0.64, 0.55, 0.68, "milk, dry, whole: sugars, protein and salts"), solids: PROTEIN_SOLIDS,
    bulk: usda(0.54, 0.46, 0.62, "milk, dry, whole, 1/4 cup 32 g"),
    colour: [0.95, 0.03, 92], tags: ["dairy", "protein", "clumps"],
  }),
  base({
    id: "chia-gel", names: "chia gel | la Salvia hispanica", inci: "Salvia Hispanica Seed Extract",
    jobs: ["slip", "moisture"], use: "makers use it for slip and hold",
    water: practice(0.985, 0.97, 0.992, "a gel of 1–2 % gum"), dissolving: practice(0.004, 0.002, 0.008, "little"),
    bulk: practice(1, 0.99, 1.02, "as water"), yieldPa: estimate(12, 4, 32), colour: [0.86, 0.03, 85],
    tags: ["slip", "fresh", "slipSource"],
  }),
  base({
    id: "okra-gel", names: "okra gel | la Abelmoschus esculentus", inci: "Hibiscus Esculentus Fruit Extract",
    jobs: ["slip", "moisture"], use: "makers use it for slip",
    water: practice(0.98, 0.965, 0.99, "a gel of 1–2 % gum"), dissolving: practice(0.008, 0.004, 0.014, "gum and sugars"),
    bulk: practice(1, 0.99, 1.02, "as water"), yieldPa: estimate(8, 2, 25), colour: [0.84, 0.07, 115],
    tags: ["slip", "fresh", "slipSource"],
  }),
  base({
    id: "aloe-gel-shop", names: "aloe gel from a shop; clear aloe gel", inci: "Aloe Barbadensis Leaf Juice, Carbomer",
    plant: "aloe", notToConfuse: "Mostly water, thickened and preserved; green ones are coloured. Read the list for alcohol.",
    jobs: ["slip", "moisture"], use: "makers use it for slip; it keeps",
    water: practice(0.97, 0.94, 0.985, "as sold"), dissolving: practice(0.02, 0.01, 0.04, "thickener, glycerin, preservative"),
    bulk: practice(1, 0.99, 1.02, "as water"), yieldPa: estimate(60, 25, 120), colour: [0.93, 0.02, 150],
    tags: ["slip", "aloe", "slipSource"],
  }),
  base({
    id: "cucumber", names: "cucumber, grated | la Cucumis sativus | hi खीरा | hi-Latn kheera | ta-Latn vellarikkai",
    inci: "Cucumis Sativus Fruit", jobs: ["moisture"], use: "makers use its juice as a cool liquid",
    water: ifct(92.96, 0.5, "D043"), oil: ifct(0.16, 0.02, "D043", "fat"),
    dissolving: practice(0.03, 0.02, 0.04, "half of its dry matter"),
    bulk: usda(0.9, 0.8, 1, "cucumber, with peel, raw, grated with its juice"), pieceG: usda(300, 200, 400, "cucumber, raw, 1 of 301 g"),
    yieldPa: estimate(8, 2, 25), colour: [0.85, 0.08, 130], tags: ["fruit", "fresh"],
  }),
  base({
    id: "strawberry", names: "strawberry, mashed | la Fragaria × ananassa", inci: "Fragaria Ananassa Fruit",
    jobs: ["acid", "shine"], use: "makers use it in fresh masks",
    water: ifct(92.03, 0.6, "E063"), oil: ifct(0.56, 0.05, "E063", "fat"), dissolving: practice(0.06, 0.045, 0.07, "sugars and acids"),
    acidity: practice(0.009, 0.006, 0.012, "about 1 % acid"),
    bulk: usda(0.98, 0.92, 1.03, "strawberries, raw, pureed, 1 cup 232 g"), pieceG: usda(12, 7, 18, "strawberries, raw, 1 medium 12 g"),
    yieldPa: estimate(20, 7, 50), colour: [0.55, 0.19, 22], tags: ["fruit", "fresh", "acid", "stainsRed"],
  }),
  base({
    id: "mango", names: "mango, mashed | la Mangifera indica | hi आम | hi-Latn aam | ta-Latn mampazham", inci: "Mangifera Indica Fruit",
    plant: "mango-fruit", jobs: ["moisture", "soften"], use: "makers use the ripe pulp in fresh masks",
    water: ifct(88.44, 1, "E036"), oil: ifct(0.55, 0.05, "E036", "fat"), dissolving: practice(0.09, 0.07, 0.11, "sugars"),
    bulk: practice(1.03, 0.98, 1.07, "as other sweet pulps"), pieceG: usda(200, 140, 340, "mangos, raw, 1 fruit without refuse 200–336 g"),
    yieldPa: estimate(45, 18, 100), colour: [0.8, 0.16, 75], tags: ["fruit", "fresh"],
  }),
  base({
    id: "apple", names: "apple, grated | la Malus domestica | hi सेब | hi-Latn seb", inci: "Pyrus Malus Fruit",
    jobs: ["acid", "shine"], use: "makers use it in fresh masks; grated bits are hard to rinse",
    water: usda(0.8556, 0.83, 0.88, "apples, raw, with skin"), oil: usda(0.0017, 0.001, 0.003, "apples, raw, with skin, fat"),
    dissolving: usda(0.115, 0.1, 0.13, "apples, raw, with skin, sugars and acid"), acidity: practice(0.005, 0.003, 0.008, "half a per cent of acid"),
    bulk: practice(0.9, 0.75, 1, "grated, with its juice"), pieceG: usda(182, 130, 240, "apples, raw, 1 medium 182 g"),
    yieldPa: estimate(25, 8, 60), colour: [0.88, 0.07, 100], tags: ["fruit", "fresh", "acid"],
  }),
  base({
    id: "cream", form: "liquid", names: "cream; malai | hi मलाई | hi-Latn malai", inci: "Cream",
    jobs: ["soften", "moisture"], use: "makers use it for very dry lengths",
    water: usda(0.577, 0.52, 0.62, "cream, fluid, heavy whipping"), oil: usda(0.361, 0.3, 0.4, "cream, fluid, heavy whipping, fat"),
    dissolving: usda(0.03, 0.025, 0.04, "cream, fluid, heavy whipping, sugars"), solids: PROTEIN_SOLIDS,
    bulk: usda(1.006, 0.98, 1.02, "cream, fluid, heavy whipping, 1 cup 238 g"), yieldPa: estimate(2, 0.5, 8),
    colour: [0.97, 0.02, 92], tags: ["dairy"],
  }),
  base({
    id: "mayonnaise", names: "mayonnaise", inci: "Oil, Egg, Acetum", jobs: ["soften", "condition"],
    use: "makers use it as oil, egg and vinegar in one; rinse it out cool",
    water: usda(0.216, 0.15, 0.3, "salad dressing, mayonnaise, regular"), oil: usda(0.748, 0.65, 0.8, "salad dressing, mayonnaise, regular, fat"),
    dissolving: practice(0.02, 0.01, 0.04, "sugar, salt and vinegar"), solids: PROTEIN_SOLIDS,
    bulk: usda(0.93, 0.9, 0.97, "mayonnaise, 1 cup 220 g"), yieldPa: fromMemory(90, 50, 160, "food-rheology handbooks, mayonnaise"),
    colour: [0.95, 0.04, 95], tags: ["egg", "lingers"],
  }),
];

/** A cup of something poured, known closer than a cup of powder. */
function usdaSpoonExact(grams: number, food: string): Figure {
  const { value } = usdaSpoon(grams, "cup", food);
  return usda(value, Number((value - 0.02).toFixed(3)), Number((value + 0.02).toFixed(3)), `${food}, 1 cup ${grams} g`);
}
