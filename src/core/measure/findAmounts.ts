import { NUMBER_START, parseAmount, type AmountReading } from "./parseAmount";

/** An amount and where it stands in a text. */
export interface AmountAt {
  readonly start: number;
  readonly end: number;
  readonly reading: Exclude<AmountReading, { kind: "refused" }>;
}

/** Household measures that stand for one of themselves: "pinch of salt". */
const ONE_OF = /^(?:pinch|handful|katori|spoonful)(?:es|s)?\b/i;

/** What stood behind the unit is left in the text. */
const ofIn = (reading: AmountReading): string =>
  reading.kind === "understood" ? reading.amount.of : reading.kind === "ask" ? reading.choices[0].of : "";

/**
 * Every amount in a text, wherever it stands in it: "amla 2 tbsp", "2 tbsp amla".
 * @returns in the order of the text, not overlapping; never throws
 */
export function findAmounts(text: string): AmountAt[] {
  const found: AmountAt[] = [];
  const starts = new RegExp(NUMBER_START, "giu");
  for (let at = 0; at < text.length;) {
    starts.lastIndex = at;
    const one = at === 0 && ONE_OF.test(text) ? 0 : starts.exec(text)?.index;
    if (one === undefined) break;
    const rest = text.slice(one);
    const reading = parseAmount(at === 0 && one === 0 && ONE_OF.test(text) ? `1 ${rest}` : rest);
    if (reading.kind === "refused") {
      at = one + (/^(?:[\d.,/]+|\S+)/.exec(rest)?.[0].length ?? 1);
      continue;
    }
    const of = ofIn(reading);
    // Of a number and a thing only the number is the amount.
    const end = of === "" ? text.length : text.length - of.length;
    found.push({ start: one, end: Math.max(one + 1, end), reading });
    at = Math.max(one + 1, end);
  }
  return found;
}
