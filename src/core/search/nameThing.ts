import { HEAPS, type Lookup, type Material } from "../material";
import { foldText } from "../text";
import {
  ADJECTIVES,
  FORM_WORDS,
  KITCHEN_NAMES,
  LOOSE_TOO,
  PARTS_OF_PLANTS,
  SPELLINGS,
  type KitchenName,
} from "./kitchenNames";
import { search, type SearchIndex } from "./search";

/**
 * What a written name means: one thing, or a question with what it may be, the likeliest first; none where nothing is
 * near.
 */
export type LineThing =
  | { readonly kind: "known"; readonly id: string }
  | {
      readonly kind: "which";
      readonly ids: readonly string[];
      /** Something is really called that. */ readonly called: boolean;
    };

/** What a thing is measured in, where that says something of it: a tea is drunk by the cup. */
export type MeasuredBy = "ml" | "cup" | "spoon" | "g" | "piece" | "nothing";

const MOST_OFFERS = 6;
const singular = (word: string): string => {
  if (word === "leaves") return "leaf";
  return word.length > 3 && /[^sui]s$/.test(word) ? word.slice(0, -1) : word;
};
const wordsIn = (text: string): string[] =>
  (foldText(text).match(/[\p{L}\p{N}]+/gu) ?? []).map((word) => SPELLINGS[word] ?? word);
const keyOf = (words: readonly string[]): string => words.map(singular).join(" ");
const formless = (text: string): string[] => wordsIn(text).filter((word) => !Object.hasOwn(FORM_WORDS, word));
const bare = (words: readonly string[]): string[] => words.filter((word) => !ADJECTIVES.includes(word));

