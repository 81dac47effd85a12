import { PLAIN_HEAD, PURPOSE, type Head, type PurposeId } from "@/core/head";
import { findMaterial, gramsByLength, HEAPS, type Lookup, type Material } from "@/core/material";
import { EMPTY_SHELF, lookupOn, questionOn, type Shelf } from "@/core/shelf";
import { parseAmount, type AmountReading, type Fill, type Spoons, type Unit } from "@/core/measure";
import {
  tidyAmount,
  type Blend,
  type BlendLine,
  type Choices,
  type PasteQuestion,
  type Sizing,
  type TargetWord,
} from "@/core/paste";
import { type Role } from "@/core/balance";
import { textOf, typed, typedCm } from "../forms/typed";

/** A line as it stands in the form: the amount as typed. */
export interface DraftLine {
  readonly key: number;
  readonly materialId: string;
  /** The jar it is to come from; left out, the one in use. */
  readonly jarId?: string;
  readonly role: Role;
  readonly text: string;
  readonly unit: Unit;
  readonly fill: Fill;
  /** So much essential oil is meant: it was said so, or saved so. */
  readonly sure?: true;
  /** What stood here before it was swapped for this. */
  readonly was?: Pick<DraftLine, "materialId" | "jarId" | "text" | "unit" | "fill" | "role">;
}

/** A head as it stands in the form: numbers as typed beside the head that they stand for. */
export interface DraftHead {
  readonly by: { readonly length: "cm" | "landmark"; readonly amount: "ponytail" | "strands" };
  readonly cmText: string;
  readonly ponytailText: string;
  readonly greyText: string;
  readonly hair: Head;
}

/** The blend being written. One reducer over this is the whole form. */
export interface BlendDocument {
  readonly name: string;
  readonly headId: string | null;
  readonly head: DraftHead;
  readonly purpose: PurposeId;
  readonly rootMonthsText: string;
  readonly rootShareText: string;
  readonly lines: readonly DraftLine[];
  readonly liquidId: string;
  readonly liquidTempText: string;
  /** A second liquid, poured together with the first; empty for none, and its share in percent as typed. */
  readonly secondId?: string;
  readonly secondShareText?: string;
  /** What the maker decided otherwise than the advice. */
  readonly choices?: Choices;
  /** Empty: solved. */
  readonly liquidMlText: string;
  readonly target: TargetWord | number;
  readonly kitchenText: string;
  /** Empty: as the bowl calls for. */
  readonly restText: string;
  readonly sizing: Sizing;
  /**
   * When it should be on the head, as a wall clock in the house shows it; of this draft and its bowl, and of no
   * version.
   */
  readonly whenText?: string;
}

export function draftHead(hair: Head = PLAIN_HEAD): DraftHead {
  return {
    by: {
      length: "cm" in hair.longest ? "cm" : "landmark",
      amount: "ponytailCm" in hair.amount ? "ponytail" : "strands",
    },
    cmText: "cm" in hair.longest ? textOf(hair.longest.cm) : "",
    ponytailText: "ponytailCm" in hair.amount ? textOf(hair.amount.ponytailCm) : "",
    greyText: String(Math.round(hair.greyShare * 100)),
    hair,
  };
}

/** An amount as it stands in the form: typed as a number beside its unit, or written out, as in "2 heaped tbsp". */
export function readAmount(
  { materialId, text, unit, fill }: Pick<DraftLine, "materialId" | "text" | "unit" | "fill">,
  find: Lookup = findMaterial,
): Pick<BlendLine, "amount" | "unit" | "fill"> {
  const reading = readingOf(find(materialId), text);
  if (reading?.kind === "understood")
    return { amount: reading.amount.count.value, unit: reading.amount.unit, fill: reading.amount.fill };
  return { amount: reading?.kind === "number" ? reading.count : typed(text), unit, fill };
}

/** How what was written out is understood; undefined where it is only a number. */
export function readingOf(material: Material | undefined, text: string): AmountReading | undefined {
  if (!/\p{L}/u.test(text)) return undefined;
  const count = material && gramsByLength(material, text);
  return count
    ? { kind: "understood", amount: { count, unit: "g", fill: "level", of: "" } }
    : parseAmount(text, !(material && HEAPS.includes(material.form)));
}

const unlearnt = ({ hair: { usual: _, ...hair }, ...rest }: DraftHead): DraftHead => ({ ...rest, hair });

export function headOf({ by, cmText, ponytailText, greyText, hair }: DraftHead): Head {
  return {
    ...hair,
    longest:
      by.length === "cm"
        ? { cm: typedCm(cmText) }
        : "landmark" in hair.longest
          ? hair.longest
          : { landmark: "shoulder" },
    amount:
      by.amount === "ponytail"
        ? { ponytailCm: typedCm(ponytailText) }
        : "strands" in hair.amount
          ? hair.amount
          : { strands: "medium" },
    greyShare: typed(greyText) / 100,
  };
}

