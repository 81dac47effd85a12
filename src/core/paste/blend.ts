import type { Role } from "../balance";
import { TOOLS, WHERES, WORN, type Head, type PurposeId, type Roots, type Tool, type Where, type Worn } from "../head";
import { findMaterial, type Lookup, type Material } from "../material";
import type { Fill, Spoons, Unit } from "../measure";
import type { TargetWord } from "./target";

/**
 * `likely` makes the middle of the head's band, `generous` a quarter more than that, `asGiven` leaves the powders as
 * typed, `forLiquid` takes as much of the parts as the liquid that is given wants.
 */
export const SIZINGS = ["likely", "generous", "asGiven", "forLiquid"] as const;
export type Sizing = (typeof SIZINGS)[number];

/** A second liquid, poured together with the first in a set ratio. */
export interface SecondLiquid {
  readonly materialId: string;
  readonly jarId?: string;
  /** Of the liquid's volume, 0–1. */
  readonly share: number;
}

/** What is poured. */
export interface Liquid {
  readonly materialId: string;
  readonly jarId?: string;
  readonly tempC: number;
  /** Of all that is poured, fixed instead of solved. */
  readonly amountMl?: number;
  readonly with?: SecondLiquid;
}

/** What a maker decided otherwise than the advice; kept with the blend. */
export interface Choices {
  readonly strain?: boolean;
  readonly where?: Where;
  readonly washOut?: "water" | "conditioner" | "once" | "twice";
  readonly conditionAfter?: boolean;
  /** Oil folded in last, or rubbed into the powders first. */
  readonly oil?: "last" | "first";
  /** How the hair is while it is on. */
  readonly worn?: Worn;
  /** With what it is put on. */
  readonly tool?: Tool;
}
export const CHOICES = {
  strain: [true, false],
  where: WHERES,
  washOut: ["water", "conditioner", "once", "twice"],
  conditionAfter: [true, false],
  oil: ["last", "first"],
  worn: WORN,
  tool: TOOLS,
} as const satisfies { readonly [K in keyof Choices]-?: readonly NonNullable<Choices[K]>[] };

/**
 * What tests on a plate taught of the jars in a bowl. ln k of jar i on its holding has the mean that its material
 * already carries, and the spread Σ_f spread[i][f] z_f with independent standard normal z: jars that were only ever
 * tested together are known together better than apart.
 */
export interface LearntTogether {
  readonly jarIds: readonly string[];
  readonly spread: readonly (readonly number[])[];
}

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
  readonly liquid: Liquid;
  readonly target: { readonly word: TargetWord } | { readonly yieldPa: number };
  readonly kitchenTempC: number;
  /** Minutes between mixing and putting it on; herb pastes default to their soak, dyes to their peak. */
  readonly restMin?: number;
  readonly sizing: Sizing;
  readonly choices?: Choices;
}

export interface PasteQuestion extends Blend {
  readonly head: Head;
  readonly spoons: Spoons;
  /** The household's own figures that this bowl uses: things of its own, and jars that were measured. */
  readonly own?: readonly Material[];
  /** What was learnt of its jars together. */
  readonly learnt?: LearntTogether;
}

/** Finds what a bowl is made of: the jar first, then things of the household's own, then the tables. */
export const lookupIn = ({ own = [] }: Pick<PasteQuestion, "own">): Lookup =>
  own.length === 0
    ? findMaterial
    : (id, jarId) =>
        (jarId === undefined ? undefined : own.find((one) => one.id === id && one.jarId === jarId)) ??
        own.find((one) => one.id === id && one.jarId === undefined) ??
        findMaterial(id);

/** What is poured, one liquid or two, each with its share of the volume. */
export const liquidParts = ({
  materialId,
  jarId,
  with: second,
}: Liquid): readonly { readonly materialId: string; readonly jarId?: string; readonly share: number }[] => [
  { materialId, ...(jarId === undefined ? {} : { jarId }), share: 1 - (second?.share ?? 0) },
  ...(second ? [second] : []),
];

/** Every line and every liquid. */
export const thingsOf = ({
  lines,
  liquid,
}: Pick<Blend, "lines" | "liquid">): readonly { readonly materialId: string; readonly jarId?: string }[] => [
  ...lines,
  liquid,
  ...(liquid.with ? [liquid.with] : []),
];

/** Every material of a bowl as it is used there, and as its jar's label has it, for keeping with its answer. */
export function figuresOf(question: PasteQuestion): Material[] {
  const find = lookupIn(question);
  const all = thingsOf(question).flatMap(({ materialId, jarId }) =>
    [find(materialId, jarId) ?? [], find(materialId) ?? []].flat(),
  );
  return [...new Map(all.map((material) => [`${material.id} ${material.jarId ?? ""}`, material])).values()];
}
