import { checkChoice } from "../checkChoice";
import { checkNumber } from "../checkNumber";
import type { Band } from "../figure";
import { LIMITS, type LimitName } from "../limits";
import type { Lookup, Material } from "../material";
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
        readonly unit: "ml" | "min" | "h" | "cm" | "m" | "C" | "percent" | "days";
        /** Left out: it may stay empty, and is worked out. */
        readonly initial?: number;
      }
    | { readonly kind: "choice"; readonly options: readonly string[]; readonly initial: string }
    | { readonly kind: "yes"; readonly initial: boolean }
  );

/** Masses in g, volumes in ml. What goes in is what comes out: `inG` = product + rest + steam. */
export interface Amounts {
  readonly inG: Band;
  /** The water that is poured at first, ml; left out where none is. */
  readonly pourMl?: Band;
  readonly productG: Band;
  readonly productMl: Band;
  /** What stays behind, wet. */
  readonly restG: Band;
  readonly steamG: Band;
}

export const MAKING_STEPS = [
  "weigh",
  "heat",
  "boil",
  "reduce",
  "pour",
  "stand",
  "strain",
  "keep",
  "draw",
  "cool",
  "settle",
  "hang",
  "slurry",
  "cook",
  "open",
  "grind",
  "press",
  "dissolve",
  "mix",
] as const;
export type MakingStepId = (typeof MAKING_STEPS)[number];
/** One step; minutes count from the start. */
export interface MakingStep {
  readonly id: MakingStepId;
  readonly startMin: number;
  readonly durationMin: number;
}

/** What may go wrong, or is dangerous, in this making. */
export const MAKING_NOTES = [
  "slimy",
  "throughCloth",
  "potTooFull",
  "hot",
  "stains",
  "keepCold",
  "weak",
  "later",
  "measuredSteam",
  "measuredCooling",
  "overLid",
  "tooThickToStrain",
  "hotOil",
  "freshInOil",
  "wetOil",
  "botulism",
  "overCeiling",
  "notHeated",
  "keepDry",
  "dairyKept",
  "cookedHot",
  "block",
  "settles",
  "acidAfter",
  "latex",
  "tooLittleToTurn",
  "foams",
  "tooCool",
  "notEnoughWater",
  "addsUp",
  "patchTest",
] as const;
export interface MakingNote {
  readonly code: (typeof MAKING_NOTES)[number];
  readonly detail?: Readonly<Record<string, string | number>>;
}

/** One way of doing it, and how long it takes until as much is drawn. */
export interface MakingWay {
  readonly way: string;
  readonly minutes: number;
}

/** What else a method says of what comes of it, by the figure's name; units are in the names. */
export const SAID_FIGURES = [
  "dissolvedGPer100Ml",
  "drawnShare",
  "herbShare",
  "waterLeftShare",
  "setsAtC",
  "solidsShare",
  "stiffnessPa",
  "sameAsCreamG",
  "swellsAtC",
  "coolMin",
  "yieldShare",
  "clearsAtC",
] as const;
export type SaidFigure = (typeof SAID_FIGURES)[number];

/** Something that came of a making, as a material with figures of its own. */
export interface Product {
  /** Under a thing of the tables where there is one, else `like` it, or mixed of what went in. */
  readonly material: Material;
  readonly mixedOf?: readonly { readonly materialId: string; readonly share: number }[];
  /** Left out where it is as dry as what went in, and keeps as that does. */
  readonly keeps?: KeepsDays;
  readonly likeId: string;
  readonly isInTables: boolean;
}

/** Everything that follows from what went in. */
export interface Made extends Product {
  readonly amounts: Amounts;
  readonly says: Readonly<Partial<Record<SaidFigure, Band>>>;
  /** How long at its warmth, min: as it was said, or as long as it needs. */
  readonly minutes: number;
  /** The same drawn in other ways. */
  readonly schools: readonly MakingWay[];
  /** What stays behind and is of use, `amounts.restG` of it. */
  readonly rest?: Product;
  readonly steps: readonly MakingStep[];
  readonly notes: readonly MakingNote[];
}

/** Steps during which something is read off. */
export const READ_DURING: readonly MakingStepId[] = ["heat", "boil", "reduce", "stand", "draw", "cook", "cool"];
/** What can be read off while something is made: a stick in the pot, the pot on the scale, a thermometer. */
export const GAUGES = ["levelMm", "weightG", "tempC"] as const;
export type Gauge = (typeof GAUGES)[number];
/** What was read, minutes after the making began, during one of its steps. */
export interface Gauged {
  readonly gauge: Gauge;
  readonly value: number;
  readonly atMin: number;
  readonly step: MakingStepId;
}

/** What a product was found to weigh, by a scale or a jug, and ± how much. */
export interface CameTo {
  readonly massG: number;
  readonly errorG: number;
}

/** What is known of one making besides how it was planned: everything that follows agrees with it, and is surer. */
export interface Found {
  /** In the order it was read. */
  readonly gauged?: readonly Gauged[];
  readonly cameTo?: CameTo | undefined;
}

/** What goes into something, and how. */
export interface Recipe {
  readonly things: readonly { readonly materialId: string; readonly massG: number }[];
  readonly settings: Settings;
}

/** A way of making something, in one file: what it asks, and what follows. */
export interface Method {
  readonly id: string;
  readonly fields: readonly MakingField[];
  /** Whether a thing can go in. */
  readonly takes: (material: Material) => boolean;
  /** Ids of what kitchens make it of. */
  readonly commonest: readonly string[];
  /** g of a thing that one begins with; it is typed over. */
  readonly beginsWithG: (material: Material) => number;
  /** How a thing is usually done, where it is the first that goes in. */
  readonly suggests?: (material: Material) => Settings;
  /** Things of the tables that come of it, each with what so many g of it are made of. */
  readonly makes?: Readonly<Record<string, (massG: number, find: Lookup) => Recipe | undefined>>;
  /** How it was done, by how much of it came out: what is said of it the next time. */
  readonly asFound?: (
    settings: Readonly<Record<string, number | string | boolean>>,
    cameShare: number,
  ) => Readonly<Record<string, number | string | boolean>>;
  /** What of it can be read off on the way, and narrows what follows. */
  readonly gauges: readonly Gauge[];
  readonly make: (things: readonly Ingredient[], settings: Settings, roomC: number, found?: Found) => Result<Made>;
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