export function blendOf(doc: BlendDocument, find: Lookup = findMaterial): Blend {
  return {
    purpose: doc.purpose,
    ...(PURPOSE[doc.purpose].region === "newGrowth"
      ? { roots: { months: typed(doc.rootMonthsText), share: typed(doc.rootShareText) / 100 } }
      : {}),
    lines: doc.lines.map((line) => ({
      materialId: line.materialId,
      ...(line.jarId ? { jarId: line.jarId } : {}),
      role: line.role,
      ...readAmount(line, find),
    })),
    liquid: {
      materialId: doc.liquidId,
      tempC: typed(doc.liquidTempText),
      ...(doc.liquidMlText.trim() ? { amountMl: typed(doc.liquidMlText) } : {}),
      ...(doc.secondId ? { with: { materialId: doc.secondId, share: typed(doc.secondShareText ?? "") / 100 } } : {}),
    },
    ...(doc.choices && Object.keys(doc.choices).length > 0 ? { choices: doc.choices } : {}),
    target: typeof doc.target === "number" ? { yieldPa: doc.target } : { word: doc.target },
    kitchenTempC: typed(doc.kitchenText),
    ...(doc.restText.trim() ? { restMin: typed(doc.restText) } : {}),
    sizing: doc.sizing,
  };
}

/** The question as this shelf answers it: its own things and measured jars in it. */
export const questionOf = (doc: BlendDocument, spoons: Spoons, shelf: Shelf = EMPTY_SHELF): PasteQuestion =>
  questionOn(blendOf(doc, lookupOn(shelf)), headOf(doc.head), spoons, shelf);

export function documentOf(
  blend: Blend,
  rest: { name: string; headId: string | null; head: Head; whenText?: string },
): BlendDocument {
  return {
    ...(rest.whenText ? { whenText: rest.whenText } : {}),
    name: rest.name,
    headId: rest.headId,
    head: draftHead(rest.head),
    purpose: blend.purpose,
    rootMonthsText: textOf(blend.roots?.months ?? 2),
    rootShareText: String(Math.round((blend.roots?.share ?? 1) * 100)),
    lines: blend.lines.map((line, key) => ({
      key,
      materialId: line.materialId,
      ...(line.jarId ? { jarId: line.jarId } : {}),
      role: line.role,
      text: textOf(line.amount),
      unit: line.unit,
      fill: line.fill,
      sure: true,
    })),
    liquidId: blend.liquid.materialId,
    liquidTempText: textOf(blend.liquid.tempC),
    liquidMlText: blend.liquid.amountMl === undefined ? "" : textOf(blend.liquid.amountMl),
    ...(blend.liquid.with
      ? {
          secondId: blend.liquid.with.materialId,
          secondShareText: textOf(Math.round(blend.liquid.with.share * 1000) / 10),
        }
      : {}),
    ...(blend.choices ? { choices: blend.choices } : {}),
    target: "word" in blend.target ? blend.target.word : blend.target.yieldPa,
    kitchenText: textOf(blend.kitchenTempC),
    restText: blend.restMin === undefined ? "" : textOf(blend.restMin),
    sizing: blend.sizing,
  };
}

/** Another purpose brings its own thickness, unless another one was chosen. */
export const forPurpose = (doc: BlendDocument, purpose: BlendDocument["purpose"]): Partial<BlendDocument> => ({
  purpose,
  ...(doc.target === PURPOSE[doc.purpose].word ? { target: PURPOSE[purpose].word } : {}),
});

/** True where something kept earlier is a document of today's shape. */
export function isBlendDocument(kept: unknown): kept is BlendDocument {
  try {
    questionOf(kept as BlendDocument, "metric");
    return true;
  } catch {
    return false;
  }
}

export type DraftAmount = Pick<DraftLine, "text" | "unit" | "fill">;

/** What a page of a notebook puts in the bowl. */
export interface TakenPage {
  readonly things: readonly { readonly material: Material; readonly amount: DraftAmount }[];
  /** What it is made up with, where the page says so; without ml, as much as it takes. */
  readonly liquid?: {
    readonly id: string;
    readonly ml?: number;
    readonly with?: { readonly id: string; readonly share: number };
  };
}

export type Edit =
  | { readonly do: "set"; readonly change: Partial<BlendDocument> }
  | { readonly do: "head"; readonly headId: string | null; readonly head: DraftHead }
  | { readonly do: "add"; readonly material: Material; readonly amount?: DraftAmount }
  /** A page of a notebook as it was written: amounts as they stand there, and what the rest of the bowl weighs now. */
  | { readonly do: "page"; readonly page: TakenPage; readonly nowG?: readonly number[] }
  /** Every line in so many grams, and nothing scaled any more. */
  | { readonly do: "grams"; readonly massG: readonly number[] }
  /** Every amount so many times. */
  | { readonly do: "multiply"; readonly factor: number; readonly find: Lookup }
  | { readonly do: "line"; readonly key: number; readonly change: Partial<DraftLine> }
  /** Another thing in its place, the old one kept to be put back; or that one, put back. */
  | { readonly do: "swap"; readonly key: number; readonly to: Pick<DraftLine, "materialId" | "text" | "unit" | "fill"> }
  | { readonly do: "putBack"; readonly key: number }
  | { readonly do: "remove"; readonly key: number }
  | { readonly do: "restore"; readonly doc: BlendDocument };