/** Every name to the letter: whole, up to its comma, and without the words that only say how it is. */
type Names = readonly ReadonlyMap<string, readonly string[]>[];
const indexed = new WeakMap<SearchIndex, Names>();
function namesOf(index: SearchIndex): Names {
  const known = indexed.get(index);
  if (known) return known;
  const made = [new Map<string, string[]>(), new Map<string, string[]>(), new Map<string, string[]>()];
  const add = (to: Map<string, string[]>, key: string, id: string) => {
    const ids = to.get(key);
    if (!ids) to.set(key, [id]);
    else if (!ids.includes(id)) ids.push(id);
  };
  for (const { id, names } of index.entries) {
    // The name on a list of ingredients is shared by whatever comes of one plant.
    for (const { text } of names.filter(({ inci }) => !inci)) {
      const words = wordsIn(text);
      const upToComma = wordsIn(text.split(/[,(]/)[0]);
      add(made[0], keyOf(words), id);
      add(made[1], keyOf(upToComma), id);
      add(made[2], keyOf(bare(upToComma)), id);
    }
  }
  indexed.set(index, made);
  return made;
}

interface Hit {
  readonly ids: readonly string[];
  readonly kitchen?: KitchenName;
}
function hit(words: readonly string[], names: Names): Hit | undefined {
  const key = keyOf(words);
  if (key === "") return undefined;
  if (Object.hasOwn(KITCHEN_NAMES, key)) return { ids: KITCHEN_NAMES[key].ids, kitchen: KITCHEN_NAMES[key] };
  for (const tier of names) {
    const ids = tier.get(key);
    if (ids) return { ids };
  }
  return undefined;
}

const samePlant = (all: readonly Material[]): boolean =>
  all.every(({ plant }) => plant !== undefined && plant === all[0].plant);
const PLANTS: readonly Material["family"][] = ["leaf", "fruit", "flower", "root", "seed"];

/** Near what was written, to choose from: by all of it, by what stands on either side of an "and", by its words. */
function offers(text: string, index: SearchIndex, names: Names): string[] {
  const sides = text.split(/\s*(?:,|&|\+|\/|\band\b|\bor\b|\bwith\b)\s*/i);
  const called =
    sides.length > 1
      ? sides.flatMap((side) => (hit(wordsIn(side), names) ?? hit(formless(side), names))?.ids.slice(0, 1) ?? [])
      : [];
  if (called.length > 0) return [...new Set(called)];
  const whole = search(index, text, MOST_OFFERS).map(({ id }) => id);
  if (whole.length > 0) return whole;
  const words = wordsIn(text).filter((word) => word.length > 2 && !ADJECTIVES.includes(word));
  return [...new Set(words.flatMap((word) => search(index, word, 3).map(({ id }) => id)))].slice(0, MOST_OFFERS);
}

/**
 * What a name on a page means. Only a thing that is called so to the letter is an answer; several things of one name,
 * and whatever is only near it, are asked about.
 *
 * @param text a name without its amount, "warm water", "amla powder", "methi"
 * @param by what it is measured in
 */
export function nameThing(text: string, by: MeasuredBy, index: SearchIndex, find: Lookup): LineThing {
  const names = namesOf(index);
  const words = wordsIn(text);
  const forms = new Set(words.flatMap((word) => (Object.hasOwn(FORM_WORDS, word) ? [FORM_WORDS[word]] : [])));
  const without = formless(text);
  const plain = hit(words, names) ?? hit(bare(words), names);
  const found = plain ?? hit(without, names) ?? hit(bare(without), names);
  if (!found) return { kind: "which", ids: offers(text, index, names), called: false };
  const all = found.ids.flatMap((id) => find(id) ?? []);
  const heard = plain ? new Set<string>() : forms;
  const left = settle(all, found, heard, by, PARTS_OF_PLANTS.test(foldText(text)));
  // Half a litre of rosemary is a tea, or a great deal of powder.
  const heap =
    by === "ml" &&
    !forms.has("powder") &&
    (left ?? all).some(({ form, family }) => HEAPS.includes(form) && PLANTS.includes(family));
  const drinks = heap
    ? ["tea", "water"].flatMap((drink) => hit([...words, drink], names)?.ids ?? []).filter((id) => find(id)?.makesUp)
    : [];
  if (heap)
    return { kind: "which", ids: [...new Set([...drinks, ...(left ?? all).map(({ id }) => id)])], called: true };
  if (left && left.length === 1 && !forms.has("soaked")) return { kind: "known", id: left[0].id };
  return { kind: "which", ids: (left ?? all).map(({ id }) => id), called: true };
}

/**
 * Which of the things of one name are left when their form, and what they are measured in, are heard; none: undefined.
 */
function settle(
  all: readonly Material[],
  { kitchen }: Hit,
  heard: ReadonlySet<string>,
  by: MeasuredBy,
  partsOfPlant: boolean,
): readonly Material[] | undefined {
  const kept = (keep: (one: Material) => boolean) => {
    const left = all.filter(keep);
    return left.length > 0 ? left : undefined;
  };
  if (heard.has("powder")) return kept(({ form }) => form === "powder");
  if (heard.has("drink")) return kept(({ makesUp }) => makesUp === true);
  if (heard.has("dried")) return kept(({ form }) => form === "whole");
  // Fresh juice is juice.
  if (heard.has("fresh"))
    return (
      kept(({ form }) => form === "fresh") ??
      (all.every(({ form }) => form === "liquid" || form === "soft") ? all : undefined)
    );
  if (kitchen?.drinkBy && (by === "ml" || by === kitchen.drinkBy || (by === "nothing" && kitchen.drinkBy === "cup")))
    return all.slice(0, 1);
  if (all.length < 2) return all;
  if (partsOfPlant || (kitchen && by === "piece")) return kept(({ form }) => form !== "powder") ?? all;
  if (kitchen) return all;
  const powders = kept(({ form }) => form === "powder");
  // Of one plant in several forms a maker of pastes has the powder, unless kitchens have it loose as often.
  return powders && !(samePlant(all) && powders.some(({ id }) => LOOSE_TOO.includes(id))) ? powders : all;
}
