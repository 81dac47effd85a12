import { exact, practice, type Figure } from "../figure";
import { parseCount } from "./parseCount";
import { FILLS, type Fill, type Unit } from "./units";

/** An amount as somebody wrote it, in a unit of ours. */
export interface TypedAmount {
  /** How many; a range that was typed is the figure's range. */
  readonly count: Figure;
  readonly unit: Unit;
  readonly fill: Fill;
  /** What stood after the unit, such as "lemon". */
  readonly of: string;
}

export type AmountReading =
  | { readonly kind: "understood"; readonly amount: TypedAmount }
  /** It may be any of these, the likeliest first; the maker has to say. */
  | { readonly kind: "ask"; readonly choices: readonly [TypedAmount, ...TypedAmount[]] }
  /** A number and nothing else: the unit is somebody else's to know. */
  | { readonly kind: "number"; readonly count: number }
  | { readonly kind: "refused" };

interface Meaning {
  readonly unit: Unit;
  readonly times: Figure;
}
const as = (unit: Unit, times = 1, name = "by definition"): Meaning => ({ unit, times: exact(times, name) });

/**
 * @source international avoirdupois ounce and pound; US customary fluid ounce: NIST Handbook 44, appendix C (from
 * memory)
 */
const OUNCE_G = as("g", 28.349523125, "28.349523125 g");
const FLUID_OUNCE_ML = as("ml", 29.5735295625, "1/128 US gallon");
const POUND_G = as("g", 453.59237, "453.59237 g");
/** What two or three fingers, and a hand, take up; makers differ. */
const PINCH: Meaning = {
  unit: "tsp",
  times: practice(1 / 16, 1 / 24, 1 / 8, "a pinch is about a sixteenth of a teaspoon"),
};
/** Household measures of no fixed size. */
const KATORI: Meaning = { unit: "ml", times: practice(150, 100, 200, "a katori is a small bowl of about 150 ml") };
const GLASS: Meaning = { unit: "ml", times: practice(200, 150, 250, "a kitchen glass is about 200 ml") };
const DESSERTSPOON: Meaning = { unit: "tsp", times: practice(2, 1.8, 2.4, "a dessertspoon is two teaspoons") };
const HANDFUL: Meaning = {
  unit: "cup",
  times: practice(1 / 3, 1 / 5, 1 / 2, "a handful of dry leaf is about a third of a cup"),
};

/**
 * What each unit may mean, the likeliest first; more than one is asked about. Longest names first where one begins
 * another.
 */
const UNIT_NAMES: readonly (readonly [pattern: string, meanings: readonly [Meaning, ...Meaning[]]])[] = [
  ["fl\\.? ?oz\\.?|floz|fluid ounces?", [FLUID_OUNCE_ML]],
  ["table ?spoons?|table ?spoonfuls?|tbsps?\\.?|tbs\\.?|tblsp?s?\\.?|tbl\\.?", [as("tbsp")]],
  ["tea ?spoons?|tea ?spoonfuls?|tsps?\\.?", [as("tsp")]],
  ["dessert ?spoons?|dessert ?spoonfuls?|dsps?\\.?", [DESSERTSPOON]],
  ["katoris?", [KATORI]],
  ["glass(?:es)?|glassfuls?", [GLASS]],
  // A part is whatever the maker takes for one.
  ["parts?", [as("tbsp"), as("tsp"), as("cup")]],
  ["spoons?|spoonfuls?", [as("tbsp"), as("tsp")]],
  ["cups?|c", [as("cup")]],
  ["drops?", [as("drop")]],
  ["pinch(?:es)?", [PINCH]],
  ["handfuls?|handsful", [HANDFUL]],
  ["pieces?|pcs?", [as("piece")]],
  ["kilograms?|kilos?|kgs?", [as("g", 1000)]],
  ["milligrams?|mgs?", [as("g", 0.001)]],
  ["grams?|grammes?|gms?|grs?|gs?", [as("g")]],
  ["pounds?|lbs?\\.?", [POUND_G]],
  ["ounces?|oz\\.?", [OUNCE_G]],
  ["milli(?:litre|liter)s?|mls?", [as("ml")]],
  ["centi(?:litre|liter)s?|cls?", [as("ml", 10)]],
  ["deci(?:litre|liter)s?|dls?", [as("ml", 100)]],
  ["(?:litre|liter)s?|l", [as("ml", 1000)]],
];
const UNIT = UNIT_NAMES.map(
  ([pattern, meanings]) => [new RegExp(`^(?:${pattern})(?![\\p{L}\\p{N}])`, "iu"), meanings] as const,
);
/** One letter with two meanings by its size, and often by nobody's care. */
const SPOON_LETTERS: Readonly<Record<string, readonly [Meaning, Meaning]>> = {
  T: [as("tbsp"), as("tsp")],
  t: [as("tsp"), as("tbsp")],
};

