import { bringMaterials, type Material, type MaterialName } from "../material";
import { ACIDS } from "./acids";
import { BASES } from "./bases";
import { CLAYS } from "./clays";
import { ESSENTIAL_OILS } from "./essentialOils";
import { FLOWERS } from "./flowers";
import { FRUITS } from "./fruits";
import { LEAVES } from "./leaves";
import { LOTION_PARTS } from "./lotionParts";
import { OILS } from "./oils";
import { regionalNames } from "./regional";
import { ROOTS } from "./roots";
import { SEEDS } from "./seeds";
import { WATERS } from "./waters";

/** Where two are called alike, the one that makers mean more often stands first: the seed of fenugreek, the flower of hibiscus. */
const ROWS: readonly Material[] = [
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

/** With what it is called at home, where its row does not say so; what is spelt alike in Latin letters stands once. */
function named(material: Material): Material {
  const keyOf = ({ text, language }: MaterialName) =>
    language.includes("-") || language === "en" ? text.toLowerCase() : `${text} ${language}`;
  const there = new Set(material.names.map(keyOf));
  const more = regionalNames(material.id).filter((name) => !there.has(keyOf(name)) && there.add(keyOf(name)));
  return more.length > 0 ? { ...material, names: [...material.names, ...more] } : material;
}
export const CATALOGUE: readonly Material[] = ROWS.map(named);

bringMaterials(CATALOGUE);

/** Everything a maker here can put in a bowl: things of the household's own first. */
export const everythingOn = ({ own }: { readonly own: readonly Material[] }): readonly Material[] =>
  own.length === 0 ? CATALOGUE : [...own, ...CATALOGUE];
