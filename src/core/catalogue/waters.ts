import { exact, fromMemory, practice, type Figure } from "../figure";
import type { Job, Material, Tag } from "../material";
import { PLANT_SOLIDS } from "../material";
import { ifct, material, NO_OIL, usda, type Row } from "./write";

const DENSITY = fromMemory(1, 0.988, 1, "CRC Handbook, water 10–50 °C");
const strength = (share: number): Figure => practice(share, 0, 2 * share, "a tea of ordinary strength");

type WaterRow = Omit<Row, "jobs" | "tags"> & { jobs?: readonly Job[]; tags?: readonly Tag[] };
function water(row: WaterRow, dissolving: Figure, of: { water?: Figure; bulk?: Figure } = {}): Material {
  const rest: Figure = { value: 1 - dissolving.value, low: 1 - dissolving.high, high: 1 - dissolving.low,
    source: dissolving.source };
  return material("water", "liquid", { ...row, jobs: ["liquid", ...(row.jobs ?? [])] }, {
    water: of.water ?? rest, oil: NO_OIL, dissolving, solidsDensityGPerMl: PLANT_SOLIDS, holding: { kind: "none" },
    bulk: of.bulk ?? DENSITY, makesUp: true,
  });
}

export const WATERS: readonly Material[] = [
  water({ id: "water", names: "water | hi पानी | hi-Latn pani", inci: "Aqua", use: "makes up any paste",
    colour: [0.9, 0.035, 220], tags: ["tap"] },
    exact(0, "by definition")),
  water({ id: "black-tea", names: "black tea | la Camellia sinensis | hi-Latn chai",
    inci: "Camellia Sinensis Leaf Extract", jobs: ["colour"],
    use: "makers use it for a deeper dye tone", colour: [0.58, 0.11, 50], tags: ["tea"] },
    usda(0.003, 0, 0.006, "tea, brewed, 99.7 % water")),
  water({ id: "green-tea-brew", names: "green tea, brewed", inci: "Camellia Sinensis Leaf Extract", jobs: ["scalp"],
    use: "makers use it as a rinse and in pastes", colour: [0.85, 0.09, 110], tags: ["tea"] }, strength(0.003)),
  water({ id: "coffee-brew", names: "coffee, brewed", inci: "Coffea Arabica Seed Extract", jobs: ["colour"],
    use: "makers use it for a deeper dye tone",
    colour: [0.33, 0.06, 50], tags: ["tea"] }, usda(0.006, 0.003, 0.012, "coffee, brewed, 99.4 % water")),
  water({ id: "hibiscus-tea", names: "hibiscus tea", inci: "Hibiscus Sabdariffa Flower Extract", jobs: ["colour"],
    use: "makers use it for a red cast",
    colour: [0.55, 0.18, 12], tags: ["stainsRed"] }, strength(0.004)),
  water({ id: "chamomile-tea", names: "chamomile tea", inci: "Chamomilla Recutita Flower Extract", jobs: ["colour"],
    use: "makers use it to brighten blond hair", colour: [0.9, 0.09, 98] },
    usda(0.003, 0, 0.006, "tea, herb, chamomile, brewed, 99.7 % water")),
  water({ id: "rosemary-tea", names: "rosemary tea", inci: "Rosmarinus Officinalis Leaf Extract", jobs: ["scalp"],
    use: "makers use it as a rinse and a mist",
    colour: [0.78, 0.08, 95] }, strength(0.003)),
  water({ id: "nettle-tea", names: "nettle tea", inci: "Urtica Dioica Extract", jobs: ["scalp"],
    use: "makers use it as a rinse", colour: [0.66, 0.08, 118] },
    strength(0.004)),
  water({ id: "fenugreek-water", names: "fenugreek soaking water | hi-Latn methi ka pani",
    inci: "Trigonella Foenum-Graecum Seed Extract", jobs: ["slip"],
    use: "makers use it for slip", colour: [0.88, 0.06, 92], tags: ["slip", "fresh"] }, strength(0.005)),
  water({ id: "rice-water", names: "rice water | hi-Latn chawal ka pani", inci: "Oryza Sativa Extract",
    jobs: ["protein"],
    use: "makers use it as a rinse; no good evidence for growth", colour: [0.95, 0.01, 95], tags: ["fresh"] },
    strength(0.01)),
  water({ id: "rose-water", names: "rose water | hi गुलाब जल | hi-Latn gulab jal", inci: "Rosa Damascena Flower Water",
    jobs: ["scent"],
    use: "makers use it for scent", colour: [0.94, 0.02, 10] }, exact(0, "a distillate, to speak of")),
  water({ id: "coconut-water", names: "coconut water | hi नारियल पानी | hi-Latn nariyal pani",
    inci: "Cocos Nucifera Water", jobs: ["moisture"],
    use: "makers use it as a sweet liquid", colour: [0.95, 0.015, 110], tags: ["fresh", "nut"] },
    ifct(3.06, 0.3, "K002", "free sugars"),
    { water: ifct(95.77, 0.42, "K002"), bulk: usda(1.014, 1, 1.025, "coconut water, 1 cup 240 g") }),
  water({ id: "whey", names: "whey | hi-Latn paneer ka pani", inci: "Whey", jobs: ["acid", "soften"],
    use: "makers use what drips from hung curd",
    colour: [0.94, 0.04, 115], tags: ["dairy"] }, usda(0.0512, 0.045, 0.06, "whey, acid, fluid, carbohydrate"),
    { water: usda(0.9342, 0.92, 0.945, "whey, acid, fluid"),
      bulk: usda(1.04, 1.02, 1.05, "whey, acid, fluid, 1 cup 246 g") }),
];
