import { estimate, practice } from "../figure";
import type { Material } from "../material";
import { GUM_SOAK, herb } from "./shapes/herb";
import { extractive, phEurWater, usda, usdaSpoon } from "./shapes/write";

const PETAL = estimate(2, 1.55, 2.5, "petals hold a little more than leaves");
const BULK = estimate(0.42, 0.34, 0.5, "petal powders fill a spoon alike");
const LOOSE = estimate(0.06, 0.035, 0.09, "loose dried flowers");
const HEADS = practice(0.09, 0.06, 0.12, "small dried heads: about 20 g to a cup");
const LITTLE_OIL = estimate(0.02, 0.005, 0.04);
const PETALS_DISSOLVE = practice(0.25, 0.15, 0.35, "flowers give up about a quarter to hot water");

export const FLOWERS: readonly Material[] = [
  ...herb("flower", {
    id: "hibiscus-flower",
    names:
      "hibiscus flower; shoe flower | la Hibiscus rosa-sinensis | hi गुड़हल | hi-Latn gudhal; japa" +
      " | sa-Latn japa | ta-Latn semparuthi",
    inci: "Hibiscus Rosa-Sinensis Flower Powder",
    jobs: ["slip", "colour", "condition"], use: "makers use it for slip and a red cast", colour: [0.42, 0.14, 10],
    tags: ["stainsRed", "slip"],
    notToConfuse: "Roselle (Hibiscus sabdariffa), sold for tea, is sour and stains more; the shoe flower is slippery.",
    dissolving: estimate(0.15, 0.08, 0.25), oil: LITTLE_OIL, powder: { holding: estimate(2.05, 1.6, 2.55), bulk: BULK },
    whole: { bulk: LOOSE, name: "hibiscus flowers, dried",
      pieceG: practice(0.4, 0.25, 0.6, "a dried flower is a little under half a gram") },
    fresh: { water: estimate(0.89, 0.86, 0.92), bulk: estimate(0.1, 0.06, 0.15), name: "hibiscus flowers, fresh",
      pieceG: practice(4, 2.5, 6, "a picked flower weighs about 4 g") },
  }),
  ...herb("flower", {
    id: "roselle",
    names: "roselle; hibiscus tea flower | la Hibiscus sabdariffa | es jamaica | ar كركديه | hi-Latn lal ambadi",
    inci: "Hibiscus Sabdariffa Flower Powder",
    jobs: ["colour", "acid"], use: "makers brew it for a red, tart rinse", colour: [0.36, 0.14, 15],
    tags: ["stainsRed", "acid"], acidity: practice(0.18, 0.12, 0.28, "dried calyces are a fifth acid or more"),
    notToConfuse: "Sold as hibiscus too; the shoe flower (Hibiscus rosa-sinensis) is the slippery one.",
    water: phEurWater(11, "roselle"), oil: usda(0.0075, 0.003, 0.03, "roselle, raw, on its dry matter"),
    dissolving: practice(0.4, 0.3, 0.5,
      "acids and colour go into the tea"), powder: { holding: estimate(1.8, 1.4, 2.3), bulk: BULK },
      whole: { bulk: practice(0.12, 0.08, 0.17, "dried calyces: about 30 g to a cup"), name: "roselle, dried",
      pieceG: practice(0.6, 0.4, 0.9, "a dried calyx is about half a gram") },
  }),
  ...herb("flower", {
    id: "rose-petal",
    names:
      "rose petal | la Rosa × damascena; Rosa centifolia | hi गुलाब | hi-Latn gulab | sa-Latn shatapatri" +
      " | ta-Latn roja",
    inci: "Rosa Damascena Flower Powder",
    jobs: ["scent", "shine", "moisture"], use: "makers use it for scent and softness", colour: [0.55, 0.11, 5],
    oil: LITTLE_OIL, dissolving: PETALS_DISSOLVE, powder: { holding: PETAL, bulk: BULK },
    whole: { bulk: LOOSE, name: "rose petals, dried" },
    fresh: { water: estimate(0.84, 0.8, 0.88), bulk: estimate(0.06, 0.04, 0.09), name: "rose petals, fresh" },
  }),
  ...herb("flower", {
    id: "chamomile", names: "chamomile | la Matricaria chamomilla | de Kamille | hi-Latn babuna",
    inci: "Chamomilla Recutita Flower Powder",
    jobs: ["colour", "scalp"], use: "makers brew it to brighten blond hair; people allergic to daisies react to it",
    colour: [0.82, 0.12, 95], tags: ["stainsYellow"],
    water: phEurWater(12, "matricaria flower"), oil: LITTLE_OIL, dissolving: PETALS_DISSOLVE,
    powder: { holding: PETAL, bulk: BULK },
    whole: { bulk: HEADS, name: "chamomile, dried" },
  }),
  ...herb("flower", {
    id: "lavender-flower", names: "lavender flower | la Lavandula angustifolia | de Lavendel | fr lavande",
    inci: "Lavandula Angustifolia Flower Powder",
    jobs: ["scent", "scalp"], use: "makers brew it for scent", colour: [0.55, 0.08, 300],
    water: phEurWater(10, "lavender flower"), oil: LITTLE_OIL, dissolving: PETALS_DISSOLVE,
    whole: { id: "lavender-flower", bulk: practice(0.12, 0.08, 0.17, "a tablespoon of dried lavender is about 1.7 g"),
      name: "lavender, dried" },
  }),
  ...herb("flower", {
    id: "calendula", names: "calendula; pot marigold | la Calendula officinalis | de Ringelblume",
    inci: "Calendula Officinalis Flower Powder",
    jobs: ["scalp", "colour"], use: "makers infuse it in oil and brew it for rinses", colour: [0.74, 0.16, 62],
    water: phEurWater(12, "calendula flower"), oil: LITTLE_OIL, dissolving: PETALS_DISSOLVE,
    powder: { holding: PETAL, bulk: BULK },
    whole: { bulk: LOOSE, name: "calendula, dried" },
  }),
  ...herb("flower", {
    id: "clove", names: "clove | la Syzygium aromaticum | hi लौंग | hi-Latn laung | sa-Latn lavanga | ta-Latn kirambu",
    inci: "Eugenia Caryophyllus Bud Powder",
    jobs: ["scent", "colour"], use: "makers brew it with dye pastes and infuse it; strong, and an irritant undiluted",
    colour: [0.35, 0.05, 45],
    tags: ["irritant"],
    water: usda(0.0987, 0.07, 0.12, "cloves, ground"), oil: usda(0.13, 0.1, 0.2, "cloves, ground, fat"),
    dissolving: extractive(9, "lavanga"),
      powder: { holding: estimate(1.3, 1, 1.7), bulk: usdaSpoon(2.1, "tsp", "cloves, ground") },
      whole: { bulk: practice(0.38, 0.3, 0.46, "a teaspoon of whole cloves is about 2 g"), name: "cloves, whole",
      pieceG: practice(0.08, 0.05, 0.12, "a clove is less than a tenth of a gram") },
  }),
  ...herb("flower", {
    id: "linden-flower", names: "linden flower; lime blossom | la Tilia cordata | de Lindenblüten",
    inci: "Tilia Cordata Flower Powder",
    jobs: ["slip", "scalp"], use: "makers brew it for a soft, slippery rinse", colour: [0.76, 0.09, 105],
    tags: ["slip"],
    water: phEurWater(12, "lime flower"), oil: LITTLE_OIL, dissolving: PETALS_DISSOLVE,
    powder: { holding: estimate(2.3, 1.7, 3), bulk: BULK, soak: GUM_SOAK },
    whole: { bulk: LOOSE, name: "linden flowers, dried" },
  }),
  ...herb("flower", {
    id: "marigold", names: "marigold; genda | la Tagetes erecta | hi गेंदा | hi-Latn genda | ta-Latn thulukka samanthi",
    inci: "Tagetes Erecta Flower Powder",
    notToConfuse: "Calendula is pot marigold, another flower; Tagetes can make skin tender in the sun.",
    jobs: ["colour", "scalp"], use: "makers brew it for a golden rinse", colour: [0.74, 0.17, 65],
    tags: ["stainsYellow", "phototoxic"], oil: LITTLE_OIL, dissolving: PETALS_DISSOLVE,
    powder: { holding: PETAL, bulk: BULK }, whole: { bulk: HEADS, name: "marigold heads, dried" },
  }),
  ...herb("flower", {
    id: "avarampoo", names: "avarampoo; tanner's cassia flower | la Senna auriculata | ta ஆவாரம்பூ | ta-Latn avarampoo",
    inci: "Cassia Auriculata Flower Powder", plant: "avaram-flower",
    jobs: ["condition", "shine"], use: "makers put it in wash powders and brew it", colour: [0.78, 0.15, 90],
    tags: ["stainsYellow"], oil: LITTLE_OIL, dissolving: PETALS_DISSOLVE,
    powder: { holding: PETAL, bulk: BULK }, whole: { bulk: LOOSE, name: "avarampoo, dried" },
  }),
  ...herb("flower", {
    id: "butterfly-pea",
    names:
      "butterfly pea flower; aparajita | la Clitoria ternatea | hi अपराजिता | hi-Latn aparajita" +
      " | ta-Latn sangu poo",
    inci: "Clitoria Ternatea Flower Powder",
    jobs: ["colour"], use: "makers brew it for a blue cast against brass", colour: [0.35, 0.12, 275],
    tags: ["stainsBlue"], oil: LITTLE_OIL, dissolving: PETALS_DISSOLVE,
    powder: { holding: PETAL, bulk: BULK }, whole: { bulk: LOOSE, name: "butterfly pea flowers, dried" },
  }),
  ...herb("flower", {
    id: "jasmine-flower", names: "jasmine flower | la Jasminum sambac | hi मोगरा | hi-Latn mogra | ta-Latn malli",
    inci: "Jasminum Sambac Flower",
    jobs: ["scent"], use: "makers infuse it for scent", colour: [0.9, 0.04, 95], oil: LITTLE_OIL,
    dissolving: PETALS_DISSOLVE,
    whole: { id: "jasmine-flower", bulk: LOOSE, name: "jasmine flowers, dried" },
  }),
];
