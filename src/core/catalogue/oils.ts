import { exact, fromMemory, practice, published, type Figure } from "../figure";
import type { Form, Material } from "../material";
import { PLANT_SOLIDS } from "../material";
import { material, usda, type Row } from "./write";

const NO_WATER = exact(0, "refined oil");
const ALL_FAT = published(1, 1, 1, "IFCT 2017 group T: edible oils are 100 % fat");

export const oilOf = (family: "oil" | "essentialOil", form: Form, row: Row, bulk: Figure): Material =>
  material(family, form, row, { water: NO_WATER, oil: ALL_FAT, dissolving: NO_WATER, solidsDensityGPerMl: PLANT_SOLIDS,
    holding: { kind: "none" }, bulk });

type OilRow = Omit<Row, "jobs" | "tags"> & Partial<Pick<Row, "jobs" | "tags">>;
const oil = (row: OilRow, bulk: Figure, form: Form = "liquid"): Material => oilOf("oil", form,
  { jobs: ["soften", "shine"], ...row, tags: ["oil", ...(row.tags ?? [])] }, bulk);
const cup218 = (name: string): Figure => fromMemory(0.92, 0.913, 0.927,
  `CRC Handbook, vegetable oils at 20 °C; USDA SR Legacy, ${name}, 1 cup 218 g`);

