import type { Material, MaterialName } from "../material";
import { FRUITS_AND_ROOTS } from "./fruitsAndRoots";
import { LARDER } from "./larder";
import { LEAVES_AND_FLOWERS } from "./leavesAndFlowers";
import { SPICES_AND_FLOURS } from "./spicesAndFlours";
import type { Names } from "./names";

/**
 * What the commonest things are called at home and in the market, in their own script and in Latin letters as people
 * type them: `hi आँवला amla`. From memory, after the market and the Ayurvedic Pharmacopoeia of India; those of foods
 * are compared with IFCT 2017, which has them in Latin letters. A room of its own, which a page fetches when somebody
 * searches.
 */
const TABLE: Names = { ...LEAVES_AND_FLOWERS, ...FRUITS_AND_ROOTS, ...SPICES_AND_FLOURS, ...LARDER };

/** One group: a language, the name in its script, which may be of several words, and in Latin letters. */
const GROUP = /^(\w\w) ([^\u0000-\u024f]+(?: [^\u0000-\u024f]+)*) ([\u0000-\u024f]+)$/;

const namesOf = (id: string): readonly MaterialName[] =>
  (TABLE[id] ?? []).flatMap((group) => {
    const [, language, script, latin] = GROUP.exec(group) ?? [];
    return language
      ? [
          { text: script, language },
          { text: latin, language: `${language}-Latn` },
        ]
      : [];
  });

/** Every one of these names with what it is a name of, for a search. */
export const REGIONAL_NAMES: readonly { readonly id: string; readonly text: string }[] = Object.keys(TABLE).flatMap(
  (id) => namesOf(id).map(({ text }) => ({ id, text })),
);

/**
 * A material with what it is called at home, where its row does not say so; spelt alike in Latin letters it stands
 * once.
 */
export function withRegional(material: Material): Material {
  const keyOf = ({ text, language }: MaterialName) =>
    language.includes("-") || language === "en" ? text.toLowerCase() : `${text} ${language}`;
  const there = new Set(material.names.map(keyOf));
  const more = namesOf(material.id).filter((name) => !there.has(keyOf(name)) && there.add(keyOf(name)));
  return more.length > 0 ? { ...material, names: [...material.names, ...more] } : material;
}
