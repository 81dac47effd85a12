import type { TypedAmount, Unit } from "../measure";
import { foldText } from "../text";
import type { LineThing } from "./nameThing";
import type { Mismatch } from "./mismatches";

/** How much of it a line says, if it does. */
export type LineAmount =
  | { readonly kind: "known"; readonly amount: TypedAmount }
  /** It may be any of these; the maker has to say. */
  | { readonly kind: "which"; readonly choices: readonly [TypedAmount, ...TypedAmount[]] }
  /** As much as the paste wants: said, or plain water or tea without a number. Only of what makes a paste up. */
  | { readonly kind: "asNeeded" }
  | { readonly kind: "missing" };

/** A thing and how much of it. It is understood whole where both are known, and is asked about otherwise. */
export interface ThingLine {
  readonly kind: "thing";
  readonly text: string;
  /** As it was written, without its amount. */
  readonly name: string;
  readonly thing: LineThing;
  readonly amount: LineAmount;
  /** An answer of this household to the same words, given before. */
  readonly remembered?: { readonly thing?: true; readonly unit?: true };
  /** The earlier line of this page that is the same thing. */
  readonly twice?: number;
  readonly mismatch?: Mismatch;
  /** More than one thing stands on it, each with its amount. */
  readonly several?: true;
}
export type PageLine =
  ThingLine | { readonly kind: "total" | "equation" | "words"; readonly text: string; readonly mismatch?: Mismatch };

/** What a household once answered: a name as it was written, to the thing it meant; a unit with a name, to the unit. */
export interface Meanings {
  readonly things: Readonly<Record<string, string>>;
  readonly units: Readonly<Record<string, Unit>>;
}
export const NO_MEANINGS: Meanings = { things: {}, units: {} };

/** One household's answer to some words, and nothing that every object has. */
export const meant = <T>(answers: Readonly<Record<string, T>>, said: string): T | undefined =>
  Object.hasOwn(answers, said) ? answers[said] : undefined;

/** The words under which an answer about a thing is remembered. */
export const thingKey = ({ name }: Pick<ThingLine, "name">): string =>
  foldText(name).replace(/\s+/g, " ").trim().slice(0, 80);
/**
 * The words under which an answer about a unit is remembered: everything but the number, large and small letters kept.
 */
export const unitKey = ({ text }: Pick<ThingLine, "text">): string =>
  text
    .replace(/[\d¼½¾⅓⅔⅛/.,]+/g, " ")
    .replace(/\s+/g, " ")
    .trim()
    .slice(0, 80);
