import type { Heard, MixingWord } from "../paste";
import type { Reading } from "../reading";
import { momentMs } from "../text";
import type { Again, BatchEvent, Mark, Measured, Place, SpoonUnit, Stage, StepId } from "./events";

/** Something that was seen of a bowl, and how much of what it is made of was in it by then. */
export interface SeenThen {
  readonly seen: Heard["seen"];
  readonly pouredMl: number;
  /** How many of the things put in besides. */
  readonly addedCount: number;
  readonly atMs: number;
}

/** Where a bowl stands: the fold of its events. Times are ms since the epoch. */
export interface BatchState {
  readonly done: readonly StepId[];
  /** Sum of all pours that stand, ml. */
  readonly pouredMl: number;
  /** What really went in of planned lines, by line. A later measure takes the place of an earlier one and of its heaped spoons. */
  readonly measured: Readonly<Record<string, Measured>>;
  readonly heaped: readonly { readonly line: number; readonly unit: SpoonUnit }[];
  readonly added: readonly ({ readonly eventId: string; readonly materialId: string } & Measured)[];
  /** Where it was put, in order. */
  readonly moves: readonly { readonly place: Place; readonly atMs: number }[];
  readonly lastWord?: MixingWord | "right";
  readonly tests: readonly {
    readonly eventId: string;
    readonly reading: Reading;
    readonly pouredMl: number;
    readonly atMs: number;
  }[];
  /** What was said and tested of the bowl, in order, each with what was in it by then. */
  readonly seen: readonly SeenThen[];
  /** When something was first poured. */
  readonly firstPourMs?: number;
  readonly reachedMs: Readonly<Partial<Record<Stage, number>>>;
  readonly notes: readonly { readonly eventId: string; readonly text: string; readonly atMs: number }[];
  readonly marks: Readonly<Partial<Record<Mark, number>>>;
  readonly again?: Again;
  readonly closedMs?: number;
  readonly withdrawn: readonly string[];
}

/** The order that all devices agree on: rev seen, then device, then its own sequence. */
export const inOrder = (a: BatchEvent, b: BatchEvent): number =>
  a.revSeen - b.revSeen ||
  (a.deviceId < b.deviceId ? -1 : a.deviceId > b.deviceId ? 1 : 0) ||
  a.deviceSeq - b.deviceSeq ||
  (a.id < b.id ? -1 : a.id > b.id ? 1 : 0);

/**
 * Folds events, in any order and with repeats, to one state. A withdrawn event counts for nothing; withdrawing a
 * withdrawal brings it back.
 */
export function foldBatch(events: readonly BatchEvent[]): BatchState {
  const unique = [...new Map(events.map((event) => [event.id, event])).values()].sort(inOrder);
  const withdrawn = withdrawnIds(unique);
  const done = new Set<StepId>();
  const notes: { eventId: string; text: string; atMs: number }[] = [];
  const measured: Record<string, Measured> = {};
  let heaped: { line: number; unit: SpoonUnit }[] = [];
  const added: ({ eventId: string; materialId: string } & Measured)[] = [];
  const moves: { place: Place; atMs: number }[] = [];
  const marks: Partial<Record<Mark, number>> = {};
  const reachedMs: Partial<Record<Stage, number>> = {};
  const tests: { eventId: string; reading: Reading; pouredMl: number; atMs: number }[] = [];
  const seen: SeenThen[] = [];
  let pouredMl = 0;
  let firstPourMs: number | undefined;
  let lastWord: BatchState["lastWord"];
  let again: Again | undefined;
  let closedMs: number | undefined;

  const dates = datesOf(unique, withdrawn);
  for (const event of unique) {
    const { id, payload } = event;
    if (withdrawn.has(id)) continue;
    const atMs = dates.get(id) ?? event.atMs;
    switch (payload.kind) {
      case "ticked":
        if (payload.done) done.add(payload.step);
        else done.delete(payload.step);
        break;
      case "poured":
        pouredMl += payload.ml;
        if (payload.ml > 0) firstPourMs ??= atMs;
        break;
      case "tested": {
        const { kind: _, ...reading } = payload;
        tests.push({ eventId: id, reading, pouredMl, atMs });
        seen.push({ seen: { by: "test", reading }, pouredMl, addedCount: added.length, atMs });
        break;
      }
      case "measured": {
        const { line, amount, unit, fill } = payload;
        measured[line] = { amount, unit, fill };
        heaped = heaped.filter((spoon) => spoon.line !== line);
        break;
      }
      case "heaped":
        heaped.push({ line: payload.line, unit: payload.unit });
        break;
      case "added": {
        const { materialId, amount, unit, fill } = payload;
        added.push({ eventId: id, materialId, amount, unit, fill });
        break;
      }
      case "moved":
        moves.push({ place: payload.place, atMs });
        break;
      case "said":
        lastWord = payload.word;
        seen.push({
          seen: payload.word === "right" ? { by: "right" } : { by: "word", word: payload.word },
          pouredMl,
          addedCount: added.length,
          atMs,
        });
        break;
      case "reached":
        reachedMs[payload.stage] = atMs;
        break;
      case "noted":
        if (payload.text) notes.push({ eventId: id, text: payload.text, atMs });
        break;
      case "marked":
        marks[payload.mark] = payload.value;
        break;
      case "again":
        again = payload.again;
        break;
      case "closed":
        closedMs = atMs;
        break;
      case "reopened":
        closedMs = undefined;
        break;
      case "withdrawn":
      case "dated":
        break;
    }
  }
  return {
    done: [...done],
    pouredMl,
    measured,
    heaped,
    added,
    moves,
    lastWord,
    tests,
    seen,
    firstPourMs,
    reachedMs,
    notes,
    marks,
    again,
    closedMs,
    withdrawn: [...withdrawn],
  };
}

/** When events happened by what was said later, by event; the last word on each counts. */
export function datesOf(events: readonly BatchEvent[], withdrawn: ReadonlySet<string>): ReadonlyMap<string, number> {
  const dates = new Map<string, number>();
  for (const { id, payload } of events) {
    const ms = payload.kind === "dated" && !withdrawn.has(id) ? momentMs(payload.at) : undefined;
    if (ms !== undefined && payload.kind === "dated") dates.set(payload.eventId, ms);
  }
  return dates;
}

/** Latest first, so that a withdrawal that is itself withdrawn takes nothing back. */
function withdrawnIds(events: readonly BatchEvent[]): Set<string> {
  const withdrawn = new Set<string>();
  for (let i = events.length - 1; i >= 0; i--) {
    const { id, payload } = events[i];
    if (payload.kind === "withdrawn" && !withdrawn.has(id)) withdrawn.add(payload.eventId);
  }
  return withdrawn;
}
