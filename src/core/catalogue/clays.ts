import { estimate, exact, fromMemory, practice, type Figure } from "../figure";
import type { Material, Tag } from "../material";
import { CLAY_SOLIDS } from "../material";
import { material, NO_OIL, type Row } from "./shapes/write";

const NOTHING_DISSOLVES = exact(0, "a mineral, to speak of");
const CLAY_SOAK = { firstShare: estimate(0.95, 0.9, 1), timeMin: estimate(5, 2, 10) };
const SWELLING_SOAK = { firstShare: estimate(0.6, 0.4, 0.8), timeMin: estimate(40, 20, 90) };

const clay = (row: Omit<Row, "jobs" | "tags"> & { tags?: readonly Tag[] }, water: Figure, holding: Figure,
  bulk: Figure, soak = CLAY_SOAK): Material =>
  material("clay", "powder",
    { jobs: ["oilControl", "wash"], ...row, tags: ["dust", "clay", "drying", ...(row.tags ?? [])] }, {
    water, oil: NO_OIL, dissolving: NOTHING_DISSOLVES, solidsDensityGPerMl: CLAY_SOLIDS,
    holding: { kind: "perGram", mlPerG: holding }, bulk, soak,
  });

export const CLAYS: readonly Material[] = [
  clay({ id: "kaolin", names: "kaolin clay; white clay; china clay", inci: "Kaolin",
    use: "makers use it to take up oil from the scalp",
    colour: [0.9, 0.02, 75] },
    fromMemory(0.01, 0.003, 0.015, "European Pharmacopoeia, heavy kaolin: loss on drying not more than 1.5 %"),
    estimate(0.4, 0.3, 0.55, "at its liquid limit of 0.4–0.6 g/g"), estimate(0.48, 0.38, 0.6)),
  clay({ id: "bentonite", names: "bentonite clay; sodium bentonite; Wyoming clay", inci: "Bentonite",
    notToConfuse:
      "Sodium bentonite swells many times over; calcium bentonite hardly does and takes a seventh of the water. The" +
      " bag says which, or a spoon of it in a glass of water does.",
    use: "makers use it for slip and to take up oil; it swells for an hour, and metal spoons are kept out of it",
    colour: [0.78, 0.03, 85], tags: ["slip"] },
    fromMemory(0.1, 0.05, 0.15, "European Pharmacopoeia, bentonite: loss on drying not more than 15 %"),
    estimate(4.5, 2.5, 7, "near its liquid limit of 3–7 g/g (Mitchell & Soga)"), estimate(0.8, 0.65, 0.95),
    SWELLING_SOAK),
  clay({ id: "fullers-earth", names: "fuller's earth; multani mitti | hi मुल्तानी मिट्टी | hi-Latn multani mitti",
    inci: "Fuller's Earth",
    use: "makers wash oily hair with it; it dries", colour: [0.8, 0.06, 80] },
    practice(0.08, 0.04, 0.12, "air-dry calcium bentonite"),
    estimate(0.8, 0.6, 1.1, "a little under its liquid limit of 1–1.5 g/g"), estimate(0.75, 0.6, 0.9)),
  clay({ id: "rhassoul", names: "rhassoul; ghassoul clay | ar غاسول", inci: "Moroccan Lava Clay",
    use: "makers wash hair with it; milder than other clays",
    colour: [0.6, 0.05, 60], tags: ["slip"] },
    practice(0.06, 0.03, 0.1, "air-dry stevensite"), estimate(0.8, 0.6, 1.1), estimate(0.75, 0.6, 0.9)),
  clay({ id: "green-clay", names: "green clay; illite | fr argile verte", inci: "Illite",
    use: "makers use it on an oily scalp; it dries strongly",
    colour: [0.74, 0.05, 130] },
    practice(0.05, 0.02, 0.09, "air-dry illite"),
    estimate(0.85, 0.6, 1.15, "near its liquid limit of 0.6–1.2 g/g (Mitchell & Soga)"),
    estimate(0.7, 0.55, 0.85)),
  clay({ id: "red-clay", names: "red clay", inci: "Kaolin, CI 77491",
    use: "makers use it like kaolin; its iron tints light hair and towels",
    colour: [0.6, 0.11, 40], tags: ["stainsRed"] },
    fromMemory(0.015, 0.005, 0.03,
      "European Pharmacopoeia, heavy kaolin: loss on drying not more than 1.5 %, more with iron"), estimate(0.45, 0.33,
      0.62),
    estimate(0.62, 0.48, 0.78)),
  clay({ id: "calcium-bentonite", names: "calcium bentonite; non-swelling bentonite", inci: "Bentonite",
    notToConfuse: "Sodium bentonite swells many times over and takes seven times the water.",
    use: "makers use it like fuller's earth", colour: [0.82, 0.03, 90] },
    practice(0.08, 0.04, 0.12, "air-dry calcium bentonite"),
    estimate(0.65, 0.48, 0.9, "a little under its liquid limit"), estimate(0.75, 0.6, 0.9)),
  clay({ id: "pink-clay", names: "pink clay; rose clay | fr argile rose", inci: "Kaolin, Illite",
    notToConfuse: "Rose clay can also be kaolin coloured with iron oxide: read the list.",
    use: "makers use it as a mild clay; its iron can tint pale hair", colour: [0.8, 0.06, 30], tags: ["stainsRed"] },
    practice(0.02, 0.01, 0.04, "white and red clay"), estimate(0.42, 0.32, 0.58, "near its liquid limit"),
    estimate(0.5, 0.4, 0.62)),
  clay({ id: "yellow-clay", names: "yellow clay | fr argile jaune", inci: "Kaolin, Illite",
    use: "makers use it as a mild clay", colour: [0.82, 0.09, 85] },
    practice(0.02, 0.01, 0.04, "kaolin with iron"), estimate(0.45, 0.33, 0.6, "near its liquid limit"),
    estimate(0.52, 0.42, 0.65)),
  clay({ id: "activated-charcoal", names: "activated charcoal", inci: "Charcoal Powder",
    notToConfuse: "Barbecue charcoal is not it. It takes up what is in the bowl as well, scent and medicines too.",
    use: "makers use a pinch for oily hair; it greys pale hair and basins", colour: [0.2, 0.005, 250],
    tags: ["stainsBrown"] },
    practice(0.05, 0.02, 0.1, "as packed"), estimate(1.2, 0.8, 1.7),
    practice(0.4, 0.3, 0.5, "powders for filters 0.4–0.5")),
];
