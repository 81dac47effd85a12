import { estimate, practice } from "../figure";
import type { Material } from "../material";
import { herb } from "./shapes/herb";
import { BULK, LEAF } from "./shapes/leaf";

/** Leaves that colour, and what is sold in their name. */
export const DYE_LEAVES: readonly Material[] = [
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
];
