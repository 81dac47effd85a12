import type { Figure } from "../figure";
import { exact } from "../figure";
import { isTagged, massG, type Lookup, type Material } from "../material";
import { findAmounts, parseAmount, type AmountReading, type Spoons, type TypedAmount, type Unit } from "../measure";
import { nameThing, type LineThing, type MeasuredBy } from "./nameThing";
import { meant, thingKey, unitKey, type LineAmount, type Meanings, type PageLine, type ThingLine } from "./pageLine";
import type { SearchIndex } from "./search";
import { mismatchBetween, type Mismatch } from "./mismatches";

const LONGEST = 200;
/** A line without its bullet, its number in a list, and its full stop. */
export const tidyLine = (raw: string): string =>
  raw
    .replace(/^\s*(?:[-–—*•·☐✓]\s*)?(?:\d{1,2}(?:\)\s*|\.\s+))?/u, "")
    .replace(/[.;,]\s*$/, "")
    .trim()
    .slice(0, LONGEST);

/** Ways of writing that mean the same as others, each to the plainest one. */
const SAME: readonly (readonly [RegExp, string])[] = [
  [/⁄/g, "/"],
  [/(\d)(?:st|nd|rd|th)\b/gi, "$1"],
  [/\b(\d+)\s*(?:-|and|&|\+)\s*(?=\d+\s*\/\s*\d)/gi, "$1 "],
  [/\b(\d+)\s*(?:and|&|\+)\s*(?=[¼½¾⅓⅔⅛])/gi, "$1 "],
  [/\bone (?:and|&) (?:a )?half\b/gi, "1 1/2"],
  [/\btwo (?:and|&) (?:a )?half\b/gi, "2 1/2"],
  [/^(?:a|one|1) (\p{L}+) and a half\b/iu, "1 1/2 $1"],
  [/(?:\b(?:about|approx(?:imately)?|approx|roughly|around|abt|circa|maybe|nearly|almost|ca)\b\.?|[~≈])\s*/gi, " "],
  [/\bor so\b/gi, " "],
  [/\ba couple(?: of)?\b/gi, "2"],
  [/\((heaped|heaping|rounded|level|scant|flat)\)/gi, " $1 "],
  [/\blvl\b/gi, "level"],
  [/^(?:the )?(juice|yolk|white|gel|pulp) (?:of|from) (.+)$/i, "$2 $1"],
  [/(\p{L})\s*[x×]\s*(?=\d)/giu, "$1 "],
];

