import { estimate, exact, practice } from "../figure";
import type { Material } from "../material";
import { STARCH_SOLIDS } from "../material";
import { GUM_SOAK, herb } from "./herb";
import { extractive, ifct, phEurWater, usda, usdaSpoon } from "./write";

const FLOUR_SOAK = { firstShare: estimate(0.95, 0.85, 1), timeMin: estimate(8, 4, 15) };
/** Raw grains settle like sand and take up a quarter of their weight. */
const RAW_STARCH = practice(0.23, 0.16, 0.32, "raw starch takes up a quarter of its weight of water");
const STARCH_SOAK = { firstShare: estimate(0.98, 0.9, 1), timeMin: estimate(5, 2, 10) };
const LITTLE_SUGAR = estimate(0.03, 0.01, 0.06);
const STARCH_OIL = usda(0.001, 0, 0.005, "cornstarch, fat");
const UNDISSOLVED = exact(0, "raw starch does not dissolve in cold water");

export const SEEDS: readonly Material[] = [
  ...herb("seed", {
    id: "fenugreek-seed",
    names:

        "fenugreek seed, ground; methi seed | la Trigonella foenum-graecum | hi मेथी" +
        " | hi-Latn methi; methi dana | sa-Latn methika | ta-Latn venthayam" +
      " | te-Latn menthulu | ml-Latn uluva | kn-Latn menthe",
    inci: "Trigonella Foenum-Graecum Seed Powder",
    jobs: ["slip", "condition", "protein"], use: "makers use it for slip; its gum swells for half an hour",
    colour: [0.76, 0.11, 85], tags: ["slip", "protein"],
    notToConfuse: "The seed is not the leaf: the leaf (kasuri methi) has scent and little slip.",
    water: ifct(7.82, 0.37, "G026"), oil: ifct(5.72, 0.02, "G026", "fat"),
    dissolving: practice(0.25, 0.18, 0.32, "a quarter goes into water: gum, sugars, protein"),
    powder: { tags: ["smells", "lingers", "slipSource"], holding: estimate(3.65, 3, 4.3),
      bulk: estimate(0.6, 0.52, 0.7), soak: GUM_SOAK },
    whole: { bulk: usdaSpoon(3.7, "tsp", "fenugreek seed"), name: "fenugreek seeds, whole", colour: [0.7, 0.11, 80] },
  }),
  ...herb("seed", {
    id: "black-seed",
    names:
      "black seed; nigella; kalonji | la Nigella sativa | hi कलौंजी | hi-Latn kalonji | ar حبة البركة" +
      " | ta-Latn karunjeeragam",
    inci: "Nigella Sativa Seed Powder",
    jobs: ["scalp", "condition"], use: "makers infuse it in oil or grind it for the scalp", colour: [0.24, 0.01, 60],
    notToConfuse:
        "Black seed (Nigella) is often called black cumin or onion seed. Black cumin is Elwendia persica, a thin" +
        " curved seed;" +
      " onion seed is Allium cepa, angular, with an onion smell.",
    water: estimate(0.06, 0.04, 0.08), oil: practice(0.36, 0.3, 0.42, "black seed is about a third oil"),
    dissolving: LITTLE_SUGAR,
    powder: { holding: estimate(0.9, 0.65, 1.2), bulk: estimate(0.46, 0.38, 0.55) },
    whole: { bulk: practice(0.56, 0.48, 0.63, "a teaspoon of black seed is about 2.8 g"), name: "black seed, whole" },
  }),
  ...herb("seed", {
    id: "black-cumin",
    names:
      "black cumin; kala jeera; shahi jeera | la Elwendia persica; Bunium persicum | hi काला जीरा" +
      " | hi-Latn kala jeera; shahi jeera",
    jobs: ["scent", "scalp"], use: "makers infuse it in oil", colour: [0.32, 0.02, 60],
    notToConfuse:
      "Black cumin is thin and curved and smells of cumin;" +
      " black seed (Nigella, kalonji) is angular and matt black.",
    water: phEurWater(10, "caraway and its kin"), oil: estimate(0.14, 0.09, 0.2), dissolving: LITTLE_SUGAR,
    whole: { id: "black-cumin", bulk: usdaSpoon(2.1, "tsp", "caraway seed"), name: "black cumin, whole" },
  }),
  ...herb("seed", {
    id: "onion-seed", names: "onion seed | la Allium cepa | hi प्याज के बीज | hi-Latn pyaz ke beej",
    inci: "Allium Cepa Seed",
    jobs: ["scalp"], use: "makers infuse it in oil", colour: [0.22, 0.01, 60],
    notToConfuse: "Onion seed is from the onion. What shops call onion seed is mostly black seed, Nigella (kalonji).",
    water: estimate(0.08, 0.06, 0.1), oil: practice(0.2, 0.15, 0.26, "onion seed is about a fifth oil"),
    dissolving: LITTLE_SUGAR,
    whole: { id: "onion-seed", bulk: estimate(0.5, 0.42, 0.58), name: "onion seed, whole" },
  }),
  ...herb("seed", {
    id: "cumin-seed", names: "cumin | la Cuminum cyminum | hi जीरा | hi-Latn jeera",
    inci: "Cuminum Cyminum Seed Powder",
    jobs: ["scent"], use: "makers infuse a little in oil", colour: [0.6, 0.06, 75],
    notToConfuse: "Cumin is brown; black cumin and black seed are other plants.",
    water: ifct(10.59, 0.51, "G025"), oil: ifct(16.64, 0.15, "G025", "fat"),
    dissolving: practice(0.2, 0.14, 0.27, "a fifth goes into water"),
    whole: { id: "cumin-seed", bulk: usdaSpoon(2.1, "tsp", "cumin seed"), name: "cumin seeds" },
  }),
  ...herb("seed", {
    id: "flax-seed",
    names:
      "flax seed; linseed | la Linum usitatissimum | hi अलसी | hi-Latn alsi | sa-Latn atasi" +
      " | ta-Latn ali vidai | te-Latn avise ginzalu",
    inci: "Linum Usitatissimum Seed",
    jobs: ["slip", "moisture"], use: "makers boil the seed to a gel for slip and hold", colour: [0.48, 0.07, 55],
    tags: ["slip"],
    water: ifct(5.48, 0.28, "H014"), oil: ifct(35.67, 0.7, "H014", "fat"),
    dissolving: practice(0.1, 0.05, 0.16, "mucilage and sugars"),
    powder: { tags: ["gum", "clumps"], holding: estimate(2.4, 1.8, 3), bulk: usdaSpoon(7, "tbsp", "flaxseed, ground"),
      soak: GUM_SOAK },
    whole: { bulk: usdaSpoon(10.3, "tbsp", "flaxseed, whole"), name: "flax seeds, whole" },
  }),
  ...herb("seed", {
    id: "chia-seed", names: "chia seed | la Salvia hispanica | es chía", inci: "Salvia Hispanica Seed", plant: "chia",
    jobs: ["slip", "moisture"], use: "makers soak it to a gel for slip", colour: [0.42, 0.01, 60], tags: ["slip"],
    water: usda(0.058, 0.05, 0.07, "chia seed, dried"), oil: usda(0.307, 0.28, 0.34, "chia seed, dried, fat"),
    dissolving: LITTLE_SUGAR,
    whole: { id: "chia-seed", bulk: practice(0.68, 0.6, 0.76, "a tablespoon of chia is about 10 g"),
      name: "chia seeds" },
  }),
  ...herb("seed", {
    id: "psyllium-husk",
    notToConfuse: "Ground, it weighs twice as much by the spoon: psyllium powder is an entry of its own.",
    names: "psyllium husk; isabgol | la Plantago ovata | hi इसबगोल | hi-Latn isabgol",
    inci: "Plantago Ovata Husk",
    jobs: ["slip", "thicken"], use: "makers use a little for slip; its gel keeps swelling", colour: [0.8, 0.04, 75],
    tags: ["slip", "gum", "clumps"],
    water: phEurWater(12, "ispaghula husk"), oil: estimate(0.01, 0, 0.02), dissolving: estimate(0.02, 0, 0.05),
    powder: { holding: estimate(12, 8, 18,
      "a paste holds a part of its swelling index, which is not less than 40 ml by the European Pharmacopoeia"),
      bulk: practice(0.3, 0.22, 0.38, "flat husks: about 4.5 g to a tablespoon"), soak: GUM_SOAK },
  }),
  ...herb("seed", {
    id: "psyllium-powder", names: "psyllium powder; ground psyllium husk | la Plantago ovata | hi-Latn isabgol churna",
    inci: "Plantago Ovata Husk Powder", plant: "psyllium-husk",
    notToConfuse: "The husk weighs half as much by the spoon; here a teaspoon goes twice as far.",
    jobs: ["slip", "thicken"], use: "makers use a pinch for slip; its gel keeps swelling", colour: [0.78, 0.04, 75],
    tags: ["slip", "gum", "clumps"],
    water: phEurWater(12, "ispaghula husk"), oil: estimate(0.01, 0, 0.02), dissolving: estimate(0.02, 0, 0.05),
    powder: { holding: estimate(12, 8, 18,
      "a paste holds a part of its swelling index, which is not less than 40 ml by the European Pharmacopoeia"),
      bulk: practice(0.65, 0.55, 0.75, "about 3.2 g to a teaspoon"), soak: GUM_SOAK },
  }),
  ...herb("seed", {
    id: "mustard-seed",
    names:
      "mustard powder; brown mustard; mustard seed | la Brassica juncea | hi सरसों | hi-Latn sarson; rai" +
      " | ta-Latn kadugu",
    inci: "Brassica Juncea Seed Powder",
    jobs: ["scalp"], use: "makers use a pinch for warmth; it burns skin and eyes", colour: [0.78, 0.13, 92],
    tags: ["irritant", "protein"],
    water: ifct(5.67, 0.48, "H013"), oil: ifct(40.19, 0.21, "H013", "fat"),
    dissolving: practice(0.2, 0.13, 0.28, "a fifth goes into water: sugars, protein, mucilage"),
    powder: { tags: ["smells", "lingers"], holding: estimate(1.1, 0.8, 1.4),
      bulk: usdaSpoon(2, "tsp", "mustard seed, ground") },
    whole: { bulk: usdaSpoon(3.3, "tsp", "mustard seed, yellow"), name: "mustard seeds, whole" },
  }),
  ...herb("seed", {
    id: "coffee-grounds",
    names: "coffee, ground | la Coffea arabica | de Kaffee | hi कॉफ़ी | hi-Latn kofi | ta-Latn kaapi",
    inci: "Coffea Arabica Seed Powder", plant: "coffee",
    jobs: ["colour", "scalp"], use: "makers brew it strong for dye pastes, and rub the grounds on the scalp",
    colour: [0.3, 0.04, 50], tags: ["tea", "stainsBrown"],
    water: usda(0.03, 0.02, 0.06, "coffee, instant and roasted"),
    oil: practice(0.14, 0.1, 0.17, "roasted arabica is about 14 % oil"),
    dissolving: practice(0.25, 0.18, 0.3, "a good cup takes 18–22 % out of the grounds, up to 30 %"),
    powder: { holding: estimate(1.2, 0.9, 1.6),
      bulk: practice(0.36, 0.31, 0.43, "ground coffee: about 5.3 g to a tablespoon") },
  }),
  ...herb("seed", {
    id: "gram-flour",
    names: "gram flour; besan; chickpea flour | la Cicer arietinum | hi बेसन | hi-Latn besan | ta-Latn kadalai maavu",
    inci: "Cicer Arietinum Seed Powder",
    jobs: ["wash", "protein", "oilControl"], use: "makers wash hair with it", colour: [0.85, 0.1, 92],
    tags: ["protein"],
    water: ifct(9.18, 0.45, "B001"), oil: ifct(5.31, 0.06, "B001", "fat"),
    dissolving: practice(0.17, 0.12, 0.22, "protein and sugars go into water"),
    powder: { holding: estimate(0.55, 0.4, 0.75),
      bulk: practice(0.5, 0.42, 0.58, "scooped, about 120 g to a cup; sifted it is 92 (USDA SR Legacy)"),
      soak: FLOUR_SOAK },
  }),
  ...herb("seed", {
    id: "rice-flour",
    names: "rice flour | la Oryza sativa | hi चावल का आटा | hi-Latn chawal ka atta | ta-Latn arisi maavu",
    inci: "Oryza Sativa Powder",
    jobs: ["thicken", "condition"], use: "makers cook it to a smoothing cream", colour: [0.95, 0.01, 90],
    water: usda(0.119, 0.1, 0.135, "rice flour, white"), oil: usda(0.0142, 0.008, 0.02, "rice flour, white, fat"),
    dissolving: ifct(0.69, 0.2, "A015", "free sugars"), solids: STARCH_SOLIDS,
    powder: { holding: estimate(0.4, 0.3, 0.55), bulk: usdaSpoon(158, "cup", "rice flour, white"), soak: FLOUR_SOAK },
    whole: { id: "rice-grain", bulk: usdaSpoon(185, "cup", "rice, white, long-grain, raw"), name: "rice, raw" },
  }),
  ...herb("seed", {
    id: "oat-flour", names: "oat flour; colloidal oatmeal | la Avena sativa | de Hafer",
    inci: "Avena Sativa Kernel Flour",
    jobs: ["slip", "moisture", "thicken"], use: "makers use it for a soft, soothing base", colour: [0.88, 0.04, 85],
    tags: ["slip"],
    water: usda(0.0855, 0.07, 0.11, "oat flour"), oil: usda(0.0912, 0.07, 0.1, "oat flour, fat"),
    dissolving: usda(0.0081, 0.004, 0.02, "oat flour, sugars"),
    powder: { holding: estimate(1.4, 1.05, 1.8), bulk: usdaSpoon(104, "cup", "oat flour, partially debranned"),
      soak: GUM_SOAK },
    whole: { id: "oats", bulk: usdaSpoon(81, "cup", "oats, rolled"), name: "rolled oats" },
  }),
  ...herb("seed", {
    id: "cornstarch",
    names: "cornstarch; cornflour; maize starch | la Zea mays | hi-Latn makai ka starch | de Maisstärke",
    inci: "Zea Mays Starch",
    jobs: ["thicken"], use: "makers cook it to a cream; raw it only thickens a little", colour: [0.95, 0.01, 95],
    solids: STARCH_SOLIDS,
    water: usda(0.083, 0.07, 0.12, "cornstarch"), oil: STARCH_OIL, dissolving: UNDISSOLVED,
    powder: { tags: ["rawStarch"], holding: RAW_STARCH, bulk: usdaSpoon(128, "cup", "cornstarch"), soak: STARCH_SOAK },
  }),
  ...herb("seed", {
    id: "arrowroot", names: "arrowroot starch | la Maranta arundinacea | hi-Latn ararot",
    inci: "Maranta Arundinacea Root Starch",
    jobs: ["thicken", "oilControl"], use: "makers cook it to a cream, or dust it on an oily scalp",
    colour: [0.96, 0.005, 95], solids: STARCH_SOLIDS,
    water: usda(0.114, 0.09, 0.14, "arrowroot flour"), oil: usda(0.001, 0, 0.003, "arrowroot flour, fat"),
    dissolving: UNDISSOLVED,
    powder: { tags: ["rawStarch"], holding: RAW_STARCH, bulk: usdaSpoon(128, "cup", "arrowroot flour"),
      soak: STARCH_SOAK },
  }),
  ...herb("seed", {
    id: "tapioca-starch", names: "tapioca starch | la Manihot esculenta | pt polvilho", inci: "Tapioca Starch",
    jobs: ["thicken"], use: "makers cook it to a clear, stretchy cream", colour: [0.96, 0.005, 90],
    solids: STARCH_SOLIDS,
    water: usda(0.11, 0.09, 0.14, "tapioca, pearl, dry"), oil: usda(0.0002, 0, 0.002, "tapioca, pearl, dry, fat"),
    dissolving: UNDISSOLVED,
    powder: { tags: ["rawStarch"], holding: RAW_STARCH,
      bulk: practice(0.51, 0.44, 0.58, "tapioca starch: about 120 g to a cup"), soak: STARCH_SOAK },
  }),
  ...herb("seed", {
    id: "sesame-seed", names: "sesame seed; til | la Sesamum indicum | hi तिल | hi-Latn til | ta-Latn ellu",
    inci: "Sesamum Indicum Seed",
    jobs: ["condition"], use: "makers infuse it, or wash hair with the ground seed", colour: [0.82, 0.05, 85],
    water: ifct(3.3, 0.28, "H011"), oil: ifct(43.05, 0.04, "H011", "fat"),
    dissolving: ifct(0.67, 0.2, "H011", "free sugars"),
    whole: { id: "sesame-seed", bulk: usdaSpoon(9, "tbsp", "sesame seeds, whole, dried"), name: "sesame seeds" },
  }),
  ...herb("seed", {
    id: "mung-flour",
    names:
      "mung flour; green gram flour | la Vigna radiata; Phaseolus aureus | hi मूंग का आटा | hi-Latn moong atta" +
      " | ta-Latn pasi payaru maavu; payatham maavu",
    inci: "Phaseolus Radiatus Seed Powder", plant: "mung",
    notToConfuse: "Gram flour is chickpea; mung is greener and milder.",
    jobs: ["wash", "protein"], use: "makers wash hair with it", colour: [0.82, 0.08, 110], tags: ["protein"],
    water: ifct(9.77, 0.5, "B010"), oil: ifct(1.35, 0.1, "B010", "fat"),
    dissolving: practice(0.17, 0.12, 0.22, "protein and sugars go into water"),
    powder: { holding: estimate(0.55, 0.4, 0.75), bulk: practice(0.52, 0.44, 0.6, "as other pulse flours, scooped"),
      soak: FLOUR_SOAK },
  }),
  ...herb("seed", {
    id: "urad-flour",
    names:
      "urad flour; black gram flour | la Vigna mungo; Phaseolus mungo | hi उड़द का आटा | hi-Latn urad atta" +
      " | ta-Latn ulundhu maavu",
    inci: "Phaseolus Mungo Seed Powder", plant: "urad",
    jobs: ["slip", "protein", "wash"], use: "makers soak and grind it for a slippery wash", colour: [0.9, 0.03, 90],
    tags: ["protein", "slip"],
    water: ifct(9.16, 0.5, "B003"), oil: ifct(1.69, 0.1, "B003", "fat"),
    dissolving: practice(0.16, 0.11, 0.21, "protein, gum and sugars"),
    powder: { holding: estimate(0.9, 0.65, 1.2), bulk: practice(0.55, 0.46, 0.64, "as other pulse flours, scooped"),
      soak: FLOUR_SOAK },
  }),
  ...herb("seed", {
    id: "masoor-flour",
    names: "masoor flour; red lentil flour | la Lens culinaris | hi मसूर का आटा | hi-Latn masoor atta",
    inci: "Lens Esculenta Seed Powder", plant: "masoor",
    jobs: ["wash", "protein"], use: "makers use it in wash pastes", colour: [0.8, 0.11, 60], tags: ["protein"],
    water: ifct(9.71, 0.5, "B013"), oil: ifct(0.75, 0.06, "B013", "fat"),
    dissolving: practice(0.15, 0.1, 0.2, "protein and sugars go into water"),
    powder: { holding: estimate(0.55, 0.4, 0.75), bulk: practice(0.55, 0.46, 0.64, "as other pulse flours, scooped"),
      soak: FLOUR_SOAK },
  }),
  ...herb("seed", {
    id: "bakuchi",
    names:
      "bakuchi; babchi | la Psoralea corylifolia; Cullen corylifolium | hi बाकुची | hi-Latn babchi; bavachi" +
      " | sa-Latn bakuchi | ta-Latn karpokarisi",
    inci: "Psoralea Corylifolia Seed Powder",
    notToConfuse: "Bakuchiol, sold for faces, is one purified part; the seed itself burns skin in the sun.",
    jobs: ["scalp"], use: "some makers use a pinch; skin that had it burns in the sun, so leave it to a physician",
    colour: [0.3, 0.03, 60], tags: ["phototoxic", "irritant", "notInPregnancy"],
    oil: practice(0.1, 0.06, 0.15, "a tenth is oil"), dissolving: extractive(11, "bakuchi"),
    powder: { holding: estimate(1.2, 0.9, 1.6), bulk: estimate(0.5, 0.42, 0.6) },
  }),
  ...herb("seed", {
    id: "cocoa", names: "cocoa powder; cacao | la Theobroma cacao", inci: "Theobroma Cacao Seed Powder",
    notToConfuse: "Drinking chocolate is half sugar; this is the plain powder.",
    jobs: ["colour", "shine"], use: "makers use a spoon for a warm brown cast that washes out",
    colour: [0.36, 0.06, 50],
    tags: ["stainsBrown"],
    water: usda(0.03, 0.02, 0.05, "cocoa, dry powder, unsweetened"),
    oil: usda(0.137, 0.1, 0.22, "cocoa, dry powder, unsweetened, fat"),
    dissolving: practice(0.25, 0.18, 0.32, "a quarter"),
    powder: { holding: estimate(1.2, 0.9, 1.6), bulk: usdaSpoon(5.4, "tbsp", "cocoa, dry powder, unsweetened"),
      tags: ["clumps"] },
  }),
  ...herb("seed", {
    id: "rice-bran", names: "rice bran | la Oryza sativa | ja-Latn nuka", inci: "Oryza Sativa Bran", plant: "rice-bran",
    notToConfuse: "Rice flour is the white of the grain; bran is its brown, oily skin.",
    jobs: ["wash", "condition"], use: "makers wash hair with it", colour: [0.76, 0.06, 75],
    water: usda(0.0613, 0.05, 0.1, "rice bran, crude"), oil: usda(0.2085, 0.17, 0.23, "rice bran, crude, fat"),
    dissolving: practice(0.12, 0.08, 0.17, "sugars and protein"),
    powder: { holding: estimate(1.1, 0.8, 1.5), bulk: usdaSpoon(118, "cup", "rice bran, crude"), soak: FLOUR_SOAK },
  }),
  ...herb("seed", {
    id: "colloidal-oat", names: "colloidal oatmeal; oat, very fine | la Avena sativa", inci: "Avena Sativa Kernel Meal",
    plant: "oat-flour", notToConfuse: "Colloidal oatmeal stays afloat in water; oat flour settles.",
    jobs: ["slip", "moisture"], use: "makers use it for a soft, soothing base", colour: [0.92, 0.03, 85],
    tags: ["slip"],
    water: usda(0.0855, 0.07, 0.11, "oat flour"), oil: usda(0.0912, 0.06, 0.1, "oat flour, fat"),
    dissolving: practice(0.12, 0.07, 0.18, "gum and protein"),
    powder: { holding: estimate(1.7, 1.3, 2.2), bulk: practice(0.45, 0.37, 0.54, "finer than flour, and lighter"),
      soak: GUM_SOAK },
  }),
  ...herb("seed", {
    id: "yellow-mustard",
    names:
      "yellow mustard powder; white mustard | la Sinapis alba; Brassica alba | hi पीली सरसों" +
      " | hi-Latn peeli sarson",
    inci: "Sinapis Alba Seed Powder",
    notToConfuse: "Brown mustard (Brassica juncea) burns more.",
    jobs: ["scalp"], use: "makers use a pinch for warmth; it burns skin and eyes", colour: [0.84, 0.12, 95],
    tags: ["irritant", "protein"],
    water: usda(0.0527, 0.04, 0.07, "spices, mustard seed, ground"),
    oil: usda(0.3624, 0.3, 0.4, "spices, mustard seed, ground, fat"),
    dissolving: practice(0.2, 0.13, 0.28, "a fifth goes into water: sugars, protein, mucilage"),
    powder: { holding: estimate(1.1, 0.8, 1.4), bulk: usdaSpoon(2, "tsp", "mustard seed, ground"),
      tags: ["smells", "lingers"] },
  }),
  ...herb("seed", {
    id: "almond-meal",
    names: "almond meal; ground almonds | la Prunus dulcis | hi बादाम का आटा | hi-Latn badam ka atta",
    inci: "Prunus Amygdalus Dulcis Seed Meal", plant: "almond",
    jobs: ["condition", "protein"], use: "makers use it as a rich, gritty base", colour: [0.88, 0.05, 80],
    tags: ["nut", "protein"],
    water: usda(0.044, 0.035, 0.06, "nuts, almonds"), oil: usda(0.4993, 0.45, 0.53, "nuts, almonds, fat"),
    dissolving: practice(0.08, 0.05, 0.12, "sugars and protein"),
    powder: { holding: estimate(0.45, 0.3, 0.65), bulk: usdaSpoon(95, "cup", "nuts, almonds, ground") },
  }),
  ...herb("seed", {
    id: "coriander-seed",
    names: "coriander seed | la Coriandrum sativum | hi धनिया | hi-Latn dhaniya | ta-Latn kothamalli",
    inci: "Coriandrum Sativum Seed",
    jobs: ["scent", "scalp"], use: "makers brew it or infuse it in oil", colour: [0.66, 0.06, 80],
    water: usda(0.0886, 0.07, 0.11, "spices, coriander seed"),
    oil: usda(0.1777, 0.14, 0.21, "spices, coriander seed, fat"),
    dissolving: practice(0.15, 0.1, 0.21, "like its kin"),
    whole: { id: "coriander-seed", bulk: usdaSpoon(1.8, "tsp", "spices, coriander seed"), name: "coriander seeds" },
  }),
  ...herb("seed", {
    id: "potato-starch", names: "potato starch | la Solanum tuberosum | de Kartoffelstärke",
    inci: "Solanum Tuberosum Starch",
    notToConfuse: "Potato flour is the whole dried potato and thickens cold; this is only its starch.",
    jobs: ["thicken"], use: "makers cook it to a cream", colour: [0.97, 0.004, 95], solids: STARCH_SOLIDS,
    water: practice(0.18, 0.14, 0.2, "air-dry potato starch"), oil: STARCH_OIL, dissolving: UNDISSOLVED,
    powder: { tags: ["rawStarch"], holding: RAW_STARCH, bulk: practice(0.68, 0.6, 0.76, "about 10 g to a tablespoon"),
      soak: STARCH_SOAK },
  }),
];
