import { bringMaterials, type Material } from "../material";
import { ACIDS } from "./acids";
import { ALOE_AND_ALGAE } from "./aloeAndAlgae";
import { BARKS_AND_WOODS } from "./barksAndWoods";
import { BASES } from "./bases";
import { BULBS } from "./bulbs";
import { CLAYS } from "./clays";
import { DAIRY_AND_EGG } from "./dairyAndEgg";
import { DYE_LEAVES } from "./dyeLeaves";
import { ESSENTIAL_OILS } from "./essentialOils";
import { FLOURS } from "./flours";
import { FLOWERS } from "./flowers";
import { FRUITS } from "./fruits";
import { GUMS } from "./gums";
import { KITCHEN_HERBS } from "./kitchenHerbs";
import { LEAVES } from "./leaves";
import { LOTION_PARTS } from "./lotionParts";
import { OILS } from "./oils";
import { PRESERVATIVES } from "./preservatives";
import { PULPS } from "./pulps";
import { ROOTS } from "./roots";
import { SEEDS } from "./seeds";
import { WATERS } from "./waters";

/**
 * Where two are called alike, the one that makers mean more often stands first: the seed of fenugreek, the flower of
 * hibiscus.
 */
export const CATALOGUE: readonly Material[] = [
  ...FRUITS,
  ...SEEDS,
  ...FLOURS,
  ...ROOTS,
  ...BARKS_AND_WOODS,
  ...BULBS,
  ...FLOWERS,
  ...DYE_LEAVES,
  ...LEAVES,
  ...KITCHEN_HERBS,
  ...ALOE_AND_ALGAE,
  ...CLAYS,
  ...DAIRY_AND_EGG,
  ...PULPS,
  ...BASES,
  ...ACIDS,
  ...OILS,
  ...ESSENTIAL_OILS,
  ...WATERS,
  ...LOTION_PARTS,
  ...GUMS,
  ...PRESERVATIVES,
];

bringMaterials(CATALOGUE);

/** Everything a maker here can put in a bowl: things of the household's own first. */
export const everythingOn = ({ own }: { readonly own: readonly Material[] }): readonly Material[] =>
  own.length === 0 ? CATALOGUE : [...own, ...CATALOGUE];