/** A time, a warmth, a date: numbers that are no amount of anything. */
const TIME = new RegExp(
  /\s*\b(?:(?:soak(?:ed)?|rest(?:ed)?|left|leave|boil(?:ed)?|steep(?:ed)?|simmer(?:ed)?)\s+)?(?:for\s+)?/u.source +
    /[\d¼½¾][\d\s.,/½¼¾–-]*\s*(?:hours?|hrs?|h|minutes?|mins?|days?|weeks?|months?|seconds?|secs?)\b/u.source,
  "giu",
);
const WARMTH = /\s*(?:\bat\s+)?\d+\s*(?:°\s*[cf]?|degrees?\b|deg\b)|\bat\s+\d+\s*[cf]\b/gi;
const DATE = /^\d{1,4}[./-]\d{1,2}(?:[./-]\d{1,4})?$/;
/** "x2" behind it all: twice the amount, or the batch twice? */
const TWICE = /[x×]\s*\d+\s*$/i;
const LEFT_OUT = /^(?:no|without|skip|omit|don'?t|do not|never|avoid|instead of)\b/i;
/** As much as the paste wants. */
const AS_NEEDED = new RegExp(
  /\b(?:enough|sufficient)\b|\b(?:as|if|when) (?:needed|required|necessary)\b|\bq\.?\s?s\b\.?/.source +
    /|\bto (?:make|form|get|mix|blend|bind)\b.*$|\bto (?:the )?right consistency\b/.source,
  "gi",
);
/** Amounts that nobody can weigh. */
const VAGUE = new RegExp(
  /\b(?:(?:a|one|two|\d+)\s+)?(?:(?:big|large|small|generous|good)\s+)?/.source +
    "(?:little bit|little|bit|few drops|few|splash|drizzle|squeeze|dollop|glug|knob|dash|bowl(?:ful)?s?|" +
    "pack(?:et|age)?s?|sachets?|scoops?|lots|big spoons?|large spoons?|small spoons?|equal parts)(?: of)?\\b" +
    /|\bsome\b|\bto taste\b/.source,
  "gi",
);
/** What is done with a thing, or what for, behind its name. */
const REMARK = /\s+(?:for|if|until|when|per|from|soaked|mixed|blended|ground up|left|in (?:the|a)|on|as)\b.*$/i;
const DONE_TO_IT =
  "soaked|sifted|sieved|melted|mashed|beaten|chopped|grated|crushed|warm(?:ed)?|cooled|cold|hot|strained|filtered";
const SAID_OF_IT =
  "optional|full fat|low fat|not boiling|homemade|organic|level|or more|approx|at room .*|room temp.*|" +
  "(?:if|for|to|from|more|as|soaked) .*";
const REMARKS = new RegExp(`^(?:(?:well|finely|freshly|lightly)\\s+)?(?:${DONE_TO_IT}|${SAID_OF_IT})$`, "i");

interface Parts {
  readonly names: readonly string[];
  readonly remarks: readonly string[];
  readonly amounts: readonly Exclude<AmountReading, { kind: "refused" }>[];
  readonly several: boolean;
}

/** A line taken apart: its amounts, and what stands beside them. */
function takeApart(text: string): Parts {
  const brackets: string[] = [];
  const outer = text.replace(/[([]([^)\]]*)[)\]]?/g, (_, inner: string) => {
    brackets.push(inner.trim());
    return " ";
  });
  const segments = outer.split(
    /\s*(?:,(?!\d)|;|:|=|\.{2,}|…|\s[-–—]+\s|(?<=\p{L})[-–—]+\s|\s[-–—]+(?=[\p{L}\d])|(?<=\p{L})[-–—](?=\d))\s*/u,
  );
  const amounts: Parts["amounts"][number][] = [];
  const names: string[] = [];
  const remarks: string[] = [];
  let several = false;
  const read = (segment: string, to: string[]) => {
    const found = findAmounts(segment);
    let at = 0;
    const left: string[] = [];
    for (const { start, end, reading } of found) {
      left.push(segment.slice(at, start));
      amounts.push(reading);
      at = end;
    }
    left.push(segment.slice(at));
    const words = left
      .map((one) => one.replace(/^[\s,.)+&]*(?:of\s+(?:an?\s+|the\s+)?)?/i, "").replace(/[\s,.(+&]+$/, ""))
      .filter((one) => one !== "");
    if (words.length > 1 && found.length > 1) several = true;
    if (words.length > 1 && found.length > 1) to.push(words.join(" and "));
    else
      to.push(
        ...(words.length > 1 && found.length === 1 && REMARKS.test(words[1])
          ? [words[0]]
          : words.length > 0
            ? [words.join(" ")]
            : []),
      );
  };
  for (const segment of segments) read(segment.trim(), names);
  for (const inside of brackets) read(inside, remarks);
  return {
    names,
    remarks,
    amounts,
    several: several || (amounts.length > 1 && names.filter((name, i) => i === 0 || !REMARKS.test(name)).length > 1),
  };
}

const measuredBy = (reading: Parts["amounts"][number] | undefined, text: string): MeasuredBy => {
  if (!reading) return "nothing";
  if (reading.kind === "number") return "piece";
  const { unit } = reading.kind === "understood" ? reading.amount : reading.choices[0];
  if (unit === "ml") return /\b(?:katori|glass)/i.test(text) ? "cup" : "ml";
  return unit === "g" || unit === "cup" || unit === "piece" ? unit : "spoon";
};

