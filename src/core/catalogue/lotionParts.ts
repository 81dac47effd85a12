import { estimate, exact, fromMemory, practice, type Figure } from "../figure";
import type { Form, Job, Material } from "../material";
import { GUM_SOAK } from "./herb";
import { material, NO_OIL, usda, type Row } from "./write";

const ALL = exact(1, "by definition");
const NONE = exact(0, "by definition");
const WAX_DENSITY = fromMemory(0.85, 0.8, 0.95, "CRC Handbook, fatty alcohols 0.81–0.90 g/ml");
const sheet = (value: number, low: number, high: number, what: string): Figure => fromMemory(value, low, high,
  `makers' data sheets, ${what}`);

interface Part extends Omit<Row, "jobs"> {
  readonly jobs: readonly Job[];
  readonly form: Form;
  readonly bulk: Figure;
  readonly water?: Figure;
  readonly oil?: Figure;
  readonly dissolving?: Figure;
  readonly solids?: Figure;
  readonly holding?: Figure;
}
const part = ({ form, bulk, water = NONE, oil = NO_OIL, dissolving = ALL, solids = ALL, holding,
  ...row }: Part): Material =>
  material("lotionPart", form, row, {
    water, oil, dissolving, solidsDensityGPerMl: solids, bulk,
    holding: holding ? { kind: "perGram", mlPerG: holding } : { kind: "none" },
    ...(holding && { soak: GUM_SOAK }),
  });

