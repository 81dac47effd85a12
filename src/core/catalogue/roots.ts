import { estimate, practice } from "../figure";
import type { Material } from "../material";
import { GUM_SOAK, herb } from "./herb";
import { extractive, ifct, phEurWater, usda, usdaSpoon } from "./write";

const ROOT = estimate(1.6, 1.25, 2, "root and bark powders hold a little less than leaves");
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
    names: "cinnamon; Ceylon cinnamon | la Cinnamomum verum | hi दालचीनी | hi-Latn dalchini | sa-Latn tvak",
    notToConfuse: "Most cinnamon of shops is cassia (Cinnamomum cassia): thicker bark, sharper, with coumarin.",
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
      dissolving: practice(0.1, 0.07, 0.12, "most of its dry matter is sugars"),
      bulk: usdaSpoon(160, "cup", "onions, raw, chopped"),
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
    id: "katha",
    names:
      "katha; catechu; cutch | la Senegalia catechu; Acacia catechu | hi कत्था | hi-Latn kattha" +
      " | ta-Latn kasu katti",
    inci: "Acacia Catechu Wood Extract",
    notToConfuse: "Gambir (pale catechu) is another plant's extract, weaker in colour.",
    jobs: ["colour"], use: "makers use a little in henna for brown; it stains", colour: [0.34, 0.08, 40],
    tags: ["stainsBrown", "drying"], oil: LITTLE_OIL,
    dissolving: practice(0.7, 0.55, 0.8, "an extract: most of it dissolves in hot water"),
    powder: { holding: estimate(0.6, 0.4, 0.9), bulk: estimate(0.6, 0.5, 0.72) },
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
    id: "red-sandalwood",
    names:
      "red sandalwood; red sanders | la Pterocarpus santalinus | hi रक्त चंदन" +
      " | hi-Latn rakta chandan; lal chandan | ta-Latn senchandanam",
    inci: "Pterocarpus Santalinus Wood Powder",
    notToConfuse: "Sandalwood (Santalum) is pale and scented; the red wood colours and has no scent.",
    jobs: ["colour"], use: "makers use it for a red cast; the tree is protected (CITES II), ask where it comes from",
    colour: [0.42, 0.14, 30], tags: ["stainsRed"],
    oil: LITTLE_OIL, dissolving: extractive(1, "rakta chandana"),
    powder: { holding: ROOT, bulk: estimate(0.35, 0.27, 0.44) },
  }),
  ...herb("root", {
    id: "guduchi",
    names: "guduchi; giloy | la Tinospora cordifolia | hi गिलोय | hi-Latn giloy | sa-Latn guduchi | ta-Latn seenthil",
    inci: "Tinospora Cordifolia Stem Powder",
    jobs: ["scalp"], use: "makers use it for the scalp", colour: [0.72, 0.05, 95],
    oil: LITTLE_OIL, dissolving: extractive(11, "guduchi"), powder: { holding: estimate(1.9, 1.5, 2.4), bulk: BULK },
  }),
  ...herb("root", {
    id: "lodhra", names: "lodhra; lodh bark | la Symplocos racemosa | hi लोध | hi-Latn lodh | sa-Latn lodhra",
    inci: "Symplocos Racemosa Bark Powder",
    jobs: ["scalp", "oilControl"], use: "makers use it for an oily scalp; it draws together", colour: [0.62, 0.06, 60],
    tags: ["drying"], oil: LITTLE_OIL, dissolving: extractive(15, "lodhra"), powder: { holding: ROOT, bulk: BULK },
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
    id: "slippery-elm", names: "slippery elm bark | la Ulmus rubra", inci: "Ulmus Fulva Bark Powder",
    jobs: ["slip", "moisture"],
    use: "makers use it for slip where a comb must pass; wild trees suffer, marshmallow root does the same",
    colour: [0.8, 0.05, 70], tags: ["slip", "gum"], oil: LITTLE_OIL, dissolving: estimate(0.1, 0.04, 0.18),
    powder: { holding: estimate(4, 3, 5.2), bulk: estimate(0.35, 0.27, 0.44), soak: GUM_SOAK,
      tags: ["clumps", "slipSource"] },
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
    id: "cassia-cinnamon", names: "cassia cinnamon; Chinese cinnamon | la Cinnamomum cassia | hi-Latn jangli dalchini",
    inci: "Cinnamomum Cassia Bark Powder",
    notToConfuse: "Neither cassia, the dye leaf, nor Ceylon cinnamon: thicker bark, sharper, with coumarin.",
    jobs: ["scent"], use: "makers use a pinch for scent; it is a common cause of skin allergy",
    colour: [0.44, 0.09, 45],
    tags: ["irritant"],
    water: usda(0.1058, 0.08, 0.12, "cinnamon, ground"), oil: usda(0.0124, 0.01, 0.03, "cinnamon, ground, fat"),
    dissolving: estimate(0.08, 0.04, 0.13),
    powder: { holding: estimate(1.7, 1.3, 2.1), bulk: usdaSpoon(2.6, "tsp", "cinnamon, ground") },
  }),
  ...herb("root", {
    id: "onion-skin", names: "onion skin | la Allium cepa | hi प्याज का छिलका | hi-Latn pyaz chilka",
    inci: "Allium Cepa Bulb Skin",
    jobs: ["colour"], use: "makers boil it for a golden-brown rinse", colour: [0.6, 0.13, 55], tags: ["stainsBrown"],
    oil: LITTLE_OIL, dissolving: estimate(0.15, 0.08, 0.24),
    whole: { id: "onion-skin", bulk: estimate(0.05, 0.03, 0.08), name: "onion skins, dry" },
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