const count = (value: number): Figure => exact(value, "as it was written");
const inUnit = (value: number, unit: Unit): TypedAmount => ({ count: count(value), unit, fill: "level", of: "" });
const plain = ({ of: _, ...amount }: TypedAmount): TypedAmount => ({ ...amount, of: "" });
/** A number of what? Few are spoons, many are grams. */
function unitsFor(value: number, material: Material | undefined): readonly [TypedAmount, ...TypedAmount[]] {
  const poured = material?.form === "liquid";
  const units: readonly [Unit, ...Unit[]] =
    value > 12 ? (poured ? ["ml", "g"] : ["g", "ml"]) : ["tbsp", "tsp", "cup", "g"];
  return units.map((unit) => inUnit(value, unit)) as unknown as readonly [TypedAmount, ...TypedAmount[]];
}
/** True of "2-3", and not of a pinch, which is wide by itself. */
const ranged = ({ count: { low, high, source } }: TypedAmount): boolean => source.kind === "published" && high > low;
/** A range that was typed is two amounts. */
const ends = (amount: TypedAmount): readonly TypedAmount[] =>
  ranged(amount)
    ? [amount.count.low, amount.count.high].map((value) => ({ ...plain(amount), count: count(value) }))
    : [plain(amount)];
const whichOf = (choices: readonly TypedAmount[]): LineAmount =>
  choices.length === 1
    ? { kind: "known", amount: choices[0] }
    : { kind: "which", choices: choices as readonly [TypedAmount, ...TypedAmount[]] };

/** How much a line says, now that the thing is known, or asked about. */
function amountOf(
  readings: Parts["amounts"],
  material: Material | undefined,
  spoons: Spoons,
  again: (poured: boolean) => AmountReading,
): { readonly amount: LineAmount; readonly mismatch?: Mismatch } {
  const fits = (amount: TypedAmount) =>
    !material || massG(material, amount.count.value, amount.unit, amount.fill, spoons) !== undefined;
  const [first, second] = readings;
  if (!first) return { amount: { kind: "missing" } };
  if (first.kind === "number") {
    if (material?.pieceG) return { amount: { kind: "known", amount: inUnit(first.count, "piece") } };
    return { amount: { kind: "which", choices: unitsFor(first.count, material) } };
  }
  // An ounce of something poured may be a volume: asked again now that the thing is known.
  const poured = material !== undefined && (material.form === "liquid" || material.form === "soft");
  const heard = poured && readings.length === 1 ? again(true) : first;
  const of = heard.kind === "understood" ? ends(heard.amount) : heard.kind === "ask" ? heard.choices.map(plain) : [];
  const usable = of.filter(fits);
  if (usable.length === 0) return { amount: { kind: "missing" } };
  const other = second?.kind === "understood" && second.amount.unit !== "piece" ? plain(second.amount) : undefined;
  const mismatch = usable.length === 1 && other ? mismatchBetween(usable[0], other, material, spoons) : undefined;
  return mismatch ? { amount: whichOf([usable[0], other!]), mismatch } : { amount: whichOf(usable) };
}

/** Water and teas may stand on a page without a number: they make the paste up. */
export const isDrink = (material: Material | undefined): boolean =>
  material?.makesUp === true && (isTagged(material, "tap") || isTagged(material, "tea"));

