import type { Band } from "../figure";
import { massG, type Lookup, type Material } from "../material";
import { parseAmount, volumeMl, type AmountReading, type Spoons, type TypedAmount } from "../measure";
import { search, type Found, type SearchIndex } from "./search";

/** Something on a page that cannot be right, or cannot be both. */
export type Slip =
  /** Spoons and grams of one thing that no spoon reconciles. */
  | { readonly kind: "disagree"; readonly spoonG: Band; readonly saidG: number }
  /** Spoons made equal that are not: what the first is in the second's unit. */
  | { readonly kind: "spoons"; readonly said: number; readonly really: number; readonly unit: TypedAmount["unit"] }
  /** A total that its parts do not come to. */
  | { readonly kind: "total"; readonly saidG: number; readonly sumG: Band };

export interface PageLine {
  readonly text: string;
  /** A thing and its amount; a total of the lines above; an equation of spoons; words. */
  readonly kind: "thing" | "total" | "equation" | "words";
  readonly reading?: AmountReading;
  /** What stood beside the amount, and what it may be, the likeliest first. */
  readonly name: string;
  readonly found: readonly Found[];
  readonly slip?: Slip;
}

const BULLET = /^\s*(?:[-–—*•·]\s+)?/u;
const TOTAL = /^(?:in all|altogether|total|together|makes|sum)\b[:\s]*/iu;
const FIRST_AMOUNT = /(?:^|[\s:,(=–-])((?:\d|[¼½¾⅓⅔⅛]|[.,]\d|half an? |an? (?:pinch|handful|quarter|half)|one |two |three |four |five |six ))/iu;
const SECOND = /(?:^|[\s,(=/]|\bor\b)\s*((?:\d+[.,]?\d*|[¼½¾⅓⅔⅛])\s*\p{L}+)\)?\s*$/iu;
/** How far a spoon can be off beyond its own band before two amounts contradict each other. */
const GENEROUS = 1.25;

const bandOf = (material: ReturnType<Lookup>, { count, unit, fill }: TypedAmount, spoons: Spoons): Band | undefined => {
  const mass = material && massG(material, count.value, unit, fill, spoons);
  return mass && { low: mass.low, mid: mass.value, high: mass.high };
};
const only = (reading: AmountReading): TypedAmount | undefined => (reading.kind === "understood" ? reading.amount : reading.kind === "ask" ? reading.choices[0] : undefined);

/** Spoons made equal: what one side holds in the other's unit. Undefined where it is no equation of spoons, or right. */
export function spoonSlip(left: TypedAmount, right: TypedAmount, spoons: Spoons): Slip | undefined {
  const [a, b] = [volumeMl(left.count.value, left.unit, spoons), volumeMl(right.count.value, right.unit, spoons)];
  const one = volumeMl(1, right.unit, spoons);
  if (a === undefined || b === undefined || !one || Math.abs(a / b - 1) < 0.04) return undefined;
  return { kind: "spoons", said: right.count.value, really: a / one, unit: right.unit };
}

/**
 * Reads a page of a notebook line by line: an amount and a thing in either order, totals, equations of spoons. What
 * can mean two things is asked about; what contradicts itself is said.
 */
export function readPage(page: string, index: SearchIndex, find: Lookup, spoons: Spoons): PageLine[] {
  const read: PageLine[] = [];
  let sum: Band = { low: 0, mid: 0, high: 0 };
  for (const raw of page.split(/\r?\n/).slice(0, 200)) {
    const text = raw.replace(BULLET, "").replace(/[.;]\s*$/, "").trim().slice(0, 200);
    if (text === "") continue;
    const line = readLine(text, index, find, spoons, sum);
    if (line.kind === "thing" && line.reading && line.slip?.kind !== "spoons") {
      const amount = only(line.reading);
      const mass = amount && line.found[0] && bandOf(find(line.found[0].id), amount, spoons);
      if (mass) sum = { low: sum.low + mass.low, mid: sum.mid + mass.mid, high: sum.high + mass.high };
    }
    read.push(line);
  }
  return read;
}

function readLine(text: string, index: SearchIndex, find: Lookup, spoons: Spoons, sum: Band): PageLine {
  const total = TOTAL.exec(text);
  if (total) {
    const reading = parseAmount(text.slice(total[0].length));
    const amount = only(reading);
    const saidG = amount?.unit === "g" ? amount.count.value : undefined;
    const wrong = saidG !== undefined && sum.mid > 0 && (saidG < sum.low / GENEROUS || saidG > sum.high * GENEROUS);
    return { text, kind: "total", reading, name: "", found: [], ...(wrong ? { slip: { kind: "total", saidG, sumG: sum } } : {}) };
  }
  const sides = text.split("=");
  if (sides.length === 2) {
    const [left, right] = sides.map((side) => only(parseAmount(side.trim())));
    if (left && right && left.of === "" && right.of === "" && left.unit !== "g" && right.unit !== "g") {
      const slip = spoonSlip(left, right, spoons);
      return { text, kind: "equation", name: "", found: [], ...(slip ? { slip } : {}) };
    }
  }
  // The name may stand first: "amla: 2 tbsp".
  const starts = FIRST_AMOUNT.exec(text);
  const at = starts ? starts.index + starts[0].length - starts[1].length : -1;
  if (at < 0) return { text, kind: "words", name: "", found: search(index, text, 4) };
  const before = text.slice(0, at).replace(/[\s:,(–=-]+$/u, "").trim();
  let rest = text.slice(at).replace(/\)\s*$/, ")").trim();
  let second: TypedAmount | undefined;
  const also = SECOND.exec(rest.replace(/\)\s*$/, ""));
  if (also && also.index > 0) {
    second = only(parseAmount(also[1]));
    if (second && second.of === "" && second.unit !== "piece") rest = rest.slice(0, also.index);
    else second = undefined;
  }
  const first = parseAmount(rest.replace(/[\s,(=/–-]+$/u, ""));
  const name = before || (first.kind === "understood" ? first.amount.of : first.kind === "ask" ? first.choices[0].of : "");
  const found = name === "" ? [] : search(index, name, 6);
  const material = found[0] && find(found[0].id);
  // An ounce of something poured may be a volume: asked again now that the thing is known.
  const poured = material !== undefined && (material.form === "liquid" || material.form === "soft");
  const reading = poured ? parseAmount(rest.replace(/[\s,(=/–-]+$/u, ""), true) : first;
  const amount = only(reading);
  if (first.kind === "refused" && !second) return { text, kind: "words", name, found };
  const slip = amount && second ? between(amount, second, material, spoons) : undefined;
  return { text, kind: "thing", reading, name, found, ...(slip ? { slip } : {}) };
}

/** What stands behind a typed amount, in brackets or after a comma, and contradicts it: "2 tbsp (60 g)". */
export function slipIn(amount: TypedAmount, material: Material | undefined, spoons: Spoons): Slip | undefined {
  const behind = /^[(=,]?\s*(.+?)\)?$/.exec(amount.of)?.[1] ?? "";
  const second = behind === "" ? undefined : only(parseAmount(behind));
  if (!second || second.of !== "" || second.unit === "piece") return undefined;
  return between(amount, second, material, spoons);
}

/** Two amounts of one thing that contradict each other. */
function between(amount: TypedAmount, second: TypedAmount, material: Material | undefined, spoons: Spoons): Slip | undefined {
  const [spooned, said] = amount.unit === "g" ? [second, amount] : [amount, second];
  if (said.unit !== "g") return spoonSlip(amount, second, spoons);
  const spoonG = spooned.unit === "g" ? undefined : bandOf(material, spooned, spoons);
  const apart = spoonG !== undefined && (said.count.value < spoonG.low / GENEROUS || said.count.value > spoonG.high * GENEROUS);
  return apart ? { kind: "disagree", spoonG, saidG: said.count.value } : undefined;
}
