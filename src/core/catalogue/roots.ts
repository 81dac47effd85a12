import { estimate, practice } from "../figure";
import type { Material } from "../material";
import { GUM_SOAK, herb } from "./herb";
import { extractive, ifct, phEurWater, usda, usdaSpoon } from "./write";

const ROOT = estimate(1.6, 1.25, 2);
const BULK = estimate(0.5, 0.41, 0.6, "root powders fill a spoon alike");
const CUT = estimate(0.32, 0.24, 0.42, "cut dried root");
const LITTLE_OIL = estimate(0.015, 0.005, 0.03);

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
      bulk: usdaSpoon(2, "tsp", "ginger root, raw"), name: "ginger, fresh, grated" },
  }),
  ...herb("root", {
    id: "turmeric",
    names:

        "turmeric; haldi | la Curcuma longa | hi हल्दी | hi-Latn haldi | sa-Latn haridra | ta-Latn manjal" +
        " | te-Latn pasupu | ml-Latn manjal" +
      " | kn-Latn anashina | bn-Latn holud",
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
    oil: LITTLE_OIL, dissolving: extractive(45, "shatavari"), powder: { holding: estimate(2.1, 1.6, 2.6), bulk: BULK },
  }),
  ...herb("root", {
    id: "jatamansi",
    names:
      "jatamansi; spikenard | la Nardostachys jatamansi | hi जटामांसी | hi-Latn jatamansi; balchhad" +
      " | sa-Latn jatamansi | ta-Latn sadamanjil",
    inci: "Nardostachys Jatamansi Root Powder",
    jobs: ["scalp", "scent", "colour"], use: "makers use it for scent and a darker cast", colour: [0.42, 0.04, 60],
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
      "nagarmotha; nutgrass | la Cyperus scariosus; Cyperus rotundus | hi नागरमोथा | hi-Latn nagarmotha" +
      " | sa-Latn musta | ta-Latn korai kizhangu",
    inci: "Cyperus Rotundus Root Powder",
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
    powder: { holding: estimate(1.3, 1, 1.7), bulk: estimate(0.6, 0.5, 0.7) },
    fresh: { water: ifct(86.95, 0.5, "F001"), oil: ifct(0.14, 0.01, "F001", "fat"),
      dissolving: ifct(4.35, 0.5, "F001", "free sugars"),
      bulk: usdaSpoon(136, "cup", "beets, raw"), name: "beetroot, fresh",
      pieceG: usda(82, 60, 110, "beets, raw, 1 beet 82 g") },
  }),
  ...herb("root", {
    id: "sandalwood",
    names: "sandalwood | la Santalum album | hi चंदन | hi-Latn chandan | sa-Latn chandana | ta-Latn sandanam",
    inci: "Santalum Album Wood Powder",
    jobs: ["scent", "scalp"], use: "makers use a little for scent; the tree is protected, ask where it comes from",
    colour: [0.78, 0.06, 70],
    notToConfuse: "Red sandalwood (Pterocarpus santalinus) is another wood: it colours and has no scent.",
    oil: estimate(0.02, 0.01, 0.04), dissolving: extractive(1, "shveta chandana"),
    powder: { holding: ROOT, bulk: estimate(0.4, 0.3, 0.5) },
  }),
  ...herb("root", {
    id: "cinnamon",
    names: "cinnamon | la Cinnamomum verum; Cinnamomum cassia | hi दालचीनी | hi-Latn dalchini | sa-Latn tvak",
    inci: "Cinnamomum Zeylanicum Bark Powder",
    jobs: ["scent", "colour"], use: "makers use a pinch for scent; it is a common cause of skin allergy",
    colour: [0.5, 0.09, 50], tags: ["irritant"],
    water: usda(0.1058, 0.08, 0.12, "cinnamon, ground"), oil: usda(0.0124, 0.01, 0.03, "cinnamon, ground, fat"),
    dissolving: extractive(3, "tvak"),
    powder: { holding: estimate(1.7, 1.3, 2.1), bulk: usdaSpoon(2.6, "tsp", "cinnamon, ground") },
    whole: { id: "cinnamon-stick", bulk: estimate(0.3, 0.2, 0.4), name: "cinnamon stick",
      pieceG: practice(3, 2, 5, "a stick weighs about 3 g") },
  }),
  ...herb("root", {
    id: "onion",
    names: "onion | la Allium cepa | hi प्याज़ | hi-Latn pyaz | sa-Latn palaandu | ta-Latn vengayam | te-Latn neerulli",
    inci: "Allium Cepa Bulb",
    jobs: ["scalp"],
    use: "makers brew it in a tea or press its juice; the smell stays; no good evidence beyond one small study",
    colour: [0.85, 0.06, 30],
    tags: ["smells", "lingers"],
    water: usda(0.0539, 0.04, 0.08, "onion powder"), oil: usda(0.0104, 0.004, 0.02, "onion powder, fat"),
    dissolving: practice(0.6, 0.45, 0.7,
      "mostly sugars"), fresh: { id: "onion", water: ifct(85.76, 0.43, "G017"), oil: ifct(0.24, 0.03, "G017", "fat"),
      dissolving: ifct(5.88, 0.5, "G017", "free sugars"), bulk: usdaSpoon(160, "cup", "onions, raw, chopped"),
      name: "onion, fresh",
      pieceG: usda(110, 80, 150, "onions, raw, 1 medium 110 g") },
  }),
  ...herb("root", {
    id: "garlic", names: "garlic | la Allium sativum | hi लहसुन | hi-Latn lahsun | ta-Latn poondu",
    inci: "Allium Sativum Bulb",
    jobs: ["scalp"], use: "makers infuse it in oil; raw it can burn the skin", colour: [0.93, 0.03, 90],
    tags: ["irritant", "smells", "lingers"],
    fresh: { id: "garlic", water: ifct(64.38, 0.56, "G011"), oil: ifct(0.16, 0.02, "G011", "fat"),
      dissolving: ifct(5.97, 0.5, "G011", "free sugars"),
      bulk: usdaSpoon(2.8, "tsp", "garlic, raw"), name: "garlic, fresh",
      pieceG: usda(3, 2, 5, "garlic, raw, 1 clove 3 g") },
  }),
  ...herb("root", {
    id: "burdock-root", names: "burdock root | la Arctium lappa | de Klettenwurzel | ja-Latn gobo",
    inci: "Arctium Lappa Root Powder",
    jobs: ["scalp", "flakes"], use: "makers brew it for rinses and infuse it in oil", colour: [0.6, 0.05, 70],
    water: phEurWater(12, "dried roots"), oil: LITTLE_OIL, dissolving: estimate(0.35, 0.2, 0.5, "inulin and sugars"),
    powder: { holding: ROOT, bulk: BULK },
    whole: { bulk: CUT, name: "burdock root, cut" },
  }),
];
