import type { Head, PurposeId, Roots } from "../head";
import { findMaterial, type Lookup, type Material } from "../material";
import type { Fill, Spoons, Unit } from "../measure";
import type { TargetWord } from "./target";

/** `part` lines keep their proportions and are scaled to the head; `fixed` lines go in as they stand. */
export const ROLES = ["part", "fixed"] as const;
export type Role = (typeof ROLES)[number];

/** `likely` makes the middle of the head's band, `generous` its upper end, `asGiven` leaves the powders as typed. */
export const SIZINGS = ["likely", "generous", "asGiven"] as const;
export type Sizing = (typeof SIZINGS)[number];

export interface BlendLine {
  readonly materialId: string;
  /** The jar it comes from; undefined is whichever jar of it is in use, or the tables where there is none. */
  readonly jarId?: string;
  readonly role: Role;
  readonly amount: number;
  readonly unit: Unit;
  readonly fill: Fill;
}

/** Everything about a bowl but the head. This is what a saved blend version holds. */
export interface Blend {
  readonly purpose: PurposeId;
  readonly roots?: Roots;
  readonly lines: readonly BlendLine[];
  readonly liquid: { readonly materialId: string; readonly jarId?: string; readonly tempC: number; /** fixed instead of solved */ readonly amountMl?: number };
  readonly target: { readonly word: TargetWord } | { readonly yieldPa: number };
  readonly kitchenTempC: number;
  /** Minutes between mixing and putting it on; herb pastes default to their soak, dyes to their peak. */
  readonly restMin?: number;
  readonly sizing: Sizing;
}

export interface PasteQuestion extends Blend {
  readonly head: Head;
  readonly spoons: Spoons;
  /** The household's own figures that this bowl uses: things of its own, and jars that were measured. */
  readonly own?: readonly Material[];
}

/** Finds what a bowl is made of: the jar first, then things of the household's own, then the tables. */
export const lookupIn = ({ own = [] }: Pick<PasteQuestion, "own">): Lookup => own.length === 0 ? findMaterial : (id, jarId) =>
  (jarId === undefined ? undefined : own.find((one) => one.id === id && one.jarId === jarId)) ?? own.find((one) => one.id === id && one.jarId === undefined) ?? findMaterial(id);

/** Every material of a bowl as it is used there, for keeping with its answer. */
export function figuresOf(question: PasteQuestion): Material[] {
  const find = lookupIn(question);
  const all = [...question.lines, question.liquid].flatMap(({ materialId, jarId }) => find(materialId, jarId) ?? []);
  return [...new Map(all.map((material) => [`${material.id} ${material.jarId ?? ""}`, material])).values()];
}
