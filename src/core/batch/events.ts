import { checkChoice } from "../checkChoice";
import { checkNumber } from "../checkNumber";
import { LIMITS } from "../limits";
import { checkText, isUuid, momentMs } from "../text";
import { findMaterial, type Lookup } from "../material";
import type { Fill, Unit } from "../measure";
import { checkAmount, WORDS, type MixingWord } from "../paste";
import type { Problem } from "../problem";
import { checkReading, OUT_OF_REACH, type Reading } from "../reading";

/** Steps of a worksheet. Ids are kept in events for good; new ones are added. */
export const STEPS = [
  "gather",
  "mash",
  "warm",
  "lumps",
  "dry",
  "oilFirst",
  "wet",
  "firstPour",
  "pour",
  "strain",
  "oil",
  "scent",
  "bottle",
  "rest",
  "check",
  "hair",
  "apply",
  "leaveOn",
  "rinse",
  "clear",
] as const;
export type StepId = (typeof STEPS)[number];

export const STAGES = ["mixed", "onHead", "rinsed"] as const;
export type Stage = (typeof STAGES)[number];

/** Little to much, 1 to 5. Ids are kept in events for good. */
export const MARKS = ["soft", "slip", "grit", "shine", "colour", "grey", "evenness"] as const;
export type Mark = (typeof MARKS)[number];
export const MARK_RANGE = { min: 1, max: 5 } as const;

export const AGAIN = ["yes", "maybe", "no"] as const;
export type Again = (typeof AGAIN)[number];

/** Where a mixed bowl stands. */
export const PLACES = ["kitchen", "fridge", "freezer"] as const;
export type Place = (typeof PLACES)[number];

/** Spoons that a powder can be heaped on. */
export const SPOONS = ["tsp", "tbsp", "cup"] as const satisfies readonly Unit[];
export type SpoonUnit = (typeof SPOONS)[number];

/** An amount as it was measured out. */
export interface Measured {
  readonly amount: number;
  readonly unit: Unit;
  readonly fill: Fill;
}

/** What can happen to a bowl. Events are only ever added; `withdrawn` takes one back without erasing it. */
export type BatchPayload =
  | { readonly kind: "ticked"; readonly step: StepId; readonly done: boolean }
  | { readonly kind: "poured"; readonly ml: number }
  /** What really went in of a planned line, all in all. */
  | ({ readonly kind: "measured"; readonly line: number } & Measured)
  /** One spoon of a planned line was a heaped one. */
  | { readonly kind: "heaped"; readonly line: number; readonly unit: SpoonUnit }
  /** Something that the plan does not have. */
  | ({ readonly kind: "added"; readonly materialId: string } & Measured)
  | { readonly kind: "moved"; readonly place: Place }
  /** A test on a ring or a plate, of the bowl as it was then. */
  | ({ readonly kind: "tested" } & Reading)
  | { readonly kind: "said"; readonly word: MixingWord | "right" }
  | { readonly kind: "reached"; readonly stage: Stage }
  /** Empty once it was erased. */
  | { readonly kind: "noted"; readonly text: string }
  | { readonly kind: "marked"; readonly mark: Mark; readonly value: number }
  | { readonly kind: "again"; readonly again: Again }
  | { readonly kind: "closed" }
  | { readonly kind: "reopened" }
  | { readonly kind: "withdrawn"; readonly eventId: string }
  /** Another event of this bowl was at another time, ISO 8601; its place in the order stays. */
  | { readonly kind: "dated"; readonly eventId: string; readonly at: string };

export interface BatchEvent {
  /** UUIDv7 made by the client; a repeat adds nothing. */
  readonly id: string;
  readonly payload: BatchPayload;
  readonly deviceId: string;
  readonly deviceSeq: number;
  /** The household's rev that the device had seen; orders events with device and sequence, never a device's clock. */
  readonly revSeen: number;
  /** When it happened by the server's clock, ms since the epoch: its arrival less how long the device had kept it. */
  readonly atMs: number;
}

/** What each kind of event says beside its kind; anything more is refused, since events are kept for good. */
const FIELDS: Readonly<Record<BatchPayload["kind"], readonly string[]>> = {
  ticked: ["step", "done"],
  poured: ["ml"],
  measured: ["line", "amount", "unit", "fill"],
  heaped: ["line", "unit"],
  added: ["materialId", "amount", "unit", "fill"],
  moved: ["place"],
  tested: ["by", "heightMm", "slumpMm", "volumeMl", "acrossMm", "alongMm"],
  said: ["word"],
  reached: ["stage"],
  noted: ["text"],
  marked: ["mark", "value"],
  again: ["again"],
  closed: [],
  reopened: [],
  withdrawn: ["eventId"],
  dated: ["eventId", "at"],
};

