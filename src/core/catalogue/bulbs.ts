import { estimate, practice } from "../figure";
import type { Material } from "../material";
import { herb } from "./shapes/herb";
import { LITTLE_OIL } from "./shapes/root";
import { ifct, usda, usdaSpoon } from "./shapes/write";

/** Onion and garlic. */
export const BULBS: readonly Material[] = [
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
    id: "onion-skin", names: "onion skin | la Allium cepa | hi प्याज का छिलका | hi-Latn pyaz chilka",
    inci: "Allium Cepa Bulb Skin",
    jobs: ["colour"], use: "makers boil it for a golden-brown rinse", colour: [0.6, 0.13, 55], tags: ["stainsBrown"],
    oil: LITTLE_OIL, dissolving: estimate(0.15, 0.08, 0.24),
    whole: { id: "onion-skin", bulk: estimate(0.05, 0.03, 0.08), name: "onion skins, dry" },
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
];
