import type { Material } from "../material";
import { foldText, wordsOf } from "../text";
import { KITCHEN_NAMES } from "./kitchenNames";
import { withinEdits } from "./withinEdits";

/** A material as a search knows it: every name folded, its words, and how it sounds. */
interface Entry {
  readonly id: string;
  readonly names: readonly {
    readonly text: string;
    readonly folded: string;
    readonly words: readonly string[];
    readonly sound: string;
    readonly inci?: true;
  }[];
  /** Every word of every name, once. */
  readonly words: readonly string[];
  readonly jobs: readonly string[];
  readonly about: readonly string[];
}
export interface SearchIndex {
  readonly entries: readonly Entry[];
  /** Every word and every sound that occurs, once: a typo is looked for in these and not in each entry. */
  readonly words: readonly string[];
  readonly sounds: readonly string[];
}

export interface SearchHit {
  readonly id: string;
  /** The name that was hit, where it is not the first one; undefined also where the use was hit. */
  readonly by?: string;
  readonly score: number;
}

/** Words of one's own for a material: a shop's on a jar. */
export interface OtherName {
  readonly id: string;
  readonly text: string;
}

/**
 * Romanised names are spelt as one hears them: aritha, reetha; bhringraj, bhringaraja. This keeps what the spellings
 * share: single vowels, no aspiration, no doubled letters.
 */
export const soundOf = (folded: string): string =>
  folded
    .replace(/[^\p{L}\p{N}]/gu, "")
    .replace(/ee|ii/g, "i")
    .replace(/oo|uu|ou/g, "u")
    .replace(/ph/g, "f")
    .replace(/([bdgkptcjsz])h/g, "$1")
    .replace(/w/g, "v")
    .replace(/y/g, "i")
    .replace(/ck|q|c(?=[aou])/g, "k")
    .replace(/z/g, "s")
    .replace(/(.)\1+/gu, "$1")
    .replace(/a(?=[^aeiou]?$)/g, "");

/** What is known of a material does not change; it is folded once. */
const folded = new WeakMap<Material, Entry>();
function entryOf(material: Material, others: readonly string[]): Entry {
  const known = others.length === 0 ? folded.get(material) : undefined;
  if (known) return known;
  const { id, names, use, jobs, family, form, inci } = material;
  const called = [...names.map((name) => name.text), ...others];
  const entry: Entry = {
    id,
    jobs: wordsOf(jobs.join(" ")),
    words: wordsOf(called.join(" ")),
    names: [...called, ...(inci ? [inci] : [])].map((text, i) => {
      const plain = foldText(text);
      return {
        text,
        folded: plain,
        words: wordsOf(text),
        sound: soundOf(plain),
        ...(i >= called.length ? { inci: true } : {}),
      };
    }),
    about: wordsOf(`${use} ${jobs.join(" ")} ${family} ${form}`),
  };
  if (others.length === 0) folded.set(material, entry);
  return entry;
}

/** Everything to be searched, with other names for some of it. */
export function searchIndex(materials: readonly Material[], others: readonly OtherName[] = []): SearchIndex {
  const own = new Map<string, string[]>();
  for (const { id, text } of others) {
    const known = own.get(id);
    if (known) known.push(text);
    else own.set(id, [text]);
  }
  const entries = materials.map((material) => entryOf(material, own.get(material.id) ?? []));
  const once = (texts: readonly string[]) => [...new Set(texts)];
  return {
    entries,
    words: once(entries.flatMap(({ words }) => words)),
    sounds: once(entries.flatMap((entry) => entry.names.map((name) => name.sound))),
  };
}

const SMALL_WORDS = ["for", "the", "and", "with", "of", "my", "your", "some", "a", "an"];
const LEAST_FUZZY = 4;
/** Above every score of a name. */
const MEANT = 140;
/** One typo in four letters, two from seven on. */
const typosIn = (length: number): number => (length < LEAST_FUZZY ? 0 : length < 7 ? 1 : 2);

/** What a typo may have meant: words near each word that was typed, and sounds near the whole. */
interface Near {
  readonly words: ReadonlyMap<string, ReadonlySet<string>>;
  readonly sounds: ReadonlySet<string>;
}
/** A longer query is told by its words; the sound of the whole would only be long. */
const MOST_SOUNDED = 2;

function nearIn({ words: all, sounds }: SearchIndex, words: readonly string[], sound: string): Near {
  const near = (text: string, among: readonly string[]) =>
    new Set(typosIn(text.length) === 0 ? [] : among.filter((one) => withinEdits(text, one, typosIn(text.length))));
  return {
    words: new Map(words.map((word) => [word, near(word, all)])),
    sounds: words.length > MOST_SOUNDED ? new Set() : near(sound, sounds),
  };
}

