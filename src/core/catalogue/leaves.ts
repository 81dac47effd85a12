import { estimate, practice } from "../figure";
import type { Material } from "../material";
import { GUM_SOAK, herb, LEAF_SOAK } from "./herb";
import { extractive, ifct, NO_OIL, phEurWater, usda, usdaSpoon } from "./write";

/** Holding of a leaf powder: models.md's 1.3–2 ml/g, a tenth more where water takes more of it out. */
const LEAF = estimate(1.75, 1.4, 2.15, "leaf powders hold between henna and marshmallow, 1.3–2 ml/g");
const DENSE = estimate(1.6, 1.3, 2, "needles and tough leaves hold a little less than soft ones");
const BULK = estimate(0.4, 0.33, 0.48, "leaf powders fill a spoon alike");
const LOOSE = estimate(0.09, 0.06, 0.13, "loose dried leaf");
const PICKED = estimate(0.13, 0.08, 0.2, "picked leaves, lightly pressed");

export const LEAVES: readonly Material[] = [
  ...herb("leaf", {
    id: "henna",
    names:
      "henna; mehndi | la Lawsonia inermis | hi मेहँदी | hi-Latn mehndi | sa-Latn madayantika" +
      " | ta-Latn maruthani | ar حناء",
    inci: "Lawsonia Inermis Leaf Powder",
    jobs: ["colour"], use: "makers use it to dye hair copper to red", colour: [0.62, 0.1, 118],
    tags: ["dye", "lawsone", "stainsRed", "drying"],
    notToConfuse:
      "Real henna is only this leaf and dyes orange to red. Boxes called black or neutral henna hold other" +
      " plants or other dyes: read the list.",
    water: estimate(0.08, 0.06, 0.11, "calibrated with its holding"),
    oil: estimate(0, 0, 0, "calibrated with its holding"),
    dissolving: estimate(0, 0, 0, "calibrated with its holding"),
    powder: { holding: practice(1.55, 1.25, 1.9, "calibrated: 100 g to about 300 ml"),
      bulk: estimate(0.42, 0.36, 0.5) },
  }),
  ...herb("leaf", {
    id: "indigo",
    names:
      "indigo; vashma; black henna (wrongly) | la Indigofera tinctoria | hi-Latn neel; nili | sa-Latn nilini" +
      " | ta-Latn avuri",
    inci: "Indigofera Tinctoria Leaf Powder",
    jobs: ["colour"],
    use:
      "makers use it after or with henna for brown to black;" +
      " it is mixed with water and a little salt, never with acid, and used within the half hour",
    colour: [0.52, 0.06, 165], tags: ["dye", "indigo", "stainsBlue", "drying"],
    notToConfuse:
      "Sold as black henna, and so are boxes with chemical dyes;" +
      " the leaf alone is green and turns blue-green when wet.",
    powder: { holding: estimate(1.7, 1.35, 2.1), bulk: estimate(0.42, 0.35, 0.5) },
  }),
  ...herb("leaf", {
    id: "cassia",
    names: "cassia; neutral henna | la Senna italica; Cassia obovata; Cassia italica | hi-Latn senai",
    inci: "Cassia Italica Leaf Powder",
    jobs: ["condition", "shine"],
    use: "makers use it like henna for body, with little colour; it tints grey and blond hair yellow",
    colour: [0.66, 0.11, 112],
    tags: ["cassia", "stainsYellow", "drying"],
    notToConfuse:
      "Sold as neutral henna; it is no henna at all and dyes grey hair straw-yellow. Senna leaf (Senna alexandrina)" +
      " is a laxative, avaram (Senna auriculata) another shrub.",
    dissolving: estimate(0.15, 0.07, 0.25), powder: { holding: LEAF, bulk: BULK },
  }),
  ...herb("leaf", {
    id: "brahmi",
    names:
      "brahmi (Bacopa); water hyssop | la Bacopa monnieri | hi ब्राह्मी | hi-Latn brahmi; neer-brahmi" +
      " | sa-Latn brahmi | ta-Latn neer pirami",
    inci: "Bacopa Monnieri Powder",
    jobs: ["scalp", "shine"], use: "makers use it for the scalp and for shine", colour: [0.56, 0.09, 125],
    notToConfuse:
      "Two plants are sold as brahmi: Bacopa (small thick leaves) and gotu kola, Centella (round leaves). The" +
      " Latin name on the bag tells which.",
    water: phEurWater(12, "Bacopa"), dissolving: extractive(15, "brahmi"),
    powder: { holding: estimate(1.8, 1.45, 2.2), bulk: BULK },
    whole: { bulk: LOOSE, name: "brahmi, dried" },
  }),
  ...herb("leaf", {
    id: "gotu-kola",
    names:
      "gotu kola; brahmi (Centella); Indian pennywort | la Centella asiatica | hi-Latn mandukaparni; brahmi" +
      " | sa-Latn mandukaparni | ta-Latn vallarai",
    inci: "Centella Asiatica Leaf Powder",
    jobs: ["scalp"], use: "makers use it for the scalp, and call it brahmi too", colour: [0.57, 0.1, 128],
    notToConfuse:
      "Two plants are sold as brahmi: this one, Centella (round leaves), and Bacopa. They are not the same herb.",
    water: phEurWater(10, "Centella"), dissolving: extractive(20, "mandukaparni"),
    powder: { holding: estimate(1.8, 1.45, 2.25), bulk: BULK },
    whole: { bulk: LOOSE, name: "gotu kola, dried" },
  }),
  ...herb("leaf", {
    id: "bhringraj",
    names:
      "bhringraj; false daisy | la Eclipta prostrata; Eclipta alba | hi भृंगराज | hi-Latn bhangra" +
      " | sa-Latn bhringaraja | ta-Latn karisalankanni",
    inci: "Eclipta Prostrata Powder",
    jobs: ["scalp", "condition"], use: "makers use it for the scalp; no good evidence for growth in people",
    colour: [0.48, 0.06, 120],
    dissolving: extractive(15, "bhringaraja"),
    powder: { holding: estimate(1.8, 1.45, 2.2), bulk: estimate(0.38, 0.31, 0.46) },
    whole: { bulk: LOOSE, name: "bhringraj, dried" },
  }),
  ...herb("leaf", {
    id: "neem-leaf",
    names: "neem leaf | la Azadirachta indica | hi नीम | hi-Latn neem | sa-Latn nimba | ta-Latn veppam",
    inci: "Melia Azadirachta Leaf Powder",
    jobs: ["flakes", "scalp", "oilControl"], use: "makers use it where the scalp flakes", colour: [0.52, 0.1, 130],
    tags: ["drying"],
    dissolving: extractive(19, "nimba, leaf"),
    powder: { tags: ["smells"], holding: estimate(1.7, 1.4, 2.1), bulk: estimate(0.42, 0.35, 0.5) },
    whole: { bulk: LOOSE, name: "neem leaves, dried" },
    fresh: { water: estimate(0.62, 0.55, 0.7), bulk: PICKED, name: "neem leaves, fresh" },
  }),
  ...herb("leaf", {
    id: "moringa-leaf",
    names:

        "moringa leaf; drumstick leaf | la Moringa oleifera | hi सहजन | hi-Latn sahjan; saijan patta" +
        " | ta-Latn murungai keerai | te-Latn mulaga akulu" +
      " | bn-Latn sajna pata",
    inci: "Moringa Oleifera Leaf Powder",
    jobs: ["protein", "condition"], use: "makers use it in conditioning masks", colour: [0.58, 0.12, 132],
    tags: ["protein"],
    powder: { holding: LEAF, bulk: BULK },
    fresh: { water: ifct(75.65, 1.49, "C019"), oil: ifct(1.64, 0.12, "C019", "fat"),
      dissolving: estimate(0.03, 0.01, 0.05), bulk: PICKED, name: "moringa leaves, fresh" },
  }),
  ...herb("leaf", {
    id: "tulsi",
    names:
      "tulsi; holy basil | la Ocimum tenuiflorum; Ocimum sanctum | hi तुलसी | hi-Latn tulsi | sa-Latn tulasi" +
      " | ta-Latn thulasi",
    inci: "Ocimum Sanctum Leaf Powder",
    jobs: ["scalp", "flakes", "scent"], use: "makers use it for an itchy scalp and for its scent",
    colour: [0.5, 0.08, 128],
    dissolving: extractive(13, "tulasi"),
    powder: { holding: LEAF, bulk: estimate(0.4, 0.33, 0.48, "finely ground; dried basil crumbled by hand is 0.28") },
    whole: { bulk: LOOSE, name: "tulsi, dried" },
    fresh: { water: usda(0.92, 0.9, 0.935, "basil, fresh"), bulk: PICKED, name: "tulsi leaves, fresh",
      pieceG: usda(0.5, 0.3, 0.8, "basil, fresh, 5 leaves 2.5 g") },
  }),
  ...herb("leaf", {
    id: "curry-leaf",
    names:

        "curry leaf | la Bergera koenigii; Murraya koenigii | hi करी पत्ता | hi-Latn kari patta; gandhela" +
        " | ta-Latn kariveppilai | te-Latn karivepaku" +
      " | kn-Latn karibevu | sa-Latn girinimba",
    inci: "Murraya Koenigii Leaf Powder",
    jobs: ["scalp", "condition"], use: "makers infuse it in oil and grind it for the lengths", colour: [0.5, 0.09, 122],
    powder: { holding: LEAF, bulk: BULK }, whole: { bulk: LOOSE, name: "curry leaves, dried" },
    fresh: { water: ifct(65.33, 1.57, "G010"), oil: ifct(1.06, 0.04, "G010", "fat"),
      dissolving: estimate(0.04, 0.015, 0.07), bulk: PICKED,
      name: "curry leaves, fresh" },
  }),
  ...herb("leaf", {
    id: "rosemary-leaf", names: "rosemary | la Salvia rosmarinus; Rosmarinus officinalis | de Rosmarin | fr romarin",
    inci: "Rosmarinus Officinalis Leaf Powder",
    jobs: ["scalp", "scent", "shine"], use: "makers brew it for rinses and infuse it in oil", colour: [0.53, 0.06, 130],
    water: usda(0.0931, 0.07, 0.11, "rosemary, dried"), oil: usda(0.152, 0.1, 0.18, "rosemary, dried, fat"),
    dissolving: estimate(0.15, 0.08, 0.22),
    powder: { holding: DENSE, bulk: estimate(0.36, 0.29, 0.44) },
    whole: { bulk: usdaSpoon(1.2, "tsp", "rosemary, dried"), name: "rosemary, dried" },
    fresh: { water: usda(0.678, 0.64, 0.72, "rosemary, fresh"), oil: usda(0.0586, 0.045, 0.07, "rosemary, fresh, fat"),
      bulk: usdaSpoon(1.7, "tbsp", "rosemary, fresh"), name: "rosemary, fresh" },
  }),
  ...herb("leaf", {
    id: "sage-leaf", names: "sage | la Salvia officinalis | de Salbei | fr sauge",
    inci: "Salvia Officinalis Leaf Powder",
    jobs: ["colour", "scalp", "scent"], use: "makers brew it for rinses that deepen grey a little",
    colour: [0.58, 0.05, 125],
    water: usda(0.0796, 0.06, 0.1, "sage, ground"), oil: usda(0.1275, 0.09, 0.15, "sage, ground, fat"),
    dissolving: estimate(0.15, 0.08, 0.22),
    powder: { holding: LEAF, bulk: estimate(0.35, 0.28, 0.42, "finely ground") },
    whole: { bulk: LOOSE, name: "sage, dried" },
    notToConfuse:
      "Ground sage from a spice rack is mostly rubbed: fluffy, a third as heavy by the spoon as fine powder.",
  }),
  ...herb("leaf", {
    id: "sage-rubbed", names: "sage, rubbed | la Salvia officinalis | de Salbei, gerebelt",
    inci: "Salvia Officinalis Leaf", plant: "sage-leaf",
    jobs: ["colour", "scalp", "scent"], use: "makers brew it for rinses; it is too light and coarse for a paste",
    colour: [0.6, 0.05, 125],
    water: usda(0.0796, 0.06, 0.1, "sage, ground"), oil: usda(0.1275, 0.09, 0.15, "sage, ground, fat"),
    dissolving: estimate(0.15, 0.08, 0.22),
    whole: { id: "sage-rubbed", bulk: usdaSpoon(0.7, "tsp", "sage, ground, which is rubbed"), name: "sage, rubbed" },
  }),
  ...herb("leaf", {
    id: "nettle-leaf",
    names: "nettle leaf; stinging nettle | la Urtica dioica | hi-Latn bichhu buti | de Brennnessel | fr ortie",
    inci: "Urtica Dioica Leaf Powder",
    jobs: ["scalp", "condition"], use: "makers brew it for rinses; no good evidence for growth",
    colour: [0.45, 0.08, 135],
    water: phEurWater(12, "nettle leaf"), dissolving: estimate(0.18, 0.1, 0.25), powder: { holding: LEAF, bulk: BULK },
    whole: { bulk: LOOSE, name: "nettle leaf, dried" },
    fresh: { water: estimate(0.82, 0.78, 0.86, "raw tops; blanched ones hold 0.88"),
      bulk: practice(0.1, 0.06, 0.15, "raw tops, lightly pressed"), name: "nettle tops, fresh", tags: ["irritant"] },
  }),
  ...herb("leaf", {
    id: "horsetail", names: "horsetail | la Equisetum arvense | de Schachtelhalm | fr prêle",
    inci: "Equisetum Arvense Powder",
    jobs: ["condition", "shine"], use: "makers brew it long for rinses; it is rich in silica",
    colour: [0.56, 0.07, 125],
    water: phEurWater(10, "equisetum stem"), dissolving: estimate(0.15, 0.08, 0.22),
    powder: { holding: DENSE, bulk: estimate(0.36, 0.29, 0.45) },
    whole: { bulk: LOOSE, name: "horsetail, dried" },
  }),
  ...herb("leaf", {
    id: "peppermint-leaf",
    names: "peppermint; mint | la Mentha × piperita | hi-Latn vilayati pudina | de Pfefferminze",
    notToConfuse: "The mint of Indian markets, pudina, is spearmint: milder, and it does not cool.",
    inci: "Mentha Piperita Leaf Powder",
    jobs: ["scalp", "scent"], use: "makers brew it for a cool rinse", colour: [0.47, 0.08, 140],
    water: phEurWater(11, "peppermint leaf"), dissolving: estimate(0.2, 0.12, 0.28),
    powder: { holding: LEAF, bulk: estimate(0.36, 0.29, 0.45) },
    whole: { bulk: LOOSE, name: "peppermint, dried" },
    fresh: { water: usda(0.787, 0.75, 0.84, "peppermint, fresh"), bulk: usdaSpoon(1.6, "tbsp", "peppermint, fresh"),
      name: "peppermint leaves, fresh" },
  }),
  ...herb("leaf", {
    id: "spearmint-leaf",
    names: "spearmint; mint; pudina | la Mentha spicata | hi पुदीना | hi-Latn pudina | ta-Latn pudina | te-Latn pudina",
    inci: "Mentha Viridis Leaf Powder",
    notToConfuse: "Peppermint cools the scalp and stings sore skin; spearmint does neither.",
    jobs: ["scalp", "scent"], use: "makers brew it for a mild, fresh rinse", colour: [0.5, 0.1, 138],
    water: usda(0.113, 0.09, 0.13, "spearmint, dried"), oil: usda(0.06, 0.04, 0.08, "spearmint, dried, fat"),
    dissolving: estimate(0.2, 0.12, 0.28),
    powder: { holding: LEAF, bulk: estimate(0.36, 0.29, 0.45) },
    whole: { bulk: usdaSpoon(0.5, "tsp", "spearmint, dried"), name: "spearmint, dried" },
    fresh: { water: ifct(84.24, 0.71, "G016"), oil: ifct(0.65, 0.05, "G016", "fat"),
      bulk: practice(0.12, 0.08, 0.18, "picked leaves, lightly pressed"), name: "spearmint leaves, fresh" },
  }),
  ...herb("leaf", {
    id: "thyme-leaf", names: "thyme | la Thymus vulgaris | de Thymian", inci: "Thymus Vulgaris Leaf Powder",
    jobs: ["scalp", "flakes", "scent"], use: "makers brew it for a rinse where the scalp flakes",
    colour: [0.52, 0.06, 115],
    water: usda(0.0779, 0.06, 0.1, "thyme, dried"), oil: usda(0.0743, 0.05, 0.09, "thyme, dried, fat"),
    powder: { holding: DENSE, bulk: usdaSpoon(1.4, "tsp", "thyme, dried, ground") },
    whole: { bulk: usdaSpoon(1, "tsp", "thyme, dried, leaves"), name: "thyme, dried" },
  }),
  ...herb("leaf", {
    id: "bay-leaf", names: "bay leaf; laurel | la Laurus nobilis | de Lorbeer", inci: "Laurus Nobilis Leaf Powder",
    notToConfuse: "Indian bay, tej patta (Cinnamomum tamala), is another leaf with three long veins.",
    jobs: ["scent", "scalp"], use: "makers brew it for rinses", colour: [0.57, 0.06, 115],
    water: usda(0.0544, 0.04, 0.09, "bay leaf"), oil: usda(0.0836, 0.06, 0.1, "bay leaf, fat"), whole: { id: "bay-leaf",
      bulk: usdaSpoon(0.6, "tsp", "bay leaf, crumbled"), name: "bay leaves, dried",
      pieceG: practice(0.2, 0.1, 0.35, "a dried bay leaf is about a fifth of a gram") },
  }),
  ...herb("leaf", {
    id: "fenugreek-leaf",
    names:
      "fenugreek leaf; kasuri methi | la Trigonella foenum-graecum | hi मेथी पत्ता" +
      " | hi-Latn kasuri methi; methi patta",
    inci: "Trigonella Foenum-Graecum Leaf Powder",
    notToConfuse: "The leaf is not the seed: it has scent but little slip. Fenugreek seed gives the gum.",
    jobs: ["scalp", "scent"], use: "makers use it for the scalp; unlike the seed it gives little slip",
    colour: [0.53, 0.09, 122],
    powder: { holding: LEAF, bulk: BULK }, whole: { bulk: LOOSE, name: "fenugreek leaves, dried" },
    fresh: { water: ifct(86.73, 0.66, "C020"), oil: ifct(0.83, 0.02, "C020", "fat"),
      dissolving: ifct(0.88, 0.2, "C020", "free sugars"), bulk: PICKED,
      name: "fenugreek leaves, fresh" },
  }),
  ...herb("leaf", {
    id: "green-tea", names: "green tea; matcha | la Camellia sinensis | ja 抹茶 | ja-Latn matcha",
    inci: "Camellia Sinensis Leaf Powder", plant: "tea-green",
    jobs: ["scalp", "shine"], use: "makers brew it for rinses and put matcha in masks", colour: [0.62, 0.13, 122],
    tags: ["tea"],
    water: estimate(0.05, 0.03, 0.08),
    dissolving: practice(0.35, 0.28, 0.42, "a third of a tea leaf goes into the cup"),
    powder: { holding: estimate(1.6, 1.25, 2),
      bulk: practice(0.41, 0.33, 0.5, "matcha: about 2 g to a level teaspoon") },
    whole: { bulk: estimate(0.2, 0.13, 0.28), name: "green tea, loose" },
  }),
  ...herb("leaf", {
    id: "black-tea-leaf",
    names: "black tea, loose; tea bag | la Camellia sinensis | hi चाय पत्ती | hi-Latn chai patti",
    inci: "Camellia Sinensis Leaf",
    plant: "tea-black",
    jobs: ["colour", "liquid"], use: "makers brew it strong for dye pastes and rinses", colour: [0.32, 0.05, 45],
    tags: ["tea", "stainsBrown"],
    water: practice(0.06, 0.04, 0.08, "ISO 3720 and trade: a few per cent"),
    dissolving: practice(0.35, 0.32, 0.45, "ISO 3720: water extract not less than 32 %, from memory"),
    whole: { id: "black-tea-leaf", bulk: practice(0.4, 0.3, 0.5, "2 g to a teaspoon"), name: "black tea, dry",
      pieceG: practice(2, 1.8, 2.5, "a tea bag holds about 2 g") },
  }),
  ...herb("leaf", {
    id: "hibiscus-leaf", names: "hibiscus leaf | la Hibiscus rosa-sinensis | hi गुड़हल पत्ता | ta-Latn semparuthi ilai",
    inci: "Hibiscus Rosa-Sinensis Leaf Powder", plant: "hibiscus-leaf",
    jobs: ["slip", "wash"], use: "makers crush the leaf for its slip", colour: [0.47, 0.09, 135], tags: ["slip"],
    powder: { holding: estimate(2.1, 1.6, 2.7), bulk: BULK },
    fresh: { water: estimate(0.8, 0.74, 0.86), bulk: PICKED, name: "hibiscus leaves, fresh" },
  }),
  ...herb("leaf", {
    id: "aloe-powder",
    names:
      "aloe leaf powder | la Aloe vera; Aloe barbadensis | hi घृतकुमारी | hi-Latn gheekumari; gwarpatha" +
      " | sa-Latn kumari",
    inci: "Aloe Barbadensis Leaf Powder", plant: "aloe",
    jobs: ["slip", "moisture"], use: "makers use it for slip where there is no fresh gel", colour: [0.72, 0.07, 105],
    tags: ["slip", "aloe", "clumps"],
    notToConfuse: "Whole-leaf powder is no inner-leaf powder, sold as 100× or 200×: of that a teaspoon makes a litre.",
    oil: NO_OIL, dissolving: estimate(0.35, 0.2, 0.5),
    powder: { holding: estimate(2.4, 1.7, 3.2), bulk: estimate(0.45, 0.36, 0.55), soak: LEAF_SOAK },
  }),
  ...herb("leaf", {
    id: "kelp",
    names: "kelp powder; seaweed; sugar kelp | la Saccharina latissima; Laminaria saccharina | de Zuckertang",
    notToConfuse: "Bladderwrack (Fucus) is another seaweed, with less gel and more iodine.",
    inci: "Laminaria Saccharina Powder",
    jobs: ["slip", "moisture"], use: "makers use it for slip; it smells of the sea", colour: [0.42, 0.05, 120],
    tags: ["slip", "clumps", "smells", "lingers"],
    oil: usda(0.006, 0.004, 0.03, "seaweed, kelp, fat"), dissolving: estimate(0.12, 0.05, 0.2),
    powder: { holding: estimate(3.2, 2.4, 4), bulk: estimate(0.6, 0.5, 0.72) },
  }),
  ...herb("leaf", {
    id: "sidr",
    names:
      "sidr; jujube leaf; beri leaf | la Ziziphus spina-christi; Ziziphus mauritiana | ar سدر | hi बेर पत्ता" +
      " | hi-Latn ber patta",
    inci: "Ziziphus Spina-Christi Leaf Powder",
    jobs: ["wash", "slip", "condition"], use: "makers wash hair with it; it is slippery and leaves dye in",
    notToConfuse: "Jujube fruit powder is another thing; sidr is the leaf, green and slimy when wet.",
    colour: [0.6, 0.09, 115], tags: ["slip", "saponin"], dissolving: estimate(0.2, 0.12, 0.3),
    powder: { holding: estimate(2.1, 1.65, 2.6), bulk: BULK, soak: GUM_SOAK, tags: ["slipSource"] },
  }),
  ...herb("leaf", {
    id: "arappu", names: "arappu; arappu thool | la Albizia amara | ta அரப்பு | ta-Latn arappu",
    inci: "Albizia Amara Leaf Powder",
    jobs: ["wash", "condition"], use: "makers wash hair with it; milder than shikakai", colour: [0.58, 0.08, 112],
    tags: ["saponin"], dissolving: estimate(0.18, 0.1, 0.26), powder: { holding: LEAF, bulk: BULK },
  }),
  ...herb("leaf", {
    id: "katam", names: "katam; buxus | la Buxus dioica | ar كتم",
    inci: "Buxus Dioica Leaf Powder",
    notToConfuse: "Katam is often mistaken for indigo; it darkens henna to brown-violet and wants no salt.",
    jobs: ["colour"], use: "makers mix it into henna for brown; it dyes for weeks", colour: [0.55, 0.06, 130],
    tags: ["dye", "stainsBrown", "drying"], powder: { holding: estimate(1.65, 1.3, 2.05), bulk: BULK },
  }),
  ...herb("leaf", {
    id: "avaram",
    names:
      "avaram; avarampoo leaf; tanner's cassia | la Senna auriculata; Cassia auriculata | hi-Latn tarwar" +
      " | ta ஆவாரை | ta-Latn avarai; avaram",
    inci: "Cassia Auriculata Leaf Powder",
    notToConfuse:
      "Cassia, sold as neutral henna, is Senna italica; this is a shrub with yellow flowers, and tints less.",
    jobs: ["condition", "shine", "wash"], use: "makers put leaf or flower in wash powders", colour: [0.64, 0.1, 110],
    tags: ["drying"], dissolving: estimate(0.18, 0.1, 0.26), powder: { holding: LEAF, bulk: BULK },
  }),
  ...herb("leaf", {
    id: "bladderwrack", names: "bladderwrack | la Fucus vesiculosus | de Blasentang",
    inci: "Fucus Vesiculosus Powder",
    notToConfuse: "Kelp is another seaweed, with more gel; bladderwrack has much iodine.",
    jobs: ["moisture", "slip"], use: "makers brew it or use a little; it smells of the sea", colour: [0.38, 0.04, 110],
    tags: ["slip", "smells", "lingers"],
    water: phEurWater(15, "bladder wrack"), oil: estimate(0.02, 0.01, 0.04), dissolving: estimate(0.3, 0.2, 0.4),
    powder: { holding: estimate(2.6, 1.9, 3.4), bulk: estimate(0.6, 0.5, 0.72) },
    whole: { bulk: estimate(0.2, 0.13, 0.28), name: "bladderwrack, cut" },
  }),
  ...herb("leaf", {
    id: "spirulina", names: "spirulina | la Arthrospira platensis; Spirulina platensis",
    inci: "Spirulina Platensis Powder",
    notToConfuse: "Chlorella is another alga; both stain pale hair green.",
    jobs: ["protein", "condition"], use: "makers use a spoon of it for protein; it can tint pale hair green",
    colour: [0.4, 0.07, 170], tags: ["protein", "smells", "clumps", "stainsBlue"],
    water: usda(0.0468, 0.03, 0.07, "seaweed, spirulina, dried"),
    oil: usda(0.0772, 0.05, 0.09, "seaweed, spirulina, dried, fat"),
    dissolving: estimate(0.35, 0.2, 0.5, "proteins and sugars"),
    powder: { holding: estimate(1.4, 1, 1.9), bulk: usdaSpoon(7, "tbsp", "seaweed, spirulina, dried") },
  }),
  ...herb("leaf", {
    id: "guava-leaf",
    names: "guava leaf | la Psidium guajava | hi अमरूद पत्ता | hi-Latn amrood patta | ta-Latn koyya ilai",
    inci: "Psidium Guajava Leaf Powder",
    jobs: ["scalp", "shine"], use: "makers boil it for a rinse; no good evidence for growth", colour: [0.52, 0.08, 122],
    tags: ["drying"], dissolving: estimate(0.18, 0.1, 0.26),
    powder: { holding: LEAF, bulk: BULK }, whole: { bulk: LOOSE, name: "guava leaves, dried" },
    fresh: { water: estimate(0.62, 0.55, 0.7), bulk: PICKED, name: "guava leaves, fresh",
      pieceG: practice(1.2, 0.8, 1.8, "a guava leaf weighs a little over a gram") },
  }),
  ...herb("leaf", {
    id: "lemongrass", names: "lemongrass | la Cymbopogon citratus | hi-Latn gandh tran | de Zitronengras",
    inci: "Cymbopogon Citratus Leaf",
    notToConfuse: "Citronella grass is harsher and keeps insects off; lemongrass is the kitchen's.",
    jobs: ["scent", "scalp"], use: "makers brew it for a fresh rinse", colour: [0.68, 0.09, 112],
    whole: { id: "lemongrass", bulk: estimate(0.12, 0.08, 0.17), name: "lemongrass, dried, cut" },
    dissolving: estimate(0.18, 0.1, 0.26),
  }),
  ...herb("leaf", {
    id: "tej-patta", names: "tej patta; Indian bay leaf | la Cinnamomum tamala | hi तेज पत्ता | hi-Latn tej patta",
    inci: "Cinnamomum Tamala Leaf",
    notToConfuse: "European bay (Laurus nobilis) has one main vein; tej patta three long ones and a scent of cinnamon.",
    jobs: ["scent"], use: "makers brew it for scent", colour: [0.55, 0.06, 110],
    whole: { id: "tej-patta", bulk: estimate(0.07, 0.04, 0.1), name: "tej patta, dried",
      pieceG: practice(0.4, 0.2, 0.7, "a dried leaf is under half a gram") },
  }),
  ...herb("leaf", {
    id: "betel-leaf", names: "betel leaf; paan | la Piper betle | hi पान का पत्ता | hi-Latn paan | ta-Latn vetrilai",
    inci: "Piper Betle Leaf",
    jobs: ["scalp", "scent"], use: "makers grind or boil it for the scalp; it can sting", colour: [0.48, 0.12, 138],
    tags: ["irritant"],
    fresh: { id: "betel-leaf", water: estimate(0.86, 0.82, 0.9), bulk: PICKED, name: "betel leaves, fresh",
      pieceG: practice(3.5, 2, 5, "a leaf weighs 3–4 g") },
  }),
  ...herb("leaf", {
    id: "mango-leaf", names: "mango leaf | la Mangifera indica | hi आम का पत्ता | hi-Latn aam patta | ta-Latn maa ilai",
    inci: "Mangifera Indica Leaf Powder",
    jobs: ["shine", "scalp"], use: "makers boil it or put its powder in wash pastes", colour: [0.5, 0.07, 118],
    tags: ["drying"], powder: { holding: LEAF, bulk: BULK },
  }),
  ...herb("leaf", {
    id: "aloe-inner-hundred", names: "aloe inner-leaf powder, 100× | la Aloe vera; Aloe barbadensis",
    inci: "Aloe Barbadensis Leaf Juice Powder", plant: "aloe",
    notToConfuse:
      "100 parts of gel dried to one: 10 g make a litre of juice. Whole-leaf powder is another, coarser thing.",
    jobs: ["slip", "moisture"], use: "makers dissolve a pinch in water for aloe juice", colour: [0.94, 0.02, 95],
    tags: ["slip", "aloe", "clumps"], oil: NO_OIL, water: practice(0.06, 0.03, 0.08, "spray-dried powders"),
    dissolving: practice(0.9, 0.85, 0.94, "it dissolves clear"),
    powder: { holding: estimate(0.3, 0.15, 0.6), bulk: practice(0.55, 0.45, 0.65, "spray-dried powders") },
  }),
  ...herb("leaf", {
    id: "aloe-inner-two-hundred", names: "aloe inner-leaf powder, 200× | la Aloe vera; Aloe barbadensis",
    inci: "Aloe Barbadensis Leaf Juice Powder", plant: "aloe",
    notToConfuse: "200 parts of gel dried to one: 5 g make a litre of juice. The jar says which.",
    jobs: ["slip", "moisture"], use: "makers dissolve a pinch in water for aloe juice", colour: [0.96, 0.015, 95],
    tags: ["slip", "aloe", "clumps"], oil: NO_OIL, water: practice(0.06, 0.03, 0.08, "freeze-dried powders"),
    dissolving: practice(0.91, 0.86, 0.95, "it dissolves clear"),
    powder: { holding: estimate(0.3, 0.15, 0.6), bulk: practice(0.35, 0.25, 0.5, "freeze-dried powders are fluffy") },
  }),
];