export const OILS: readonly Material[] = [
  oil({ id: "sesame-oil",
    names:
      "sesame oil; til oil; gingelly oil | la Sesamum indicum | hi तिल का तेल | hi-Latn til ka tel" +
      " | ta-Latn nallennai",
    inci: "Sesamum Indicum Seed Oil", use: "makers use it warm, before or in the paste", colour: [0.84, 0.13, 95] },
    fromMemory(0.92, 0.915, 0.925,
    "USDA SR Legacy, sesame oil, 1 cup 218 g; CRC Handbook")),
  oil({ id: "coconut-oil",
    names: "coconut oil | la Cocos nucifera | hi नारियल तेल | hi-Latn nariyal tel | ta-Latn thengai ennai",
    inci: "Cocos Nucifera Oil",
    use: "makers use it before washing", colour: [0.96, 0.015, 100], tags: ["nut"] }, fromMemory(0.922, 0.91, 0.93,
    "USDA SR Legacy, coconut oil, 1 cup 218 g")),
  oil({ id: "olive-oil", names: "olive oil | la Olea europaea | hi-Latn jaitun tel", inci: "Olea Europaea Fruit Oil",
    use: "makers use it to soften a drying paste", colour: [0.76, 0.13, 112] },
    fromMemory(0.913, 0.909, 0.917, "CRC Handbook, olive oil at 20 °C")),
  oil({ id: "castor-oil",
    names: "castor oil | la Ricinus communis | hi अरंडी का तेल | hi-Latn arandi ka tel | ta-Latn vilakkennai",
    inci: "Ricinus Communis Seed Oil", use: "makers use it for weight and seal; it is hard to rinse",
    colour: [0.92, 0.04, 100] }, fromMemory(0.96, 0.955,
    0.965, "CRC Handbook, castor oil at 20 °C")),
  oil({ id: "almond-oil", names: "almond oil; sweet almond oil | la Prunus dulcis | hi बादाम तेल | hi-Latn badam tel",
    inci: "Prunus Amygdalus Dulcis Oil",
    use: "makers use it as a light oil for the lengths", colour: [0.91, 0.07, 98], tags: ["nut"] },
    cup218("almond oil")),
  oil({ id: "sunflower-oil", names: "sunflower oil | la Helianthus annuus | hi-Latn surajmukhi tel",
    inci: "Helianthus Annuus Seed Oil",
    use: "makers infuse herbs in it", colour: [0.91, 0.08, 100] }, cup218("sunflower oil")),
  oil({ id: "mustard-oil", names: "mustard oil | la Brassica juncea | hi सरसों का तेल | hi-Latn sarson ka tel",
    inci: "Brassica Juncea Seed Oil",
    use: "makers warm it for the scalp; it can irritate", colour: [0.78, 0.13, 85], jobs: ["scalp", "soften"] },
    fromMemory(0.913, 0.907, 0.921,
    "CRC Handbook, rapeseed and mustard oils at 20 °C")),
  oil({ id: "grapeseed-oil", names: "grapeseed oil | la Vitis vinifera", inci: "Vitis Vinifera Seed Oil",
    use: "makers use it as a light oil",
    colour: [0.88, 0.08, 115] }, cup218("grapeseed oil")),
  oil({ id: "avocado-oil", names: "avocado oil | la Persea americana", inci: "Persea Gratissima Oil",
    use: "makers use it for dry lengths",
    colour: [0.74, 0.13, 118] }, cup218("avocado oil")),
  oil({ id: "rice-bran-oil", names: "rice bran oil | la Oryza sativa", inci: "Oryza Sativa Bran Oil",
    use: "makers use it as a light, stable oil",
    colour: [0.87, 0.09, 92] }, cup218("rice bran oil")),
  oil({ id: "argan-oil", names: "argan oil | la Argania spinosa", inci: "Argania Spinosa Kernel Oil",
    use: "makers use a few drops to seal",
    colour: [0.82, 0.11, 82], tags: ["nut"] },
    fromMemory(0.912, 0.906, 0.919, "Moroccan standard for argan oil: 0.906–0.919 at 20 °C")),
  oil({ id: "jojoba-oil", names: "jojoba oil; jojoba wax | la Simmondsia chinensis",
    inci: "Simmondsia Chinensis Seed Oil",
    use: "makers use it as a light seal; it is a liquid wax and keeps long", colour: [0.86, 0.12, 95] },
    fromMemory(0.865, 0.86, 0.87,
    "CRC Handbook and data sheets, jojoba 0.863–0.867")),
  oil({ id: "neem-oil", names: "neem oil | la Azadirachta indica | hi-Latn neem ka tel",
    inci: "Melia Azadirachta Seed Oil",
    use: "makers use a little on a flaky scalp; it smells strongly and is not for children or in pregnancy",
    colour: [0.58, 0.1, 95],
    jobs: ["flakes", "scalp"] }, practice(0.92, 0.908, 0.934, "data sheets 0.91–0.93")),
  oil({ id: "black-seed-oil", names: "black seed oil; kalonji oil | la Nigella sativa",
    inci: "Nigella Sativa Seed Oil", use: "makers use it on the scalp",
    colour: [0.5, 0.1, 70], jobs: ["scalp"] }, practice(0.92, 0.91, 0.93, "data sheets 0.91–0.93")),
  oil({ id: "amla-oil", names: "amla oil; herb oil, infused | hi-Latn amla tel",
    inci: "Phyllanthus Emblica Fruit Extract, oil",
    use: "makers infuse it themselves; in a shop's bottle the herb may stand last on the list",
    colour: [0.6, 0.12, 110], jobs: ["condition", "soften"] },
    cup218("the oil it is made with")),
  oil({ id: "shea-butter", names: "shea butter | la Vitellaria paradoxa | fr beurre de karité",
    inci: "Butyrospermum Parkii Butter",
    use: "makers melt it into lotions and oils", colour: [0.93, 0.04, 90], tags: ["nut"] }, fromMemory(0.91, 0.89, 0.93,
    "data sheets, shea butter 0.91 g/ml melted"), "butter"),
  oil({ id: "cocoa-butter", names: "cocoa butter | la Theobroma cacao", inci: "Theobroma Cacao Seed Butter",
    use: "makers melt it into lotions; it sets hard",
    colour: [0.92, 0.06, 90] }, usda(0.92, 0.9, 0.98, "cocoa butter, 1 cup 218 g"), "butter"),
  oil({ id: "mango-butter", names: "mango butter | la Mangifera indica", inci: "Mangifera Indica Seed Butter",
    use: "makers melt it into lotions",
    colour: [0.95, 0.02, 90] }, practice(0.91, 0.89, 0.93, "like other seed butters"), "butter"),
  oil({ id: "ghee", names: "ghee; clarified butter | hi घी | hi-Latn ghee | sa-Latn ghrita", inci: "Butter Oil",
    use: "makers use a little on very dry lengths", colour: [0.88, 0.12, 92], tags: ["dairy"] },
    usda(0.88, 0.86, 0.92, "butter oil, anhydrous, 1 cup 205 g"),
    "butter"),
];
