import { exact, fromMemory, practice, type Figure } from "../figure";
import type { Form, Material } from "../material";
import { PLANT_SOLIDS } from "../material";
import { ifct, material, NO_OIL, usda, type Row } from "./write";

const acid = (row: Omit<Row, "jobs">, water: Figure, dissolving: Figure, bulk: Figure,
  { form = "liquid", oil = NO_OIL }: { form?: Form; oil?: Figure } = {}): Material =>
  material("acid", form, { ...row, jobs: ["acid"], tags: ["acid", ...(row.tags ?? [])] },
    { water, oil, dissolving, solidsDensityGPerMl: PLANT_SOLIDS, holding: { kind: "none" }, bulk });

export const ACIDS: readonly Material[] = [
  acid({ id: "lemon-juice", names: "lemon juice; lemon | la Citrus limon | hi नींबू का रस | hi-Latn nimbu ka ras", inci: "Citrus Limon Juice", plant: "lemon",
    use: "makers use it to slow a dye paste down; it dries and stings", colour: [0.93, 0.1, 105], tags: ["fresh"],
    pieceG: usda(47, 35, 60, "lemon juice, raw, juice of 1 lemon 47–48 g") },
    ifct(91.59, 0.53, "E033"), practice(0.07, 0.05, 0.083, "sugars and citric acid"), usda(1.03, 1.02, 1.04, "lemon juice, raw, 1 cup 244 g"),
    { oil: ifct(0.75, 0.02, "E033", "fat") }),
  acid({ id: "lime-juice", names: "lime juice; lime | la Citrus × aurantiifolia", inci: "Citrus Aurantifolia Juice", plant: "lime",
    use: "makers use it like lemon; on skin in the sun it can burn", colour: [0.9, 0.09, 118], tags: ["fresh"],
    pieceG: usda(44, 30, 55, "lime juice, raw, juice of 1 lime 44 g") },
    usda(0.908, 0.895, 0.92, "lime juice, raw"), usda(0.084, 0.06, 0.095, "lime juice, raw, carbohydrate"),
    usda(1.023, 1.01, 1.04, "lime juice, raw, 1 cup 242 g")),
  acid({ id: "orange-juice", names: "orange juice | la Citrus × sinensis", inci: "Citrus Aurantium Dulcis Juice", plant: "orange",
    use: "makers use it as a milder sour liquid", colour: [0.82, 0.14, 75], tags: ["fresh"],
    pieceG: usda(86, 65, 110, "orange juice, raw, juice of 1 fruit 86 g") },
    usda(0.883, 0.87, 0.9, "orange juice, raw"), usda(0.104, 0.09, 0.115, "orange juice, raw, carbohydrate"),
    usda(1.048, 1.035, 1.06, "orange juice, raw, 1 cup 248 g")),
  acid({ id: "cider-vinegar", names: "cider vinegar; apple vinegar", inci: "Acetum", use: "makers use it in rinses and as the acid of a dye paste",
    colour: [0.8, 0.09, 75] },
    usda(0.938, 0.93, 0.95, "vinegar, cider"), practice(0.055, 0.045, 0.06, "5 % acetic acid"), usda(1.01, 1.005, 1.02, "vinegar, cider, 1 cup 239 g")),
  acid({ id: "white-vinegar", names: "white vinegar; distilled vinegar", inci: "Acetum", use: "makers use it in rinses, much diluted",
    colour: [0.96, 0.02, 110] },
    usda(0.948, 0.94, 0.955, "vinegar, distilled"), practice(0.05, 0.045, 0.055, "5 % acetic acid"), usda(1.006, 1, 1.015, "vinegar, distilled, 1 cup 238 g")),
  acid({ id: "tamarind-pulp", names: "tamarind pulp; imli | la Tamarindus indica | hi इमली | hi-Latn imli | ta-Latn puli", inci: "Tamarindus Indica Fruit",
    use: "makers use it as a sour, sticky part", colour: [0.36, 0.07, 40], tags: ["fruit"] },
    ifct(20.83, 0.57, "E064"), ifct(52.88, 2, "E064", "free sugars"), practice(1.2, 1.05, 1.35, "between water and syrup"),
    { form: "soft", oil: ifct(0.15, 0.02, "E064", "fat") }),
  acid({ id: "citric-acid", names: "citric acid | hi-Latn nimbu ka sat", inci: "Citric Acid", use: "makers dissolve a pinch to lower the pH",
    colour: [0.98, 0.003, 100] },
    exact(0, "anhydrous, by definition"), exact(1, "by definition"),
    fromMemory(0.85, 0.75, 0.95, "makers' data sheets, bulk density of the anhydrous crystals"), { form: "crystals" }),
  acid({ id: "lactic-acid", names: "lactic acid, 80 %", inci: "Lactic Acid", use: "makers use drops of it to set the pH of a lotion; it burns undiluted",
    colour: [0.96, 0.02, 95], tags: ["irritant"] },
    fromMemory(0.2, 0.1, 0.22, "sold as 80–90 % in water"), fromMemory(0.8, 0.78, 0.9, "sold as 80–90 % in water"),
    fromMemory(1.19, 1.17, 1.22, "CRC Handbook, 80–90 % lactic acid about 1.2 g/ml")),
];