/** Every problem with a payload of an unknown client. */
export function checkPayload(payload: BatchPayload, field = "payload", find: Lookup = findMaterial): Problem[] {
  if (typeof payload.kind !== "string" || !Object.hasOwn(FIELDS, payload.kind))
    return [checkChoice(`${field}.kind`, payload.kind, Object.keys(FIELDS))!];
  const strange = Object.keys(payload).find((key) => key !== "kind" && !FIELDS[payload.kind].includes(key));
  return strange === undefined
    ? checkContent(payload, field, find)
    : [{ field: `${field}.${strange}`, code: "unknownField" }];
}

function checkContent(payload: BatchPayload, field: string, find: Lookup): Problem[] {
  const among = (name: string, value: unknown, list: readonly unknown[]): Problem[] => {
    const problem = checkChoice(`${field}.${name}`, value, list);
    return problem ? [problem] : [];
  };
  switch (payload.kind) {
    case "ticked":
      return [...among("step", payload.step, STEPS), ...among("done", payload.done, [true, false])];
    case "poured": {
      const problem = checkNumber(`${field}.ml`, payload.ml, "pouredMl");
      return problem ? [problem] : [];
    }
    case "measured":
      return [...lineNumber(payload.line, field), ...checkAmount(payload, field)];
    case "heaped":
      return [...lineNumber(payload.line, field), ...among("unit", payload.unit, SPOONS)];
    case "added":
      return [
        ...(find(payload.materialId) ? [] : [{ field: `${field}.materialId`, code: "unknownMaterial" } as const]),
        ...checkAmount(payload, field, payload.materialId, find),
      ];
    case "moved":
      return among("place", payload.place, PLACES);
    // A test outside its reach is kept all the same, and not learnt from; one that cannot be is refused.
    case "tested":
      return [...strangeTo(payload, field), ...checkReading(payload)]
        .filter(({ code }) => !OUT_OF_REACH.includes(code))
        .map((problem) =>
          problem.field.startsWith(field) ? problem : { ...problem, field: `${field}.${problem.field}` },
        );
    case "said":
      return among("word", payload.word, [...WORDS, "right"]);
    case "reached":
      return among("stage", payload.stage, STAGES);
    case "noted": {
      const problem = checkText(`${field}.text`, payload.text, "noteChars");
      return problem ? [problem] : [];
    }
    case "marked": {
      const whole =
        Number.isInteger(payload.value) && payload.value >= MARK_RANGE.min && payload.value <= MARK_RANGE.max;
      return [
        ...among("mark", payload.mark, MARKS),
        ...(whole ? [] : [{ field: `${field}.value`, code: "unknownChoice" } as const]),
      ];
    }
    case "again":
      return among("again", payload.again, AGAIN);
    case "closed":
    case "reopened":
      return [];
    case "withdrawn":
      return isUuid(payload.eventId) ? [] : [{ field: `${field}.eventId`, code: "notText" }];
    case "dated":
      return [
        ...(isUuid(payload.eventId) ? [] : [{ field: `${field}.eventId`, code: "notText" } as const]),
        ...(momentMs(payload.at) === undefined ? [{ field: `${field}.at`, code: "notAMoment" } as const] : []),
      ];
  }
}

/** What is read off a ring is nothing on a plate, and the other way round. */
const READ_BY: Readonly<Record<Reading["by"], readonly string[]>> = {
  ring: ["heightMm", "slumpMm"],
  plate: ["volumeMl", "acrossMm", "alongMm"],
};
function strangeTo({ kind: _, by, ...read }: Reading & { readonly kind: string }, field: string): Problem[] {
  const fields = Object.hasOwn(READ_BY, by) ? READ_BY[by] : [];
  return Object.keys(read)
    .filter((key) => !fields.includes(key))
    .map((key) => ({ field: `${field}.${key}`, code: "unknownField" }));
}

const lineNumber = (line: number, field: string): Problem[] =>
  Number.isInteger(line) && line >= 0 && line < LIMITS.lineCount.max
    ? []
    : [{ field: `${field}.line`, code: "unknownChoice" }];
