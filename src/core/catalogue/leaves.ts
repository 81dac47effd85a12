import { estimate, practice } from "../figure";
import type { Material } from "../material";
import { GUM_SOAK, herb } from "./shapes/herb";
import { BULK, LEAF, LOOSE, PICKED } from "./shapes/leaf";
import { extractive, ifct, phEurWater, usda } from "./shapes/write";

/** Leaves of the Indian garden and market that care for hair and scalp. */
export const LEAVES: readonly Material[] = [
  ...herb("leaf", {
    id: "brahmi",
    names:
      "brahmi (Bacopa); water hyssop | la Bacopa monnieri | hi ब्राह्मी | hi-Latn brahmi; neer-brahmi" +
      " | sa-Latn brahmi | ta-Latn neer pirami",
    inci: "Bacopa Monnieri Powder",
    jobs: ["scalp", "shine"], use: "makers use it for the scalp and for shine", colour: [0.56, 0.09, 125],
    notToConfuse:
      "Two plants are sold as brahmi: Bacopa (small thick leaves) and gotu kola, Centella (round leaves). The" +
      " Latin name on the bag tells which.",
    water: phEurWater(12, "Bacopa"), dissolving: extractive(15, "brahmi"),
    powder: { holding: estimate(1.8, 1.45, 2.2), bulk: BULK },
    whole: { bulk: LOOSE, name: "brahmi, dried" },
  }),
  ...herb("leaf", {
    id: "gotu-kola",
    names:
      "gotu kola; brahmi (Centella); Indian pennywort | la Centella asiatica | hi-Latn mandukaparni; brahmi" +
      " | sa-Latn mandukaparni | ta-Latn vallarai",
    inci: "Centella Asiatica Leaf Powder",
    jobs: ["scalp"], use: "makers use it for the scalp, and call it brahmi too", colour: [0.57, 0.1, 128],
    notToConfuse:
      "Two plants are sold as brahmi: this one, Centella (round leaves), and Bacopa. They are not the same herb.",
    water: phEurWater(10, "Centella"), dissolving: extractive(20, "mandukaparni"),
    powder: { holding: estimate(1.8, 1.45, 2.25), bulk: BULK },
    whole: { bulk: LOOSE, name: "gotu kola, dried" },
  }),
  ...herb("leaf", {
    id: "bhringraj",
    names:
      "bhringraj; false daisy | la Eclipta prostrata; Eclipta alba | hi भृंगराज | hi-Latn bhangra" +
      " | sa-Latn bhringaraja | ta-Latn karisalankanni",
    inci: "Eclipta Prostrata Powder",
    jobs: ["scalp", "condition"], use: "makers use it for the scalp; no good evidence for growth in people",
    colour: [0.48, 0.06, 120],
    dissolving: extractive(15, "bhringaraja"),
    powder: { holding: estimate(1.8, 1.45, 2.2), bulk: estimate(0.38, 0.31, 0.46) },
    whole: { bulk: LOOSE, name: "bhringraj, dried" },
  }),
  ...herb("leaf", {
    id: "neem-leaf",
    names: "neem leaf | la Azadirachta indica | hi नीम | hi-Latn neem | sa-Latn nimba | ta-Latn veppam",
    inci: "Melia Azadirachta Leaf Powder",
    jobs: ["flakes", "scalp", "oilControl"], use: "makers use it where the scalp flakes", colour: [0.52, 0.1, 130],
    tags: ["drying"],
    dissolving: extractive(19, "nimba, leaf"),
    powder: { tags: ["smells"], holding: estimate(1.7, 1.4, 2.1), bulk: estimate(0.42, 0.35, 0.5) },
    whole: { bulk: LOOSE, name: "neem leaves, dried" },
    fresh: { water: estimate(0.62, 0.55, 0.7), bulk: PICKED, name: "neem leaves, fresh" },
  }),
  ...herb("leaf", {
    id: "moringa-leaf",
    names:

        "moringa leaf; drumstick leaf | la Moringa oleifera | hi सहजन | hi-Latn sahjan; saijan patta" +
        " | ta-Latn murungai keerai | te-Latn mulaga akulu" +
      " | bn-Latn sajna pata",
    inci: "Moringa Oleifera Leaf Powder",
    jobs: ["protein", "condition"], use: "makers use it in conditioning masks", colour: [0.58, 0.12, 132],
    tags: ["protein"],
    powder: { holding: LEAF, bulk: BULK },
    fresh: { water: ifct(75.65, 1.49, "C019"), oil: ifct(1.64, 0.12, "C019", "fat"),
      dissolving: estimate(0.03, 0.01, 0.05), bulk: PICKED, name: "moringa leaves, fresh" },
  }),
  ...herb("leaf", {
    id: "tulsi",
    names:
      "tulsi; holy basil | la Ocimum tenuiflorum; Ocimum sanctum | hi तुलसी | hi-Latn tulsi | sa-Latn tulasi" +
      " | ta-Latn thulasi",
    inci: "Ocimum Sanctum Leaf Powder",
    jobs: ["scalp", "flakes", "scent"], use: "makers use it for an itchy scalp and for its scent",
    colour: [0.5, 0.08, 128],
    dissolving: extractive(13, "tulasi"),
    powder: { holding: LEAF, bulk: estimate(0.4, 0.33, 0.48, "finely ground; dried basil crumbled by hand is 0.28") },
    whole: { bulk: LOOSE, name: "tulsi, dried" },
    fresh: { water: usda(0.92, 0.9, 0.935, "basil, fresh"), bulk: PICKED, name: "tulsi leaves, fresh",
      pieceG: usda(0.5, 0.3, 0.8, "basil, fresh, 5 leaves 2.5 g") },
  }),
  ...herb("leaf", {
    id: "curry-leaf",
    names:

        "curry leaf | la Bergera koenigii; Murraya koenigii | hi करी पत्ता | hi-Latn kari patta; gandhela" +
        " | ta-Latn kariveppilai | te-Latn karivepaku" +
      " | kn-Latn karibevu | sa-Latn girinimba",
    inci: "Murraya Koenigii Leaf Powder",
    jobs: ["scalp", "condition"], use: "makers infuse it in oil and grind it for the lengths", colour: [0.5, 0.09, 122],
    powder: { holding: LEAF, bulk: BULK }, whole: { bulk: LOOSE, name: "curry leaves, dried" },
    fresh: { water: ifct(65.33, 1.57, "G010"), oil: ifct(1.06, 0.04, "G010", "fat"),
      dissolving: estimate(0.04, 0.015, 0.07), bulk: PICKED,
      name: "curry leaves, fresh" },
  }),
  ...herb("leaf", {
    id: "fenugreek-leaf",
    names:
      "fenugreek leaf; kasuri methi | la Trigonella foenum-graecum | hi मेथी पत्ता" +
      " | hi-Latn kasuri methi; methi patta",
    inci: "Trigonella Foenum-Graecum Leaf Powder",
    notToConfuse: "The leaf is not the seed: it has scent but little slip. Fenugreek seed gives the gum.",
    jobs: ["scalp", "scent"], use: "makers use it for the scalp; unlike the seed it gives little slip",
    colour: [0.53, 0.09, 122],
    powder: { holding: LEAF, bulk: BULK }, whole: { bulk: LOOSE, name: "fenugreek leaves, dried" },
    fresh: { water: ifct(86.73, 0.66, "C020"), oil: ifct(0.83, 0.02, "C020", "fat"),
      dissolving: ifct(0.88, 0.2, "C020", "free sugars"), bulk: PICKED,
      name: "fenugreek leaves, fresh" },
  }),
  ...herb("leaf", {
    id: "hibiscus-leaf", names: "hibiscus leaf | la Hibiscus rosa-sinensis | hi गुड़हल पत्ता | ta-Latn semparuthi ilai",
    inci: "Hibiscus Rosa-Sinensis Leaf Powder", plant: "hibiscus-leaf",
    jobs: ["slip", "wash"], use: "makers crush the leaf for its slip", colour: [0.47, 0.09, 135], tags: ["slip"],
    powder: { holding: estimate(2.1, 1.6, 2.7), bulk: BULK },
    fresh: { water: estimate(0.8, 0.74, 0.86), bulk: PICKED, name: "hibiscus leaves, fresh" },
  }),
  ...herb("leaf", {
    id: "sidr",
    names:
      "sidr; jujube leaf; beri leaf | la Ziziphus spina-christi; Ziziphus mauritiana | ar سدر | hi बेर पत्ता" +
      " | hi-Latn ber patta",
    inci: "Ziziphus Spina-Christi Leaf Powder",
    jobs: ["wash", "slip", "condition"], use: "makers wash hair with it; it is slippery and leaves dye in",
    notToConfuse: "Jujube fruit powder is another thing; sidr is the leaf, green and slimy when wet.",
    colour: [0.6, 0.09, 115], tags: ["slip", "saponin"], dissolving: estimate(0.2, 0.12, 0.3),
    powder: { holding: estimate(2.1, 1.65, 2.6), bulk: BULK, soak: GUM_SOAK, tags: ["slipSource"] },
  }),
  ...herb("leaf", {
    id: "arappu", names: "arappu; arappu thool | la Albizia amara | ta அரப்பு | ta-Latn arappu",
    inci: "Albizia Amara Leaf Powder",
    jobs: ["wash", "condition"], use: "makers wash hair with it; milder than shikakai", colour: [0.58, 0.08, 112],
    tags: ["saponin"], dissolving: estimate(0.18, 0.1, 0.26), powder: { holding: LEAF, bulk: BULK },
  }),
  ...herb("leaf", {
    id: "guava-leaf",
    names: "guava leaf | la Psidium guajava | hi अमरूद पत्ता | hi-Latn amrood patta | ta-Latn koyya ilai",
    inci: "Psidium Guajava Leaf Powder",
    jobs: ["scalp", "shine"], use: "makers boil it for a rinse; no good evidence for growth", colour: [0.52, 0.08, 122],
    tags: ["drying"], dissolving: estimate(0.18, 0.1, 0.26),
    powder: { holding: LEAF, bulk: BULK }, whole: { bulk: LOOSE, name: "guava leaves, dried" },
    fresh: { water: estimate(0.62, 0.55, 0.7), bulk: PICKED, name: "guava leaves, fresh",
      pieceG: practice(1.2, 0.8, 1.8, "a guava leaf weighs a little over a gram") },
  }),
  ...herb("leaf", {
    id: "betel-leaf", names: "betel leaf; paan | la Piper betle | hi पान का पत्ता | hi-Latn paan | ta-Latn vetrilai",
    inci: "Piper Betle Leaf",
    jobs: ["scalp", "scent"], use: "makers grind or boil it for the scalp; it can sting", colour: [0.48, 0.12, 138],
    tags: ["irritant"],
    fresh: { id: "betel-leaf", water: estimate(0.86, 0.82, 0.9), bulk: PICKED, name: "betel leaves, fresh",
      pieceG: practice(3.5, 2, 5, "a leaf weighs 3–4 g") },
  }),
  ...herb("leaf", {
    id: "mango-leaf", names: "mango leaf | la Mangifera indica | hi आम का पत्ता | hi-Latn aam patta | ta-Latn maa ilai",
    inci: "Mangifera Indica Leaf Powder",
    jobs: ["shine", "scalp"], use: "makers boil it or put its powder in wash pastes", colour: [0.5, 0.07, 118],
    tags: ["drying"], powder: { holding: LEAF, bulk: BULK },
  }),
];