/** Reads one line that is no total and no equation. */
export function readLine(text: string, index: SearchIndex, find: Lookup, spoons: Spoons, meanings: Meanings): PageLine {
  if (LEFT_OUT.test(text) || DATE.test(text)) return { kind: "words", text };
  let plainText = text.replace(TIME, " ").replace(WARMTH, " ").replace(TWICE, " ");
  for (const [from, to] of SAME) plainText = plainText.replace(from, to);
  const asNeeded = plainText.replace(AS_NEEDED, " ") !== plainText;
  plainText = plainText.replace(AS_NEEDED, " ");
  const vague = TWICE.test(text) || plainText.replace(VAGUE, " ") !== plainText;
  plainText = plainText.replace(VAGUE, " ").replace(/\s+/g, " ").trim();
  const times = /^(\d+)\s*[x×*]\s*(?=\d)/i.exec(plainText);
  if (times) plainText = plainText.slice(times[0].length);
  const { names, remarks, amounts: readings, several } = takeApart(plainText);
  const amounts = times ? readings.map((one) => multiplied(one, Number(times[1]))) : readings;
  const by = measuredBy(amounts[0], text);

  const named = nameOf(names, by, index, find);
  const { name } = named;
  let { thing } = named;
  // In brackets stands what it is called, or what was meant by it; another thing there is a question.
  for (const remark of remarks) {
    const inside = REMARKS.test(remark) ? undefined : nameThing(remark, by, index, find);
    if (inside?.kind !== "known" || (thing.kind === "known" && thing.id === inside.id)) continue;
    if (thing.kind === "which" && thing.ids.includes(inside.id)) {
      thing = inside;
      break;
    }
    thing = {
      kind: "which",
      called: true,
      ids: [...new Set([...(thing.kind === "known" ? [thing.id] : thing.ids), inside.id])],
    };
  }
  if (several) thing = { kind: "which", called: true, ids: thing.kind === "known" ? [thing.id] : thing.ids };
  const kept = thing.kind === "which" ? meant(meanings.things, thingKey({ name })) : undefined;
  const rememberedThing = kept !== undefined && find(kept) !== undefined && !several;
  if (rememberedThing) thing = { kind: "known", id: kept };

  const called = thing.kind === "known" || thing.called;
  const counted =
    (/^\d/.test(text) && thing.kind === "which" && thing.ids.length > 0) ||
    amounts.some((one) => one.kind !== "number" && !(one.kind === "understood" && one.amount.unit === "piece"));
  // Without an amount, or with a bare number, only what is really called something is a line of a recipe.
  if (!called && !counted && !(vague && thing.kind === "which" && /\b(?:and|&)\b/.test(name) && thing.ids.length > 1))
    return { kind: "words", text };

  const material = thing.kind === "known" ? find(thing.id) : undefined;
  const { amount: said, mismatch } =
    several || vague
      ? { amount: { kind: "missing" } as const, mismatch: undefined }
      : amountOf(amounts, material, spoons, (poured) => parseAmount(amountText(plainText), poured));
  let amount: LineAmount = said;
  if (amounts.length === 0 && material?.makesUp && (asNeeded || (!vague && isDrink(material))))
    amount = { kind: "asNeeded" };
  const unit = amount.kind === "which" ? meant(meanings.units, unitKey({ text })) : undefined;
  const before = amount.kind === "which" && !mismatch ? amount.choices.filter((one) => one.unit === unit) : [];
  if (before.length === 1) amount = { kind: "known", amount: before[0] };
  const remembered: ThingLine["remembered"] = {
    ...(rememberedThing ? { thing: true as const } : {}),
    ...(before.length === 1 ? { unit: true as const } : {}),
  };
  return {
    kind: "thing",
    text,
    name,
    thing,
    amount,
    ...(Object.keys(remembered).length > 0 ? { remembered } : {}),
    ...(mismatch ? { mismatch } : {}),
    ...(several ? { several } : {}),
  };
}

/** The amount of a line and nothing before it. */
const amountText = (text: string): string => text.slice(findAmounts(text)[0]?.start ?? 0);

function multiplied(reading: Parts["amounts"][number], times: number): Parts["amounts"][number] {
  const more = (amount: TypedAmount): TypedAmount => ({
    ...amount,
    count: {
      ...amount.count,
      value: amount.count.value * times,
      low: amount.count.low * times,
      high: amount.count.high * times,
    },
  });
  if (reading.kind === "number") return { kind: "number", count: reading.count * times };
  if (reading.kind === "understood") return { kind: "understood", amount: more(reading.amount) };
  const [first, ...others] = reading.choices;
  return { kind: "ask", choices: [more(first), ...others.map(more)] };
}

/** The thing among what stood beside the amounts: the first that is called something, when the rest are remarks. */
function nameOf(
  names: readonly string[],
  by: MeasuredBy,
  index: SearchIndex,
  find: Lookup,
): { readonly name: string; readonly thing: LineThing } {
  const whole = names.join(", ");
  if (whole === "") return { name: "", thing: { kind: "which", ids: [], called: false } };
  const said = names.filter((one, i) => i === 0 || !REMARKS.test(one)).join(", ");
  const short = said.replace(REMARK, "").trim();
  for (const name of new Set([whole, said, ...(short === "" ? [] : [short])])) {
    const thing = nameThing(name, by, index, find);
    if (thing.kind === "known" || thing.called) return { name, thing };
  }
  return { name: said, thing: nameThing(said, by, index, find) };
}