const NUMBER_WORDS: Readonly<Record<string, string>> = {
  a: "1",
  an: "1",
  ek: "1",
  one: "1",
  two: "2",
  three: "3",
  four: "4",
  five: "5",
  six: "6",
  seven: "7",
  eight: "8",
  nine: "9",
  ten: "10",
  twelve: "12",
  half: "1/2",
  "half a": "1/2",
  "half an": "1/2",
  "a half": "1/2",
  "a couple of": "2",
  "three quarters": "3/4",
  "three quarters of a": "3/4",
  "two thirds": "2/3",
  "two thirds of a": "2/3",
  "a third of a": "1/3",
  third: "1/3",
  quarter: "1/4",
  "a quarter": "1/4",
  "quarter of a": "1/4",
  "a quarter of a": "1/4",
  "a dozen": "12",
  "one and a half": "1.5",
  "two and a half": "2.5",
};
const WORDS = Object.keys(NUMBER_WORDS)
  .sort((a, b) => b.length - a.length)
  .join("|");
const DIGITS = String.raw`\d+\s+\d+\s*\/\s*\d+|\d+\s*\/\s*\d+|(?:\d+\s*)?[¼½¾⅓⅔⅛]|\d+(?:[.,]\d+)?|[.,]\d+`;
const WORD = new RegExp(`^(${WORDS})(?![\\p{L}\\p{N}])`, "iu");
const NUMBER = new RegExp(`^(?:${DIGITS})`, "u");
/** Where in a text a number may begin. */
export const NUMBER_START = String.raw`(?<![\p{L}\p{N}.,/])(?:${DIGITS}|(?:${WORDS})(?![\p{L}\p{N}]))`;
const TO = /^\s*(?:-|–|—|to\b|or\b)\s*(?=[\d¼½¾⅓⅔⅛.,])/iu;
const FILL_WORDS: Readonly<Record<string, Fill>> = {
  heaping: "heaped",
  flat: "level",
  ...Object.fromEntries(FILLS.map((fill) => [fill, fill])),
};
const LONGEST = 120;

/** The number that a text begins with, and what is left. */
function numberIn(text: string): { readonly value: number; readonly rest: string } | undefined {
  const typed = NUMBER.exec(text)?.[0] ?? WORD.exec(text)?.[0];
  if (typed === undefined) return undefined;
  const value = parseCount((NUMBER_WORDS[typed.toLowerCase()] ?? typed).replace("⅛", " 1/8"));
  return value === undefined ? undefined : { value, rest: text.slice(typed.length).trimStart() };
}

/**
 * Reads an amount as people write it: `2 tbsp`, `1 heaped tsp`, `¼ cup`, `1 1/2 c`, `0,25 cup`, `75ml`, `2 fl oz`,
 * `8-12 drops`, `half a lemon`, `2 eggs`, `a pinch`. What can mean two things is asked about: a single t or T, a
 * spoon, and ounces of what is poured.
 *
 * @param poured true where the thing is a liquid, for which an ounce may be a volume
 * @returns never throws, and no count is NaN or negative
 */
export function parseAmount(typed: string, poured = false): AmountReading {
  const text = typed.trim().replace(/\s+/g, " ");
  if (text === "" || text.length > LONGEST) return { kind: "refused" };
  const first = numberIn(text);
  if (!first) return { kind: "refused" };
  let rest = first.rest;
  const low = first.value;
  let high = low;
  const to = TO.exec(rest);
  if (to) {
    const second = numberIn(rest.slice(to[0].length));
    if (!second || second.value < first.value) return { kind: "refused" };
    [high, rest] = [second.value, second.rest];
  }
  if (high <= 0) return { kind: "refused" };
  if (rest === "") return low === high ? { kind: "number", count: low } : { kind: "refused" };

  let fill: Fill | undefined;
  const takeFill = () => {
    const word = /^\p{L}+/u.exec(rest)?.[0] ?? "";
    if (fill !== undefined || !Object.hasOwn(FILL_WORDS, word.toLowerCase())) return;
    fill = FILL_WORDS[word.toLowerCase()];
    rest = rest.slice(word.length).trimStart();
  };
  takeFill();
  const letter = /^([tT])\.?(?![\p{L}\p{N}])/u.exec(rest);
  let meanings: readonly [Meaning, ...Meaning[]] | undefined = letter ? SPOON_LETTERS[letter[1]] : undefined;
  let unitChars = letter?.[0].length ?? 0;
  for (const [pattern, of] of letter ? [] : UNIT) {
    const found = pattern.exec(rest)?.[0];
    if (found === undefined) continue;
    [meanings, unitChars] = [of, found.length];
    break;
  }
  rest = rest.slice(unitChars).replace(/^[\s,]+/, "");
  takeFill();
  const of = rest.replace(/^of(?: an?| the)? /i, "").replace(/^[\s,]+/, "");
  if (!meanings) {
    // A number and a thing is so many of it, if it is a word at all.
    if (!/^\p{L}/u.test(of)) return { kind: "refused" };
    meanings = [as("piece")];
  }
  if (poured && meanings[0] === OUNCE_G) meanings = [FLUID_OUNCE_ML, OUNCE_G];
  const amount = ({ unit, times }: Meaning): TypedAmount => ({
    count: {
      value: ((low + high) / 2) * times.value,
      low: low * times.low,
      high: high * times.high,
      source: times.source,
    },
    unit,
    fill: fill ?? "level",
    of,
  });
  const [likeliest, ...others] = meanings;
  return others.length === 0
    ? { kind: "understood", amount: amount(likeliest) }
    : { kind: "ask", choices: [amount(likeliest), ...others.map(amount)] };
}
