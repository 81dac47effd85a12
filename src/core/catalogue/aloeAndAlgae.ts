import { estimate, practice } from "../figure";
import type { Material } from "../material";
import { herb, LEAF_SOAK } from "./shapes/herb";
import { NO_OIL, phEurWater, usda, usdaSpoon } from "./shapes/write";

/** Powders of what is mostly water: aloe, and what grows in the sea. */
export const ALOE_AND_ALGAE: readonly Material[] = [
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
];
