import { checkChoice } from "../checkChoice";
import { checkNumber } from "../checkNumber";
import type { Band } from "../figure";
import { LIMITS, type LimitName } from "../limits";
import type { Material } from "../material";
import type { Problem, Result } from "../problem";
import type { KeepsDays } from "./keeping";

/** So much of one thing that goes into a making. */
export interface Ingredient {
  readonly material: Material;
  readonly massG: number;
}

/** What a maker says of how it is made, by the id of its field; a number left out is worked out where it can be. */
export type Settings = Readonly<Record<string, number | string | boolean | undefined>>;

interface FieldBase {
  readonly id: string;
  /** Asked only then. */
  readonly when?: (settings: Settings) => boolean;
}
/** One thing that a method asks. The form, the checks and the route walk these; none knows a method by name. */
export type MakingField = FieldBase &
  (
    | {
        readonly kind: "number";
        readonly limit: LimitName;
        readonly unit: "ml" | "min" | "cm" | "m";
        /** Left out: it may stay empty, and is worked out. */
        readonly initial?: number;
      }
    | { readonly kind: "choice"; readonly options: readonly string[]; readonly initial: string }
    | { readonly kind: "yes"; readonly initial: boolean }
  );

/** Masses in g, volumes in ml. What goes in is what comes out: `inG` = product + rest + steam. */
export interface Amounts {
  readonly inG: Band;
  /** The liquid that is poured at first, ml. */
  readonly pourMl: Band;
  readonly productG: Band;
  readonly productMl: Band;
  /** What stays behind, wet. */
  readonly restG: Band;
  readonly steamG: Band;
}

export const MAKING_STEPS = ["weigh", "heat", "boil", "reduce", "pour", "stand", "strain", "keep"] as const;
export type MakingStepId = (typeof MAKING_STEPS)[number];
/** One step; minutes count from the start. */
export interface MakingStep {
  readonly id: MakingStepId;
  readonly startMin: number;
  readonly durationMin: number;
}

/** What may go wrong, or is dangerous, in this making. */
export const MAKING_NOTES = ["slimy", "throughCloth", "potTooFull", "hot", "stains", "keepCold", "weak"] as const;
export interface MakingNote {
  readonly code: (typeof MAKING_NOTES)[number];
  readonly detail?: Readonly<Record<string, string | number>>;
}

/** One way of doing it, and how long it takes until as much is drawn. */
export interface School {
  readonly way: string;
  readonly minutes: number;
}

/** Everything that follows from what went in. */
export interface Made {
  readonly amounts: Amounts;
  /** Dissolved g in 100 ml, and the share of what dissolves that was drawn. */
  readonly strengthGPer100Ml: Band;
  readonly drawn: Band;
  /** How long at its warmth, min: as it was said, or as long as it needs. */
  readonly minutes: number;
  /** The same drawn in other ways. */
  readonly schools: readonly School[];
  /** The product with its own figures; under a thing of the tables where there is one, else `like` it. */
  readonly material: Material;
  readonly likeId: string;
  readonly isInTables: boolean;
  readonly keeps: KeepsDays;
  readonly steps: readonly MakingStep[];
  readonly notes: readonly MakingNote[];
}

/** A way of making something, in one file: what it asks, and what follows. */
export interface Method {
  readonly id: string;
  readonly fields: readonly MakingField[];
  /** Whether a thing can go in. */
  readonly takes: (material: Material) => boolean;
  readonly make: (things: readonly Ingredient[], settings: Settings, roomC: number) => Result<Made>;
}

/** Settings with what a method takes where nothing was said; what is not asked then counts as not said. */
export function settled(fields: readonly MakingField[], given: Settings): Settings {
  const said = Object.fromEntries(fields.map(({ id, initial }) => [id, given[id] ?? initial]));
  return Object.fromEntries(fields.map(({ id, initial, when }) => [id, when && !when(said) ? initial : said[id]]));
}
/** What was said of what is asked: what a making is kept with. */
export function answered(
  fields: readonly MakingField[],
  given: Settings,
): Readonly<Record<string, number | string | boolean>> {
  const full = settled(fields, given);
  return Object.fromEntries(
    fields.flatMap(({ id, when }) => {
      const value = full[id];
      return value === undefined || (when && !when(full)) ? [] : [[id, value] as const];
    }),
  );
}

/** Every problem with what was said of a making, before anything is computed. */
export function checkMaking(
  { fields, takes }: Pick<Method, "fields" | "takes">,
  things: readonly { readonly material: Material | undefined; readonly massG: number }[],
  settings: Settings,
): Problem[] {
  const problems: (Problem | undefined)[] = [];
  if (things.length === 0) problems.push({ field: "things", code: "required" });
  if (things.length > LIMITS.lineCount.max)
    problems.push({ field: "things", code: "tooMany", detail: { max: LIMITS.lineCount.max } });
  things.forEach(({ material, massG }, i) => {
    if (!material) problems.push({ field: `things.${i}.materialId`, code: "unknownMaterial" });
    else if (!takes(material)) problems.push({ field: `things.${i}.materialId`, code: "notInThis" });
    problems.push(checkNumber(`things.${i}.massG`, massG, "jarG"));
  });
  const full = settled(fields, settings);
  for (const field of fields) {
    if (field.when && !field.when(full)) continue;
    const value = full[field.id];
    const path = `settings.${field.id}`;
    if (field.kind === "choice") problems.push(checkChoice(path, value, field.options));
    else if (field.kind === "yes")
      problems.push(typeof value === "boolean" ? undefined : { field: path, code: "unknownChoice" });
    else if (value !== undefined || field.initial !== undefined) problems.push(checkNumber(path, value, field.limit));
  }
  for (const id of Object.keys(settings))
    if (!fields.some((field) => field.id === id)) problems.push({ field: `settings.${id}`, code: "unknownField" });
  return problems.filter((problem) => problem !== undefined);
}
