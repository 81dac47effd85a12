import { estimate, practice } from "../figure";
import type { Material } from "../material";
import { GUM_SOAK, herb } from "./shapes/herb";
import { BULK, CUT, LITTLE_OIL, ROOT } from "./shapes/root";
import { extractive, ifct, phEurWater, usda, usdaSpoon } from "./shapes/write";

/** Roots and what grows under ground. */
export const ROOTS: readonly Material[] = [
  ...herb("root", {
    id: "marshmallow-root", names: "marshmallow root | la Althaea officinalis | de Eibischwurzel | hi-Latn gulkhairo",
    inci: "Althaea Officinalis Root Powder",
    jobs: ["slip", "moisture"], use: "makers use it for slip", colour: [0.84, 0.05, 92], tags: ["slip"],
    water: phEurWater(12, "marshmallow root"), oil: LITTLE_OIL,
    dissolving: practice(0.2, 0.1, 0.3, "mucilage and sugars, counted with what it holds"),
    powder: { tags: ["clumps", "slipSource"],
      holding: estimate(3, 2.4, 3.7,
        "a part of its swelling index, which is not less than 10 ml by the European Pharmacopoeia"),
      bulk: estimate(0.45, 0.37, 0.54), soak: GUM_SOAK }, whole: { bulk: CUT, name: "marshmallow root, cut" },
  }),
  ...herb("root", {
    id: "ginger",
    names:
      "ginger; sonth | la Zingiber officinale | hi अदरक; सोंठ | hi-Latn adrak; sonth | sa-Latn shunthi" +
      " | ta-Latn inji",
    inci: "Zingiber Officinale Root Powder",
    jobs: ["scalp", "scent"], use: "makers use a little for warmth; it stings sore skin", colour: [0.78, 0.07, 80],
    tags: ["irritant"],
    water: usda(0.0994, 0.08, 0.12, "ginger, ground"), oil: usda(0.0424, 0.03, 0.06, "ginger, ground, fat"),
    dissolving: extractive(10, "shunthi"),
    powder: { holding: ROOT, bulk: usdaSpoon(5.2, "tbsp", "ginger, ground") },
    fresh: { water: ifct(81.27, 0.22, "G014"), oil: ifct(0.85, 0.03, "G014", "fat"),
      dissolving: ifct(1.31, 0.3, "G014", "free sugars"),
      bulk: practice(0.9, 0.75, 1, "grated, with its juice; slices are 0.4"), name: "ginger, fresh, grated" },
  }),
  ...herb("root", {
    id: "turmeric",
    names:

        "turmeric; haldi | la Curcuma longa | hi हल्दी | hi-Latn haldi | sa-Latn haridra | ta-Latn manjal" +
        " | te-Latn pasupu | ml-Latn manjal" +
      " | kn-Latn arishina | bn-Latn holud",
    inci: "Curcuma Longa Root Powder",
    jobs: ["flakes", "scalp"], use: "makers use a pinch of it; it stains yellow", colour: [0.72, 0.16, 72],
    tags: ["stainsYellow"],
    water: ifct(10.58, 0.49, "G033"), oil: ifct(5.03, 0.07, "G033", "fat"), dissolving: extractive(12, "haridra"),
    powder: { holding: estimate(1.48, 1.15, 1.8), bulk: usdaSpoon(3, "tsp", "turmeric, ground") },
  }),
  ...herb("root", {
    id: "liquorice",
    names:
      "liquorice; licorice; mulethi | la Glycyrrhiza glabra | hi मुलेठी | hi-Latn mulethi" +
      " | sa-Latn yashtimadhu | ta-Latn athimadhuram",
    inci: "Glycyrrhiza Glabra Root Powder",
    jobs: ["scalp", "moisture"], use: "makers use it for a dry, itchy scalp", colour: [0.8, 0.1, 88],
    water: phEurWater(10, "liquorice root"), oil: LITTLE_OIL, dissolving: extractive(20, "yashti"),
    powder: { holding: estimate(1.7, 1.35, 2.1), bulk: BULK },
    whole: { bulk: CUT, name: "liquorice root, cut" },
  }),
  ...herb("root", {
    id: "ashwagandha",
    names:
      "ashwagandha | la Withania somnifera | hi अश्वगंधा | hi-Latn asgandh | sa-Latn ashvagandha" +
      " | ta-Latn amukkara",
    inci: "Withania Somnifera Root Powder",
    jobs: ["scalp"], use: "makers use it for the scalp; no good evidence for growth", colour: [0.84, 0.05, 85],
    water: phEurWater(12, "Withania root"), oil: LITTLE_OIL,
    dissolving: practice(0.15, 0.08, 0.25, "like other roots of the pharmacopoeia"),
    powder: { holding: ROOT, bulk: BULK },
  }),
  ...herb("root", {
    id: "shatavari",
    names:
      "shatavari | la Asparagus racemosus | hi शतावरी | hi-Latn satavar | sa-Latn shatavari" +
      " | ta-Latn thanneervittan kizhangu",
    inci: "Asparagus Racemosus Root Powder",
    jobs: ["moisture", "slip"], use: "makers use it for moisture and some slip", colour: [0.87, 0.04, 85],
    tags: ["slip"],
    oil: LITTLE_OIL, dissolving: extractive(45, "shatavari"), powder: { holding: estimate(2.2, 1.7, 2.7), bulk: BULK },
  }),
  ...herb("root", {
    id: "jatamansi",
    names:
      "jatamansi; spikenard | la Nardostachys jatamansi | hi जटामांसी | hi-Latn jatamansi; balchhad" +
      " | sa-Latn jatamansi | ta-Latn sadamanjil",
    inci: "Nardostachys Jatamansi Root Powder",
    jobs: ["scalp", "scent", "colour"],
    use: "makers use it for scent and a darker cast; the plant is protected (CITES II), ask where it comes from",
    colour: [0.42, 0.04, 60],
    oil: LITTLE_OIL, dissolving: extractive(5, "jatamansi"), powder: { holding: ROOT, bulk: estimate(0.42, 0.34, 0.5) },
    whole: { bulk: estimate(0.15, 0.1, 0.22), name: "jatamansi root" },
  }),
  ...herb("root", {
    id: "vetiver",
    names: "vetiver root; khus | la Chrysopogon zizanioides | hi खस | hi-Latn khas | sa-Latn ushira | ta-Latn vettiver",
    inci: "Vetiveria Zizanoides Root Powder",
    jobs: ["scent", "scalp"], use: "makers use it for scent and infuse it in oil", colour: [0.66, 0.07, 78],
    oil: LITTLE_OIL, dissolving: extractive(8, "ushira"),
    powder: { holding: estimate(1.8, 1.4, 2.3), bulk: estimate(0.36, 0.28, 0.45) },
    whole: { bulk: estimate(0.08, 0.05, 0.12), name: "vetiver root" },
  }),
  ...herb("root", {
    id: "nagarmotha",
    names:
      "nagarmotha; cypriol | la Cyperus scariosus | hi नागरमोथा | hi-Latn nagarmotha" +
      " | sa-Latn nagaramusta",
    inci: "Cyperus Scariosus Root Powder",
    notToConfuse: "Musta, nutgrass (Cyperus rotundus), is its common cousin: rounder tubers, less scent.",
    jobs: ["scent", "flakes"], use: "makers use it for scent and flaking", colour: [0.55, 0.05, 65],
    oil: LITTLE_OIL, dissolving: extractive(11, "musta"), powder: { holding: ROOT, bulk: BULK },
  }),
  ...herb("root", {
    id: "manjistha",
    names:
      "manjistha; Indian madder | la Rubia cordifolia | hi मंजिष्ठा | hi-Latn manjith | sa-Latn manjishtha" +
      " | ta-Latn manjitti",
    inci: "Rubia Cordifolia Root Powder",
    jobs: ["colour", "scalp"], use: "makers use it for a red cast", colour: [0.5, 0.12, 35], tags: ["stainsRed"],
    oil: LITTLE_OIL, dissolving: extractive(17, "manjishtha"), powder: { holding: ROOT, bulk: BULK },
  }),
  ...herb("root", {
    id: "beetroot",
    names: "beetroot powder; beet | la Beta vulgaris | hi चुकंदर | hi-Latn chukandar | ta-Latn beet root",
    inci: "Beta Vulgaris Root Powder",
    jobs: ["colour"], use: "makers use it for a passing red tint; it stains", colour: [0.4, 0.17, 5],
    tags: ["stainsRed"],
    water: estimate(0.05, 0.03, 0.08), oil: estimate(0.01, 0.005, 0.015),
    dissolving: usda(0.54, 0.45, 0.62, "beets, raw, sugars on their dry matter"),
    powder: { holding: estimate(0.8, 0.6, 1.1), bulk: estimate(0.6, 0.5, 0.7) },
    fresh: { water: ifct(86.95, 0.5, "F001"), oil: ifct(0.14, 0.01, "F001", "fat"),
      dissolving: ifct(4.35, 0.5, "F001", "free sugars"),
      bulk: usdaSpoon(136, "cup", "beets, raw"), name: "beetroot, fresh",
      pieceG: usda(82, 60, 110, "beets, raw, 1 beet 82 g") },
  }),
  ...herb("root", {
    id: "burdock-root", names: "burdock root | la Arctium lappa | de Klettenwurzel | ja-Latn gobo",
    inci: "Arctium Lappa Root Powder",
    jobs: ["scalp", "flakes"], use: "makers brew it for rinses and infuse it in oil", colour: [0.6, 0.05, 70],
    water: phEurWater(12, "dried roots"), oil: LITTLE_OIL, dissolving: estimate(0.35, 0.2, 0.5, "inulin and sugars"),
    powder: { holding: ROOT, bulk: BULK },
    whole: { bulk: CUT, name: "burdock root, cut" },
  }),
  ...herb("root", {
    id: "kapoor-kachli",
    names:
      "kapoor kachli; spiked ginger lily | la Hedychium spicatum | hi कपूर कचरी | hi-Latn kapur kachri" +
      " | sa-Latn shati | ta-Latn poolankizhangu",
    inci: "Hedychium Spicatum Root Powder",
    notToConfuse: "White turmeric (Curcuma zedoaria) is sold beside it: yellower, and it tints.",
    jobs: ["scent", "scalp", "condition"], use: "makers use it for scent and body", colour: [0.84, 0.05, 85],
    oil: LITTLE_OIL, dissolving: extractive(12, "shati"), powder: { holding: ROOT, bulk: BULK },
  }),
  ...herb("root", {
    id: "ratanjot",
    names: "ratanjot; alkanet root | la Alkanna tinctoria; Onosma echioides | hi रतनजोत | hi-Latn ratanjot",
    inci: "Alkanna Tinctoria Root Powder",
    notToConfuse: "Several roots are sold as ratanjot; all colour oil red and water hardly.",
    jobs: ["colour"], use: "makers steep it in oil for a red oil", colour: [0.32, 0.1, 15], tags: ["stainsRed"],
    oil: LITTLE_OIL, dissolving: estimate(0.08, 0.03, 0.15),
    powder: { holding: ROOT, bulk: estimate(0.42, 0.34, 0.5) },
    whole: { bulk: estimate(0.15, 0.1, 0.22), name: "ratanjot root" },
  }),
  ...herb("root", {
    id: "madder", names: "madder; dyer's madder | la Rubia tinctorum | de Krapp | fr garance",
    inci: "Rubia Tinctorum Root Powder",
    notToConfuse: "Manjistha, Indian madder (Rubia cordifolia), is its kin and milder.",
    jobs: ["colour"], use: "makers use it for red tones; not on broken skin", colour: [0.46, 0.13, 30],
    tags: ["stainsRed", "drying"], oil: LITTLE_OIL, dissolving: estimate(0.25, 0.15, 0.35),
    powder: { holding: ROOT, bulk: BULK },
  }),
  ...herb("root", {
    id: "sariva",
    names:
      "sariva; Indian sarsaparilla; anantmool | la Hemidesmus indicus | hi अनंतमूल | hi-Latn anantmool" +
      " | ta-Latn nannari",
    inci: "Hemidesmus Indicus Root Powder",
    jobs: ["scent", "scalp"], use: "makers use it for a vanilla-like scent", colour: [0.5, 0.05, 55],
    oil: LITTLE_OIL, dissolving: extractive(13, "sariva"), powder: { holding: ROOT, bulk: BULK },
  }),
  ...herb("root", {
    id: "musta",
    names:
      "musta; nutgrass; coco grass | la Cyperus rotundus | hi मोथा | hi-Latn motha | sa-Latn musta" +
      " | ta-Latn korai kizhangu",
    inci: "Cyperus Rotundus Root Powder",
    notToConfuse: "Nagarmotha (Cyperus scariosus) is its more fragrant cousin; shops mix the names.",
    jobs: ["scent", "flakes"], use: "makers use it for scent and flaking", colour: [0.52, 0.05, 62],
    oil: LITTLE_OIL, dissolving: extractive(11, "musta"), powder: { holding: ROOT, bulk: BULK },
  }),
  ...herb("root", {
    id: "white-turmeric",
    names:
      "white turmeric; zedoary; ambe haldi | la Curcuma zedoaria | hi-Latn amba haldi; kachur" +
      " | ta-Latn poolankilangu",
    inci: "Curcuma Zedoaria Root Powder",
    notToConfuse: "It is not kapoor kachli; it is paler than turmeric and still tints fair hair.",
    jobs: ["scent", "scalp"], use: "makers use it for scent", colour: [0.86, 0.08, 88], tags: ["stainsYellow"],
    oil: LITTLE_OIL, dissolving: estimate(0.14, 0.08, 0.2), powder: { holding: ROOT, bulk: BULK },
  }),
  ...herb("root", {
    id: "orris-root", names: "orris root | la Iris pallida; Iris germanica", inci: "Iris Florentina Root Powder",
    jobs: ["scent", "oilControl"], use: "makers use it in dry powders for scent; it makes some sneeze",
    colour: [0.9, 0.03, 85],
    tags: ["irritant"], oil: LITTLE_OIL, dissolving: estimate(0.2, 0.1, 0.3), powder: { holding: ROOT, bulk: BULK },
  }),
];
