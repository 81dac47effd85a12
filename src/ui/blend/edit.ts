import { PURPOSE } from "@/core/head";
import { type Lookup, type Material } from "@/core/material";
import { tidyAmount } from "@/core/paste";
import { textOf, typed } from "../forms/typed";
import { unlearnt, type DraftHead } from "../heads/draftHead";
import { type BlendDocument, type DraftLine } from "./document";
import { readAmount, firstAmount, type DraftAmount } from "./draftAmount";

/** Another purpose brings its own thickness, unless another one was chosen. */
export const forPurpose = (doc: BlendDocument, purpose: BlendDocument["purpose"]): Partial<BlendDocument> => ({
  purpose,
  ...(doc.target === PURPOSE[doc.purpose].word ? { target: PURPOSE[purpose].word } : {}),
});

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
