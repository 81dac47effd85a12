import { PURPOSE, type Head, type PurposeId } from "@/core/head";
import { findMaterial, type Lookup } from "@/core/material";
import { EMPTY_SHELF, lookupOn, questionOn, type Shelf } from "@/core/shelf";
import { type Fill, type Spoons, type Unit } from "@/core/measure";
import { type Blend, type Choices, type PasteQuestion, type Sizing, type TargetWord } from "@/core/paste";
import { type Role } from "@/core/balance";
import { textOf, typed } from "../forms/typed";
import { draftHead, headOf, type DraftHead } from "../heads/draftHead";
import { readAmount } from "./draftAmount";

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

/** True where something kept earlier is a document of today's shape. */
export function isBlendDocument(kept: unknown): kept is BlendDocument {
  try {
    questionOf(kept as BlendDocument, "metric");
    return true;
  } catch {
    return false;
  }
}
