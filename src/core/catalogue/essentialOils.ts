import { fromMemory } from "../figure";
import type { Material } from "../material";
import { oilOf } from "./oils";

const essential = (id: string, names: string, inci: string, low: number, high: number,
  use = "makers use a few drops for the scent, never undiluted"): Material =>
  oilOf("essentialOil", "liquid",
    { id: `${id}-essential-oil`, names, inci, jobs: ["scent"], use, colour: [0.95, 0.03, 110], tags: ["essentialOil"] },
    fromMemory(Number(((low + high) / 2).toFixed(4)), low, high,
      `European Pharmacopoeia and ISO, relative density ${low}–${high}`));

export const ESSENTIAL_OILS: readonly Material[] = [
  essential("rosemary", "rosemary essential oil | la Salvia rosmarinus", "Rosmarinus Officinalis Leaf Oil", 0.895, 0.92,
    "makers use a few drops for the scent"),
  essential("lavender", "lavender essential oil | la Lavandula angustifolia", "Lavandula Angustifolia Oil", 0.878,
    0.892),
  essential("peppermint", "peppermint essential oil | la Mentha × piperita", "Mentha Piperita Oil", 0.9, 0.916,
    "makers use a few drops for a cool scalp; never on small children"),
  essential("tea-tree", "tea tree essential oil | la Melaleuca alternifolia", "Melaleuca Alternifolia Leaf Oil", 0.885,
    0.906,
    "makers use a few drops where the scalp flakes; old oil irritates"),
  essential("cedarwood", "cedarwood essential oil | la Juniperus virginiana; Cedrus atlantica",
    "Cedrus Atlantica Bark Oil", 0.925, 0.966),
  essential("clove", "clove essential oil | la Syzygium aromaticum", "Eugenia Caryophyllus Bud Oil", 1.03, 1.063,
    "makers use a drop or two; it irritates skin"),
  essential("lemon", "lemon essential oil | la Citrus limon", "Citrus Limon Peel Oil", 0.85, 0.858,
    "makers use a few drops; keep skin that had it out of the sun"),
  essential("ylang-ylang", "ylang-ylang essential oil | la Cananga odorata", "Cananga Odorata Flower Oil", 0.946,
    0.982),
];
