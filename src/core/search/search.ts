import type { Material } from "../material";
import { foldText, wordsOf } from "../text";
import { withinEdits } from "./withinEdits";

/** A material as a search knows it: every name folded, its words, and how it sounds. */
interface Entry {
  readonly id: string;
  readonly names: readonly { readonly text: string; readonly folded: string; readonly words: readonly string[]; readonly sound: string }[];
  /** Every word of every name, once. */
  readonly words: readonly string[];
  readonly jobs: readonly string[];
  readonly about: readonly string[];
}
export type SearchIndex = readonly Entry[];

export interface Found {
  readonly id: string;
  /** The name that was hit, where it is not the first one; undefined also where the use was hit. */
  readonly by?: string;
  readonly score: number;
}

/** Words of one's own for a material: a shop's on a jar. */
export interface OtherName { readonly id: string; readonly text: string }

/**
 * Romanised names are spelt as one hears them: aritha, reetha; bhringraj, bhringaraja. This keeps what the spellings
 * share: single vowels, no aspiration, no doubled letters.
 */
export const soundOf = (folded: string): string => folded
  .replace(/[^\p{L}\p{N}]/gu, "").replace(/ee|ii/g, "i").replace(/oo|uu|ou/g, "u").replace(/ph/g, "f").replace(/([bdgkptcjsz])h/g, "$1")
  .replace(/w/g, "v").replace(/y/g, "i").replace(/ck|q|c(?=[aou])/g, "k").replace(/z/g, "s").replace(/(.)\1+/gu, "$1").replace(/a(?=[^aeiou]?$)/g, "");

export function searchIndex(materials: readonly Material[], others: readonly OtherName[] = []): SearchIndex {
  const own = new Map<string, string[]>();
  for (const { id, text } of others) own.set(id, [...(own.get(id) ?? []), text]);
  return materials.map(({ id, names, use, jobs, family, form, inci }) => ({
    id, jobs: wordsOf(jobs.join(" ")),
    words: wordsOf([...names.map((name) => name.text), ...(own.get(id) ?? [])].join(" ")),
    names: [...names.map((name) => name.text), ...(own.get(id) ?? []), ...(inci ? [inci] : [])].map((text) => {
      const folded = foldText(text);
      return { text, folded, words: wordsOf(text), sound: soundOf(folded) };
    }),
    about: wordsOf(`${use} ${jobs.join(" ")} ${family} ${form}`),
  }));
}

const SMALL_WORDS = ["for", "the", "and", "with", "of", "my", "your", "some", "a", "an"];
const LEAST_FUZZY = 4;
/** One slip in four letters, two from seven on. */
const slips = (length: number): number => (length < LEAST_FUZZY ? 0 : length < 7 ? 1 : 2);

function scoreOf(entry: Entry, query: string, words: readonly string[], sound: string, close: boolean): { score: number; by?: string } {
  let best = 0;
  let by: string | undefined;
  const better = (score: number, name?: string) => { if (score > best) [best, by] = [score, name]; };
  entry.names.forEach((name, i) => {
    const first = i === 0 ? 3 : 0;
    if (name.folded === query) better(100 + first, name.text);
    else if (name.folded.startsWith(query)) better(85 + first, name.text);
    else if (words.every((word) => name.words.some((one) => one === word))) better(78 + first, name.text);
    else if (words.every((word) => name.words.some((one) => one.startsWith(word)))) better(70 + first, name.text);
    else if (query.length > 2 && name.folded.includes(query)) better(50 + first, name.text);
    else if (sound.length > 2 && name.sound === sound) better(48 + first, name.text);
    else if (sound.length > 3 && name.sound.startsWith(sound)) better(44 + first, name.text);
    else if (close && sound.length >= LEAST_FUZZY && withinEdits(sound, name.sound, slips(sound.length))) better(32 + first, name.text);
  });
  const asked = words.filter((word) => !SMALL_WORDS.includes(word));
  if (asked.length > 0 && best < 46 && asked.every((word) => entry.jobs.includes(word))) better(46);
  if (asked.length > 0 && best < 40 && asked.every((word) => word.length > 2 && entry.about.some((one) => one.startsWith(word)))) better(40);
  // Words of several names, of the form, and slips of the keys among them.
  const named = (word: string) => entry.words.some((one) => one.startsWith(word) || (close && withinEdits(word, one, slips(word.length))));
  if (best === 0 && asked.some(named) && asked.every((word) => named(word) || entry.about.includes(word))) better(close ? 30 : 42);
  return { score: best, by: by === entry.names[0].text ? undefined : by };
}

/**
 * Materials by any name, Latin, regional, misspelt, or by what they are used for, the likeliest first.
 * @param query as typed, in any script, with or without accents; empty finds nothing
 */
export function search(index: SearchIndex, query: string, limit = 24): Found[] {
  const folded = foldText(query).trim().replace(/\s+/g, " ").slice(0, 80);
  const words = wordsOf(folded, 8);
  if (words.length === 0) return [];
  const sound = soundOf(folded);
  const pass = (close: boolean): Found[] => index
    .map((entry) => ({ id: entry.id, ...scoreOf(entry, folded, words, sound, close) }))
    .filter(({ score }) => score > 0).sort((a, b) => b.score - a.score).slice(0, limit)
    .map(({ id, by, score }) => (by === undefined ? { id, score } : { id, by, score }));
  // Slips of spelling are looked for only where nothing is called so.
  const exact = pass(false);
  return exact.length > 0 ? exact : pass(true);
}
