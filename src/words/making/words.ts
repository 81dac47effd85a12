import type { Made, MakingStepId, Settings } from "@/core/making";
import { roundTo } from "../amounts";

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

/** How a method speaks. One file each, beside its definition and its picture. */
export interface MethodWords {
  readonly name: string;
  readonly fields: Readonly<Record<string, FieldWords>>;
  readonly sentence: (things: string, settings: Settings, made: Made | undefined) => readonly Piece[];
  readonly step: (id: MakingStepId, things: string, settings: Settings, made: Made) => string;
  /** The name of what comes of it, where the house has to give it one. */
  readonly product: (names: readonly string[]) => string;
}
