import { estimate, practice } from "../figure";
import type { Material } from "../material";
import { herb } from "./shapes/herb";
import { extractive, ifct, NO_OIL, phEurWater, usda, usdaSpoon } from "./shapes/write";

const TART = estimate(1.66, 1.3, 2.05, "1.25 ml/g before what dissolves was counted apart");
const PIECES = estimate(0.35, 0.26, 0.45, "dried pieces in a cup");
const LITTLE_OIL = estimate(0.01, 0, 0.025);

export const FRUITS: readonly Material[] = [
  ...herb("fruit", {
    id: "amla",
    names:

        "amla; Indian gooseberry; amalaki | la Phyllanthus emblica; Emblica officinalis | hi आँवला" +
        " | hi-Latn amla | sa-Latn amalaki | ta-Latn nellikkai" +
      " | te-Latn usirikaya | ml-Latn nellikka | kn-Latn betta nelli",
    inci: "Phyllanthus Emblica Fruit Powder",
    jobs: ["condition", "shine", "acid"], use: "makers use it in conditioning masks; it is tart and a little drying",
    colour: [0.66, 0.07, 85],
    tags: ["drying", "acid"], acidity: practice(0.1, 0.05, 0.16, "a tenth of the dried fruit is acid"),
    dissolving: extractive(50, "amalaki, dried"), oil: LITTLE_OIL,
    powder: { holding: TART, bulk: estimate(0.52, 0.44, 0.62) },
    whole: { bulk: PIECES, name: "amla, dried pieces" },
  }),
  ...herb("fruit", {
    id: "reetha",
    names:
      "reetha; soapnut; aritha | la Sapindus mukorossi; Sapindus trifoliatus | hi रीठा | hi-Latn ritha" +
      " | sa-Latn arishtaka | ta-Latn boondi kottai",
    inci: "Sapindus Mukorossi Fruit Powder",
    jobs: ["wash"], use: "makers use it to wash hair; it foams, dries, and stings the eyes badly",
    colour: [0.62, 0.08, 65], tags: ["drying", "saponin"],
    dissolving: estimate(0.4, 0.25, 0.55, "saponins and sugars of the rind"), oil: LITTLE_OIL,
    powder: { holding: estimate(1.5, 1.15, 1.9), bulk: estimate(0.5, 0.42, 0.6) },
    whole: { bulk: practice(0.28, 0.2, 0.36, "empty shells: about 70 g to a cup"), name: "soapnuts, whole",
      pieceG: practice(2.5, 1.8, 3.2, "a soapnut shell weighs 2–3 g") },
  }),
  ...herb("fruit", {
    id: "shikakai",
    names:
      "shikakai | la Senegalia rugata; Acacia concinna | hi शिकाकाई | hi-Latn shikakai | ta-Latn sikakai" +
      " | sa-Latn saptala",
    inci: "Acacia Concinna Fruit Powder",
    jobs: ["wash"], use: "makers use it to wash hair; it stings the eyes", colour: [0.5, 0.07, 62],
    tags: ["drying", "saponin"],
    dissolving: estimate(0.2, 0.1, 0.35), oil: LITTLE_OIL,
    powder: { holding: estimate(1.45, 1.15, 1.8), bulk: estimate(0.5, 0.42, 0.58) },
    whole: { bulk: estimate(0.2, 0.13, 0.28), name: "shikakai pods" },
  }),
  ...herb("fruit", {
    id: "haritaki",
    names: "haritaki; harad | la Terminalia chebula | hi हरड़ | hi-Latn harad | sa-Latn haritaki | ta-Latn kadukkai",
    inci: "Terminalia Chebula Fruit Powder",
    jobs: ["scalp", "colour"], use: "makers use it as one of the three fruits of triphala; with iron it darkens",
    colour: [0.68, 0.08, 90], tags: ["drying"],
    dissolving: extractive(60, "haritaki"), oil: LITTLE_OIL,
    powder: { holding: TART, bulk: estimate(0.55, 0.46, 0.65) },
  }),
  ...herb("fruit", {
    id: "bibhitaki",
    names:
      "bibhitaki; baheda | la Terminalia bellirica | hi बहेड़ा | hi-Latn baheda | sa-Latn bibhitaka" +
      " | ta-Latn tandrikkai",
    inci: "Terminalia Bellerica Fruit Powder",
    jobs: ["scalp"], use: "makers use it as one of the three fruits of triphala", colour: [0.6, 0.07, 80],
    tags: ["drying"],
    dissolving: extractive(35, "bibhitaka"), oil: LITTLE_OIL,
    powder: { holding: TART, bulk: estimate(0.52, 0.44, 0.62) },
  }),
  ...herb("fruit", {
    id: "triphala",
    names: "triphala; three fruits | hi त्रिफला | hi-Latn triphala | sa-Latn triphala | ta-Latn thiripala",
    jobs: ["scalp", "condition"],
    use: "makers use this mixture of amla, haritaki and bibhitaki in equal parts for the scalp",
    colour: [0.62, 0.07, 82],
    tags: ["drying", "acid"], contains: ["amla", "haritaki", "bibhitaki"],
    acidity: practice(0.04, 0.02, 0.07, "a third of it is amla"),
    dissolving: extractive(35, "triphala churna"), oil: LITTLE_OIL,
    powder: { holding: TART, bulk: estimate(0.52, 0.43, 0.62) },
  }),
  ...herb("fruit", {
    id: "orange-peel", names: "orange peel | la Citrus × sinensis | hi संतरे का छिलका | de Orangenschale",
    inci: "Citrus Aurantium Dulcis Peel Powder",
    jobs: ["scent", "oilControl", "shine"], use: "makers use it for scent and shine", colour: [0.76, 0.14, 65],
    tags: [],
    water: phEurWater(10, "bitter-orange epicarp"),
    oil: usda(0.01, 0.004, 0.03, "orange peel, raw, on its dry matter"), dissolving: estimate(0.25, 0.15, 0.35),
    powder: { holding: estimate(2.3, 1.8, 2.9), bulk: estimate(0.48, 0.4, 0.58) },
    whole: { bulk: estimate(0.25, 0.18, 0.33), name: "orange peel, dried strips" },
    fresh: { water: usda(0.725, 0.68, 0.77, "orange peel, raw"), bulk: usdaSpoon(6, "tbsp", "orange peel, raw"),
      name: "orange peel, fresh" },
  }),
  ...herb("fruit", {
    id: "lemon-peel", names: "lemon peel | la Citrus limon | de Zitronenschale", inci: "Citrus Limon Peel Powder",
    jobs: ["scent", "oilControl"], use: "makers use it for scent and for an oily scalp", colour: [0.86, 0.12, 100],
    tags: ["drying"],
    water: phEurWater(10, "citrus peels"), oil: usda(0.016, 0.005, 0.03, "lemon peel, raw, on its dry matter"),
    dissolving: estimate(0.25, 0.15, 0.35),
    powder: { holding: estimate(2.3, 1.8, 2.9), bulk: estimate(0.48, 0.4, 0.58) },
    fresh: { water: usda(0.816, 0.78, 0.85, "lemon peel, raw"), bulk: usdaSpoon(6, "tbsp", "lemon peel, raw"),
      name: "lemon peel, fresh" },
  }),
  ...herb("fruit", {
    id: "rosehip", names: "rosehip | la Rosa canina | de Hagebutte", inci: "Rosa Canina Fruit Powder",
    jobs: ["condition", "acid"], use: "makers use it in masks and brew it for a tart rinse", colour: [0.55, 0.15, 38],
    tags: ["acid"], acidity: practice(0.03, 0.015, 0.05, "dried hips are about 3 % acid"),
    water: phEurWater(10, "dog rose"), oil: usda(0.015, 0.003, 0.03, "rose hips, wild, on their dry matter"),
    dissolving: estimate(0.4, 0.25, 0.5),
    powder: { holding: estimate(2, 1.55, 2.5), bulk: estimate(0.52, 0.42, 0.62) },
    whole: { bulk: estimate(0.45, 0.35, 0.55), name: "rosehips, dried" },
  }),
  ...herb("fruit", {
    id: "bael-fruit",
    names: "bael fruit | la Aegle marmelos | hi बेल | hi-Latn bel; bael | sa-Latn bilva | ta-Latn vilva pazham",
    inci: "Aegle Marmelos Fruit Powder",
    jobs: ["slip", "wash"], use: "makers use the pulp for slip", colour: [0.68, 0.1, 75], tags: ["slip"],
    oil: LITTLE_OIL, dissolving: estimate(0.35, 0.2, 0.5),
    powder: { holding: estimate(2.3, 1.7, 2.9), bulk: estimate(0.55, 0.45, 0.65) },
    fresh: { water: ifct(61.36, 1, "E008"), oil: ifct(0.57, 0.05, "E008", "fat"),
      dissolving: ifct(16.35, 1, "E008", "free sugars"),
      bulk: estimate(1, 0.9, 1.08), name: "bael pulp, fresh" },
  }),
  ...herb("fruit", {
    id: "okra",
    names:
      "okra; lady's fingers | la Abelmoschus esculentus | hi भिंडी | hi-Latn bhindi | ta-Latn vendaikkai" +
      " | te-Latn bendakaya",
    inci: "Hibiscus Esculentus Fruit",
    jobs: ["slip", "moisture"], use: "makers boil the pods for their slip", colour: [0.58, 0.12, 130], tags: ["slip"],
    oil: NO_OIL,
    fresh: { id: "okra", water: ifct(89.06, 0.3, "D056"), oil: ifct(0.22, 0.03, "D056", "fat"),
      dissolving: ifct(0.48, 0.1, "D056", "free sugars"),
      bulk: usdaSpoon(100, "cup", "okra, raw"), name: "okra pods, fresh",
      pieceG: usda(11.9, 8, 16, "okra, raw, 8 pods 95 g") },
  }),
  ...herb("fruit", {
    id: "pomegranate-peel",
    names: "pomegranate peel | la Punica granatum | hi अनार का छिलका | hi-Latn anar chilka | ta-Latn mathulai thol",
    inci: "Punica Granatum Peel Powder",
    notToConfuse: "The peel, full of tannin, darkens with iron; anardana is the sour dried seed.",
    jobs: ["colour", "scalp", "oilControl"], use: "makers use it for a tawny cast; with iron it darkens",
    colour: [0.66, 0.1, 70], tags: ["drying", "stainsBrown"],
    dissolving: practice(0.4, 0.3, 0.5, "a good part is tannin"), oil: LITTLE_OIL,
    powder: { holding: estimate(1.55, 1.2, 1.95), bulk: estimate(0.55, 0.45, 0.65) },
    whole: { bulk: PIECES, name: "pomegranate peel, dried" },
  }),
  ...herb("fruit", {
    id: "majuphal",
    names: "majuphal; oak gall; gallnut | la Quercus infectoria | hi माजूफल | hi-Latn majuphal | ta-Latn masikkai",
    inci: "Quercus Infectoria Gall Powder",
    notToConfuse: "Oak bark is weaker; a gall is a hard ball, half of it tannin.",
    jobs: ["colour", "oilControl"], use: "makers use a little with iron for dark tones; it dries hard",
    colour: [0.62, 0.06, 80], tags: ["drying", "stainsBrown"],
    dissolving: practice(0.55, 0.45, 0.65, "half of a gall is tannin"), oil: LITTLE_OIL,
    powder: { holding: estimate(1.25, 0.95, 1.6), bulk: estimate(0.6, 0.5, 0.72) },
  }),
  ...herb("fruit", {
    id: "walnut-hull",
    names:
      "walnut hull; black walnut hull | la Juglans nigra; Juglans regia | hi अखरोट का छिलका" +
      " | hi-Latn akhrot chilka",
    inci: "Juglans Nigra Shell Powder",
    notToConfuse: "The green outer hull dyes; the ground hard shell is a scrub and colours nothing.",
    jobs: ["colour"], use: "makers use it for brown; it stains skin for weeks and can irritate",
    colour: [0.36, 0.05, 60],
    tags: ["stainsBrown", "drying", "irritant", "nut"],
    dissolving: practice(0.25, 0.17, 0.34, "tannin and juglone's kin"), oil: LITTLE_OIL,
    powder: { holding: estimate(1.6, 1.25, 2), bulk: estimate(0.48, 0.4, 0.58) },
  }),
  ...herb("fruit", {
    id: "kokum", names: "kokum, dried | la Garcinia indica | hi कोकम | hi-Latn kokum | mr-Latn amsul",
    inci: "Garcinia Indica Fruit", plant: "kokum",
    jobs: ["acid", "colour"], use: "makers soak it for a sour, red liquid", colour: [0.32, 0.1, 20],
    tags: ["acid", "stainsRed"], acidity: practice(0.15, 0.1, 0.22, "dried rind is a fifth acid or so"),
    water: practice(0.25, 0.18, 0.32, "soft dried rind"),
    dissolving: practice(0.4, 0.3, 0.5, "acids, sugars and colour"), oil: LITTLE_OIL,
    whole: { id: "kokum", bulk: estimate(0.45, 0.35, 0.55), name: "kokum, dried rind",
      pieceG: practice(3, 2, 5, "a piece weighs about 3 g") },
  }),
  ...herb("fruit", {
    id: "amchur", names: "amchur; dried mango powder | la Mangifera indica | hi अमचूर | hi-Latn amchur",
    inci: "Mangifera Indica Fruit Powder", plant: "mango",
    notToConfuse: "Amchur is the sour green fruit; mango seed butter and mango leaf are other things.",
    jobs: ["acid"], use: "makers use it as a sour powder in dye pastes", colour: [0.76, 0.07, 80], tags: ["acid"],
    acidity: practice(0.15, 0.1, 0.2, "15 % as citric acid"), oil: LITTLE_OIL,
    dissolving: practice(0.55, 0.45, 0.65, "sugars and acids"),
    powder: { holding: estimate(1.2, 0.9, 1.5), bulk: estimate(0.55, 0.45, 0.65) },
  }),
  ...herb("fruit", {
    id: "grapefruit-peel", names: "grapefruit peel | la Citrus × paradisi", inci: "Citrus Paradisi Peel Powder",
    jobs: ["scent", "oilControl"], use: "makers use it for scent", colour: [0.8, 0.11, 85],
    water: phEurWater(10, "citrus peels"), oil: LITTLE_OIL, dissolving: estimate(0.25, 0.15, 0.35),
    powder: { holding: estimate(2.3, 1.8, 2.9), bulk: estimate(0.48, 0.4, 0.58) },
  }),
  ...herb("fruit", {
    id: "jujube", names: "jujube; ber fruit powder | la Ziziphus mauritiana; Ziziphus jujuba | hi बेर | hi-Latn ber",
    inci: "Zizyphus Jujuba Fruit Powder", plant: "jujube",
    notToConfuse: "Sidr is the leaf of the tree and washes; the fruit is sweet and does not.",
    jobs: ["slip", "moisture"], use: "makers use it for slip", colour: [0.56, 0.09, 55], tags: ["slip"],
    dissolving: practice(0.6, 0.5, 0.7, "mostly sugars"), oil: LITTLE_OIL,
    powder: { holding: estimate(1.2, 0.9, 1.6), bulk: estimate(0.6, 0.5, 0.7) },
  }),
];
