import type { Band } from "../figure";
import { massG, type Lookup } from "../material";
import { parseAmount, type Spoons } from "../measure";
import { NO_MEANINGS, type Meanings, type PageLine, type ThingLine } from "./pageLine";
import { readLine, tidyLine } from "./readLine";
import type { SearchIndex } from "./search";
import { spoonMismatch, totalMismatch } from "./mismatches";

const MOST_LINES = 200;
const TOTAL = /^(?:in all|altogether|total|together|makes|sum)\b[:\s]*/iu;

/** Two equal spoons: "3 tsp = 1 tbsp". Undefined where a side is something else. */
function equation(text: string, spoons: Spoons): PageLine | undefined {
  const sides = text.split("=");
  if (sides.length !== 2) return undefined;
  const [left, right] = sides
    .map((side) => parseAmount(side.trim()))
    .map((reading) =>
      reading.kind === "understood" ? reading.amount : reading.kind === "ask" ? reading.choices[0] : undefined,
    );
  if (!left || !right || left.of !== "" || right.of !== "" || left.unit === "g" || right.unit === "g") return undefined;
  const mismatch = spoonMismatch(left, right, spoons);
  return { kind: "equation", text, ...(mismatch ? { mismatch } : {}) };
}

/** "1 tbsp each amla, neem and bhringraj" is three lines. */
function eachOf(text: string): string[] | undefined {
  if (!/\beach\b/i.test(text)) return undefined;
  const rest = text
    .replace(/\beach\b(?: of)?:?/i, " ")
    .replace(/\s+/g, " ")
    .trim();
  const parts = rest.split(/\s*(?:,|&|\+|\band\b)\s*/i).filter((part) => part !== "");
  if (parts.length < 2) return undefined;
  const first = /^(.*?\d[\d\s/.]*\s*\p{L}+\.?(?: of)?)\s+(\p{L}.*)$/u.exec(parts[0]);
  if (first) return [parts[0], ...parts.slice(1).map((part) => `${first[1]} ${part}`)];
  const last = /^(\p{L}[\p{L}\s]*?)\s*[-–:(]?\s*(\d.*?)\)?$/u.exec(parts[parts.length - 1]);
  return last ? [...parts.slice(0, -1), last[1]].map((part) => `${last[2]} ${part}`) : undefined;
}

/**
 * Reads a page of a notebook line by line. Nothing is made up: a line is understood whole, or waits with what it may
 * mean, or is left as words. What contradicts itself is said, and the same thing twice is told.
 *
 * @param meanings what this household answered before
 */
export function readPage(
  page: string,
  index: SearchIndex,
  find: Lookup,
  spoons: Spoons,
  meanings: Meanings = NO_MEANINGS,
): PageLine[] {
  const read: PageLine[] = [];
  // Undefined from the first line on whose weight nobody knows yet.
  let sum: Band | undefined = { low: 0, mid: 0, high: 0 };
  for (const raw of page.split(/\r?\n/).slice(0, MOST_LINES)) {
    const text = tidyLine(raw);
    if (text === "") continue;
    const total = TOTAL.exec(text);
    const spoonsOnly = total ? undefined : equation(text, spoons);
    if (total || spoonsOnly) {
      const mismatch = total && sum ? totalMismatch(text.slice(total[0].length), sum) : undefined;
      read.push(spoonsOnly ?? { kind: "total", text, ...(mismatch ? { mismatch } : {}) });
      continue;
    }
    const parts = eachOf(text)?.map((part) => readLine(part, index, find, spoons, meanings));
    const allCalled = parts?.every(
      (part) => part.kind === "thing" && (part.thing.kind === "known" || part.thing.called),
    );
    for (const line of allCalled ? parts! : [readLine(text, index, find, spoons, meanings)]) {
      if (line.kind === "thing") sum = plus(sum, massOf(line, find, spoons));
      const id = line.kind === "thing" && line.thing.kind === "known" ? line.thing.id : undefined;
      const twice =
        id === undefined
          ? -1
          : read.findIndex((one) => one.kind === "thing" && one.thing.kind === "known" && one.thing.id === id);
      read.push(twice < 0 ? line : { ...(line as ThingLine), twice });
    }
  }
  return read;
}

const plus = (a: Band | undefined, b: Band | undefined): Band | undefined =>
  a && b ? { low: a.low + b.low, mid: a.mid + b.mid, high: a.high + b.high } : undefined;

/** What a line weighs: grams whatever the thing is, anything else once both are known. Undefined where nobody knows. */
function massOf({ thing, amount: said }: ThingLine, find: Lookup, spoons: Spoons): Band | undefined {
  if (said.kind !== "known") return undefined;
  const { count, unit, fill } = said.amount;
  if (unit === "g") return { low: count.low, mid: count.value, high: count.high };
  const material = thing.kind === "known" ? find(thing.id) : undefined;
  const mass = material && massG(material, count.value, unit, fill, spoons);
  return mass && { low: mass.low, mid: mass.value, high: mass.high };
}