/** What a maker would first put in, by family. */
export function firstAmount(material: Material | undefined): Pick<DraftLine, "role" | "text" | "unit"> {
  if (material?.form === "powder") return { role: "part", text: "1", unit: "tbsp" };
  if (material?.family === "essentialOil") return { role: "fixed", text: "5", unit: "drop" };
  if (material?.pieceG) return { role: "fixed", text: "1", unit: "piece" };
  return { role: "fixed", text: "1", unit: material?.family === "acid" ? "tsp" : "tbsp" };
}

function swappedLine(
  { key, was, ...line }: DraftLine,
  to: Pick<DraftLine, "materialId" | "text" | "unit" | "fill">,
): DraftLine {
  const { materialId, jarId, text, unit, fill, role } = line;
  return { key, role, ...to, was: was ?? { materialId, jarId, text, unit, fill, role } };
}

/** Another amount of another thing is for the maker to be sure of again. */
function changedLine({ sure, ...line }: DraftLine, change: Partial<DraftLine>): DraftLine {
  const sameAmount = change.text === undefined && change.unit === undefined && change.materialId === undefined;
  return { ...line, ...(sure && sameAmount ? { sure } : {}), ...change };
}

export function edit(doc: BlendDocument, action: Edit): BlendDocument {
  switch (action.do) {
    case "set":
      return { ...doc, ...action.change };
    case "head":
      // What was learnt of a head is nobody else's.
      return { ...doc, headId: action.headId, head: action.headId === null ? unlearnt(action.head) : action.head };
    case "add": {
      const key = doc.lines.reduce((most, line) => Math.max(most, line.key), -1) + 1;
      return {
        ...doc,
        lines: [
          ...doc.lines,
          { key, materialId: action.material.id, fill: "level", ...firstAmount(action.material), ...action.amount },
        ],
      };
    }
    case "page":
      return withPage(doc, action.page, action.nowG);
    case "grams":
      return {
        ...doc,
        sizing: "asGiven",
        liquidMlText: "",
        lines: doc.lines.map((line, i) =>
          changedLine(line, { text: textOf(downTo(action.massG[i])), unit: "g", fill: "level" }),
        ),
      };
    case "multiply":
      return multiplied(doc, action.factor, action.find);
    case "line":
      return {
        ...doc,
        lines: doc.lines.map((line) => (line.key === action.key ? changedLine(line, action.change) : line)),
      };
    case "swap":
      return {
        ...doc,
        lines: doc.lines.map((line) => (line.key === action.key ? swappedLine(line, action.to) : line)),
      };
    case "putBack":
      return {
        ...doc,
        lines: doc.lines.map((line) =>
          line.key === action.key && line.was ? { key: line.key, sure: line.sure, ...line.was } : line,
        ),
      };
    case "remove":
      return { ...doc, lines: doc.lines.filter((line) => line.key !== action.key) };
    case "restore":
      return action.doc;
  }
}

/** What stands in the bowl keeps its weight; the page is added as it was written, and nothing of it is scaled. */
function withPage(doc: BlendDocument, { things, liquid }: TakenPage, nowG?: readonly number[]): BlendDocument {
  const standing = doc.lines.map((line, i): DraftLine =>
    nowG?.[i] === undefined
      ? line
      : { ...line, text: textOf(Number(nowG[i].toPrecision(3))), unit: "g", fill: "level" },
  );
  const key = doc.lines.reduce((most, line) => Math.max(most, line.key), -1) + 1;
  const added = things.map(({ material, amount }, i): DraftLine => ({
    key: key + i,
    materialId: material.id,
    role: firstAmount(material).role,
    ...amount,
    sure: true,
  }));
  const poured = liquid && {
    liquidId: liquid.id,
    liquidMlText: liquid.ml === undefined ? "" : textOf(liquid.ml),
    secondId: liquid.with?.id ?? "",
    secondShareText: liquid.with ? textOf(Math.round(liquid.with.share * 1000) / 10) : "",
  };
  return { ...doc, lines: [...standing, ...added], sizing: "asGiven", ...poured };
}

/** Not more than there is: to a tenth of a gram below. */
const downTo = (massG: number): number => Math.floor(massG * 10 + 1e-6) / 10;

/**
 * Every amount so many times, wet things and a liquid that was set with them. What cannot be read stays as it stands.
 */
function multiplied(doc: BlendDocument, factor: number, find: Lookup): BlendDocument {
  const more = (line: DraftLine): DraftLine => {
    const { amount, unit, fill } = readAmount(line, find);
    // What is more than it was is for the maker to be sure of again.
    return Number.isFinite(amount)
      ? { ...line, sure: undefined, text: textOf(tidyAmount(amount * factor, unit)), unit, fill }
      : line;
  };
  const ml = typed(doc.liquidMlText);
  const liquidMlText = Number.isFinite(ml) ? textOf(tidyAmount(ml * factor, "ml")) : doc.liquidMlText;
  return { ...doc, lines: doc.lines.map(more), liquidMlText };
}
