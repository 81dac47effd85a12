import { bringMaterials, type Material } from "../material";
import { ACIDS } from "./acids";
import { BASES } from "./bases";
import { CLAYS } from "./clays";
import { ESSENTIAL_OILS } from "./essentialOils";
import { FLOWERS } from "./flowers";
import { FRUITS } from "./fruits";
import { LEAVES } from "./leaves";
import { LOTION_PARTS } from "./lotionParts";
import { OILS } from "./oils";
import { ROOTS } from "./roots";
import { SEEDS } from "./seeds";
import { WATERS } from "./waters";

/** Where two are called alike, the one that makers mean more often stands first: the seed of fenugreek, the flower of hibiscus. */
export const CATALOGUE: readonly Material[] = [
  ...FRUITS,
  ...SEEDS,
  ...ROOTS,
  ...FLOWERS,
  ...LEAVES,
  ...CLAYS,
  ...BASES,
  ...ACIDS,
  ...OILS,
  ...ESSENTIAL_OILS,
  ...WATERS,
  ...LOTION_PARTS,
];

bringMaterials(CATALOGUE);

/** Everything a maker here can put in a bowl: things of the household's own first. */
export const everythingOn = ({ own }: { readonly own: readonly Material[] }): readonly Material[] =>
  own.length === 0 ? CATALOGUE : [...own, ...CATALOGUE];