/** A query, folded once. */
interface Query {
  readonly text: string;
  readonly words: readonly string[];
  readonly sound: string;
  /** Its words without the small ones. */
  readonly asked: readonly string[];
}
type Name = Entry["names"][number];

/** What a name may be to a query, the best first; the first that is true counts. */
const BY_NAME: readonly { readonly score: number; readonly hit: (query: Query, name: Name) => boolean }[] = [
  { score: 100, hit: ({ text }, { folded }) => folded === text },
  { score: 85, hit: ({ text }, { folded }) => folded.startsWith(text) },
  { score: 78, hit: ({ words }, name) => words.every((word) => name.words.includes(word)) },
  { score: 70, hit: ({ words }, name) => words.every((word) => name.words.some((one) => one.startsWith(word))) },
  { score: 50, hit: ({ text }, { folded }) => text.length > 2 && folded.includes(text) },
  { score: 48, hit: ({ sound }, name) => sound.length > 2 && name.sound === sound },
  { score: 44, hit: ({ sound }, name) => sound.length > 3 && name.sound.startsWith(sound) },
];
/** With typos: nothing is called so to the letter, which the first pass has found. */
const NEAR_NAME = 32;
/** The first name of a thing stands before its other names. */
const FIRST_NAME = 3;
/** What it is used for counts where no name scores more; `scoreOf` asks in this order. */
const BY_USE: readonly { readonly score: number; readonly hit: (query: Query, entry: Entry) => boolean }[] = [
  { score: 46, hit: ({ asked }, { jobs }) => asked.every((word) => jobs.includes(word)) },
  {
    score: 40,
    hit: ({ asked }, { about }) => asked.every((word) => word.length > 2 && about.some((one) => one.startsWith(word))),
  },
];
/** Words of several names and of the form among them. */
const MIXED = 42;
/** The same with typos. */
const NEAR_MIXED = 30;

function scoreOf(entry: Entry, query: Query, close?: Near): { score: number; by?: string } {
  let best = 0;
  let by: string | undefined;
  entry.names.forEach((name, i) => {
    const score = close
      ? close.sounds.has(name.sound) && NEAR_NAME
      : BY_NAME.find(({ hit }) => hit(query, name))?.score;
    const here = score ? score + (i === 0 ? FIRST_NAME : 0) : 0;
    if (here > best) [best, by] = [here, name.text];
  });
  const { asked } = query;
  if (!close && asked.length > 0)
    for (const { score, hit } of BY_USE) if (best < score && hit(query, entry)) [best, by] = [score, undefined];
  const named = (word: string) => entry.words.some((one) => one.startsWith(word) || close?.words.get(word)?.has(one));
  if (best === 0 && asked.some(named) && asked.every((word) => named(word) || entry.about.includes(word)))
    best = close ? NEAR_MIXED : MIXED;
  return { score: best, by: by === entry.names[0].text ? undefined : by };
}

/**
 * Materials by any name, Latin, regional, misspelt, or by what they are used for, the likeliest first.
 * @param query as typed, in any script, with or without accents; empty finds nothing
 */
export function search(index: SearchIndex, query: string, limit = 24): SearchHit[] {
  const folded = foldText(query).trim().replace(/\s+/g, " ").slice(0, 80);
  const words = wordsOf(folded, 8);
  if (words.length === 0) return [];
  const sound = soundOf(folded);
  const typed: Query = { text: folded, words, sound, asked: words.filter((word) => !SMALL_WORDS.includes(word)) };
  const pass = (close?: Near): SearchHit[] =>
    index.entries
      .map((entry) => ({ id: entry.id, ...scoreOf(entry, typed, close) }))
      .filter(({ score }) => score > 0)
      .sort((a, b) => b.score - a.score)
      .slice(0, limit)
      .map(({ id, by, score }) => (by === undefined ? { id, score } : { id, by, score }));
  // What a short kitchen word means stands first, whatever else is called something like it.
  const meant = Object.hasOwn(KITCHEN_NAMES, folded)
    ? KITCHEN_NAMES[folded].ids.filter((id) => index.entries.some((entry) => entry.id === id))
    : [];
  const first = meant.map((id, rank): SearchHit => ({ id, score: MEANT - rank }));
  // Typos are looked for only where nothing is called so.
  const exact = [...first, ...pass().filter(({ id }) => !meant.includes(id))].slice(0, limit);
  return exact.length > 0 ? exact : pass(nearIn(index, words, sound));
}
