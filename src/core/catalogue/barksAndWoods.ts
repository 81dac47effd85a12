import { estimate, practice } from "../figure";
import type { Material } from "../material";
import { GUM_SOAK, herb } from "./shapes/herb";
import { BULK, LITTLE_OIL, ROOT } from "./shapes/root";
import { extractive, usda, usdaSpoon } from "./shapes/write";

/** Barks, woods and stems. */
export const BARKS_AND_WOODS: readonly Material[] = [
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
    id: "lodhra", names: "lodhra; lodh bark | la Symplocos racemosa | hi लोध | hi-Latn lodh | sa-Latn lodhra",
    inci: "Symplocos Racemosa Bark Powder",
    jobs: ["scalp", "oilControl"], use: "makers use it for an oily scalp; it draws together", colour: [0.62, 0.06, 60],
    tags: ["drying"], oil: LITTLE_OIL, dissolving: extractive(15, "lodhra"), powder: { holding: ROOT, bulk: BULK },
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
    id: "guduchi",
    names: "guduchi; giloy | la Tinospora cordifolia | hi गिलोय | hi-Latn giloy | sa-Latn guduchi | ta-Latn seenthil",
    inci: "Tinospora Cordifolia Stem Powder",
    jobs: ["scalp"], use: "makers use it for the scalp", colour: [0.72, 0.05, 95],
    oil: LITTLE_OIL, dissolving: extractive(11, "guduchi"), powder: { holding: estimate(1.9, 1.5, 2.4), bulk: BULK },
  }),
];
