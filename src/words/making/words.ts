import type { Made, MakingStepId, Settings } from "@/core/making";
import { roundTo } from "../amounts";
import { andWords } from "../lists";

/** A piece of the sentence: words, or words that open fields. */
export type Piece = string | { readonly words: string; readonly opens: readonly string[] };
/** What opens the list of what goes in. */
export const THINGS = "things";

/** ml and g as a jug and a scale in a kitchen are read: to 5 from 50 on. */
export const kitchenMl = (ml: number): string => roundTo(ml, ml < 50 ? 1 : 5);

interface FieldWords {
  readonly label: string;
  readonly hint?: string;
  /** Of a choice, what each is called. */
  readonly options?: Readonly<Record<string, string>>;
}

/** Of "rosemary, dried" the first word is its name. */
export const plainNames = (names: readonly string[]): string => andWords(names.map((name) => name.split(",")[0]));
/** What comes of it, by the tables' plain name where they have it: what is made here comes out of no can. */
export const productName = (made: Made | undefined, { product }: MethodWords, names: readonly string[]): string =>
  made?.isInTables ? plainNames([made.material.names[0].text]) : product(names);
export const mlWords = ({ amounts }: Made, of: "pourMl" | "productMl"): string =>
  `${kitchenMl(amounts[of]?.mid ?? 0)} ml`;

export interface Late {
  readonly afterMin: number;
  readonly text: string;
}

/** How a method speaks. One file each, beside its definition and its picture. */
export interface MethodWords {
  readonly name: string;
  /** What it is for, in a line. */
  readonly about: string;
  /** What is asked before anything is in it. */
  readonly asks: string;
  readonly fields: Readonly<Record<string, FieldWords>>;
  readonly sentence: (things: string, settings: Settings, made: Made | undefined) => readonly Piece[];
  /** Left out where a step is as everywhere. */
  readonly step: (id: MakingStepId, things: string, settings: Settings, made: Made) => string | undefined;
  /** What one sees when a step is done, as who does it would say; left out where it is done when it is done. */
  readonly sign?: Readonly<Partial<Record<MakingStepId, string>>>;
  /** What is lost where a step goes on for so many minutes longer than it should. */
  readonly late?: Readonly<Partial<Record<MakingStepId, (settings: Settings, made: Made) => Late | undefined>>>;
  /** What is said of what stays behind. */
  readonly stays?: string;
  /** What stays behind, where that is of use: its name by all that went in or by what of it most is, and what for. */
  readonly rest?: (names: readonly string[], most: string) => { readonly name: string; readonly use: string };
  /** The name of what comes of it, where the house has to give it one. */
  readonly product: (names: readonly string[]) => string;
}
