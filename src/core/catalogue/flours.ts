import { estimate, exact, practice } from "../figure";
import type { Material } from "../material";
import { STARCH_SOLIDS } from "../material";
import { GUM_SOAK, herb } from "./shapes/herb";
import { ifct, usda, usdaSpoon } from "./shapes/write";

const FLOUR_SOAK = { firstShare: estimate(0.95, 0.85, 1), timeMin: estimate(8, 4, 15) };
/** Raw grains settle like sand and take up a quarter of their weight. */
const RAW_STARCH = practice(0.23, 0.16, 0.32, "raw starch takes up a quarter of its weight of water");
const STARCH_SOAK = { firstShare: estimate(0.98, 0.9, 1), timeMin: estimate(5, 2, 10) };
const STARCH_OIL = usda(0.001, 0, 0.005, "cornstarch, fat");
const UNDISSOLVED = exact(0, "raw starch does not dissolve in cold water");

/** Flours, meals and raw starches. */
export const FLOURS: readonly Material[] = [
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
    id: "potato-starch", names: "potato starch | la Solanum tuberosum | de Kartoffelstärke",
    inci: "Solanum Tuberosum Starch",
    notToConfuse: "Potato flour is the whole dried potato and thickens cold; this is only its starch.",
    jobs: ["thicken"], use: "makers cook it to a cream", colour: [0.97, 0.004, 95], solids: STARCH_SOLIDS,
    water: practice(0.18, 0.14, 0.2, "air-dry potato starch"), oil: STARCH_OIL, dissolving: UNDISSOLVED,
    powder: { tags: ["rawStarch"], holding: RAW_STARCH, bulk: practice(0.68, 0.6, 0.76, "about 10 g to a tablespoon"),
      soak: STARCH_SOAK },
  }),
];