export const LOTION_PARTS: readonly Material[] = [
  part({ id: "glycerin", form: "liquid", names: "glycerin; vegetable glycerine", inci: "Glycerin", jobs: ["moisture"],
    use: "makers use 2–5 % to hold water on the hair", colour: [0.97, 0.01, 100],
    water: sheet(0.005, 0, 0.02, "99.5 % glycerin"),
    dissolving: sheet(0.995, 0.98, 1, "99.5 % glycerin"),
    bulk: fromMemory(1.26, 1.255, 1.262, "CRC Handbook, glycerol 1.261 g/ml at 20 °C") }),
  part({ id: "propanediol", form: "liquid", names: "propanediol", inci: "Propanediol", jobs: ["moisture", "preserve"],
    use: "makers use it like glycerin, less sticky; it helps a preservative", colour: [0.98, 0.005, 100],
    bulk: fromMemory(1.053, 1.05, 1.056, "CRC Handbook, 1,3-propanediol 1.053 g/ml") }),
  part({ id: "cationic-emulsifier", form: "flakes",
    names: "cationic emulsifier; conditioning emulsifier, behentrimonium",
    inci: "Behentrimonium Methosulfate, Cetearyl Alcohol", jobs: ["emulsify", "soften"],
    use: "makers melt 2–6 % into a hair lotion; it clings to hair and softens it", colour: [0.95, 0.02, 90],
    oil: practice(0.7, 0.5, 0.8, "a quarter to a half is the active part"), dissolving: NONE, solids: WAX_DENSITY,
    bulk: sheet(0.45, 0.35, 0.55, "pellets") }),
  part({ id: "cetyl-alcohol", form: "flakes", names: "cetyl alcohol", inci: "Cetyl Alcohol",
    jobs: ["thicken", "soften"],
    use: "makers melt it to thicken a lotion; it is a wax and no drying alcohol", colour: [0.97, 0.01, 90], oil: ALL,
    dissolving: NONE, solids: WAX_DENSITY,
    bulk: sheet(0.45, 0.35, 0.55, "flakes") }),
  part({ id: "cetearyl-alcohol", form: "flakes", names: "cetearyl alcohol; fatty alcohol; cetostearyl alcohol",
    inci: "Cetearyl Alcohol",
    jobs: ["thicken", "soften"], use: "makers melt it to thicken a lotion", colour: [0.97, 0.01, 90], oil: ALL,
    dissolving: NONE, solids: WAX_DENSITY,
    bulk: sheet(0.45, 0.35, 0.55, "flakes") }),
  part({ id: "beeswax", form: "flakes", names: "beeswax | de Bienenwachs", inci: "Cera Alba", jobs: ["thicken"],
    use: "makers melt it into balms",
    colour: [0.87, 0.1, 90], oil: ALL, dissolving: NONE, solids: WAX_DENSITY,
    bulk: sheet(0.55, 0.45, 0.65, "pellets") }),
  part({ id: "vitamin-e", form: "liquid", names: "vitamin E; tocopherol", inci: "Tocopherol", jobs: ["preserve"],
    use: "makers add 0.2–1 % to slow an oil going rancid; it is no preservative against germs",
    colour: [0.7, 0.12, 75], tags: ["oil"], oil: ALL,
    dissolving: NONE,
    bulk: fromMemory(0.95, 0.93, 0.96, "European Pharmacopoeia, all-rac-α-tocopherol about 0.95 g/ml") }),
  part({ id: "phenoxyethanol", form: "liquid", names: "phenoxyethanol; phenoxyethanol with ethylhexylglycerin",
    inci: "Phenoxyethanol", jobs: ["preserve"],
    use: "a preservative: at most 1.0 % of a product in the EU", colour: [0.98, 0.004, 100],
    bulk: fromMemory(1.105, 1.1, 1.11, "European Pharmacopoeia, phenoxyethanol 1.105–1.110") }),
  part({ id: "potassium-sorbate", form: "crystals", names: "potassium sorbate", inci: "Potassium Sorbate",
    jobs: ["preserve"],
    use: "a preservative that works only below pH 5.5: at most 0.6 % as acid in the EU", colour: [0.96, 0.02, 95],
    bulk: sheet(0.6, 0.5, 0.75, "granules") }),
  part({ id: "sodium-benzoate", form: "crystals", names: "sodium benzoate", inci: "Sodium Benzoate", jobs: ["preserve"],
    use: "a preservative that works only below pH 5: at most 0.5 % as acid left on in the EU",
    colour: [0.97, 0.005, 95],
    bulk: sheet(0.55, 0.4, 0.7, "granules") }),
  part({ id: "dehydroacetic-blend", form: "liquid", names: "dehydroacetic acid with benzyl alcohol",
    inci: "Benzyl Alcohol, Dehydroacetic Acid",
    jobs: ["preserve"], use: "a preservative: dehydroacetic acid at most 0.6 % as acid in the EU",
    colour: [0.96, 0.03, 95],
    bulk: sheet(1.06, 1.04, 1.08, "the blend") }),
  part({ id: "panthenol", form: "liquid", names: "panthenol, 75 %; provitamin B5", inci: "Panthenol",
    jobs: ["moisture", "condition"],
    use: "makers add 1–5 % below 40 °C", colour: [0.97, 0.01, 95],
    water: sheet(0.25, 0.2, 0.28, "75 % panthenol in water"),
    dissolving: sheet(0.75, 0.72, 0.8, "75 % panthenol in water"), bulk: sheet(1.15, 1.12, 1.2, "75 % panthenol") }),
  part({ id: "msm", form: "crystals", names: "MSM; methylsulfonylmethane", inci: "Dimethyl Sulfone", jobs: ["scalp"],
    use: "makers dissolve it in warm liquid; no good evidence", colour: [0.98, 0.002, 100],
    bulk: sheet(0.65, 0.55, 0.75, "crystals") }),
  part({ id: "hydrolysed-protein", form: "liquid", names: "hydrolysed protein; hydrolysed silk, wheat or rice protein",
    inci: "Hydrolyzed Protein",
    jobs: ["protein"], use: "makers add 1–3 % for protein", colour: [0.82, 0.08, 80], tags: ["protein"],
    water: sheet(0.75, 0.65, 0.82, "20–30 % solutions"),
    dissolving: sheet(0.25, 0.18, 0.35, "20–30 % solutions"), bulk: sheet(1.06, 1.03, 1.09, "20–30 % solutions") }),
  part({ id: "xanthan-gum", form: "powder", names: "xanthan gum", inci: "Xanthan Gum", jobs: ["thicken", "slip"],
    use: "makers whisk a pinch into glycerin to thicken a lotion", colour: [0.94, 0.02, 90],
    tags: ["dust", "slip", "gum", "clumps"],
    water: usda(0.1, 0.06, 0.14, "gums, powder"), dissolving: estimate(0.05, 0, 0.1),
    solids: fromMemory(1.5, 1.4, 1.6, "CRC Handbook, polysaccharides 1.5 g/ml"), holding: estimate(25, 15, 40),
    bulk: practice(0.6, 0.5, 0.7, "a teaspoon is about 3 g") }),
  part({ id: "guar-gum", form: "powder", names: "guar gum | la Cyamopsis tetragonoloba | hi-Latn guar gond",
    inci: "Cyamopsis Tetragonoloba Gum",
    jobs: ["thicken", "slip"], use: "makers whisk a pinch in for slip", colour: [0.93, 0.03, 90],
    tags: ["dust", "slip", "gum", "clumps"],
    water: usda(0.1, 0.06, 0.14, "gums, powder"), dissolving: estimate(0.05, 0, 0.1),
    solids: fromMemory(1.5, 1.4, 1.6, "CRC Handbook, polysaccharides 1.5 g/ml"), holding: estimate(20, 12, 30),
    bulk: practice(0.6, 0.5, 0.7, "a teaspoon is about 3 g") }),
  part({ id: "sugar", form: "crystals", names: "sugar | hi चीनी | hi-Latn cheeni", inci: "Sucrose", jobs: ["moisture"],
    use: "makers add a spoon to a dye paste to keep it moist", colour: [0.98, 0.003, 95],
    bulk: usda(0.845, 0.8, 0.92, "sugars, granulated, 1 cup 200 g") }),
  part({ id: "salt", form: "crystals", names: "salt | hi नमक | hi-Latn namak", inci: "Sodium Chloride",
    jobs: ["colour"],
    use: "makers add a pinch to an indigo paste", colour: [0.98, 0.002, 100],
    bulk: usda(1.217, 1.1, 1.3, "salt, table, 1 tsp 6 g") }),
  part({ id: "baking-soda", form: "crystals", names: "baking soda; sodium bicarbonate", inci: "Sodium Bicarbonate",
    jobs: ["wash"],
    use: "some makers clean combs and bowls with it; it is too alkaline for hair", colour: [0.98, 0.002, 100],
    bulk: usda(0.933, 0.85, 1.05, "leavening agents, baking soda, 1 tsp 4.6 g") }),
];
