import type { BatchEvent, BatchState, Going, Worksheet } from "@/core/batch";
import type { FeelAnswer } from "@/core/feel";
import type { GoingMaking, MakingEvent, MakingState } from "@/core/making";
import type { Simulated } from "@/core/figure";
import type { Material } from "@/core/material";
import type { MixingStep } from "@/core/order";
import type { CorrectionAnswer } from "@/core/correct";
import type { PasteAnswer } from "@/core/paste";
import type { ProblemCode } from "@/core/problem";
import type { BatchRow, StoredBatch } from "@/store/batches";
import type { PastVersion, StoredBlend } from "@/store/blends";
import type { Change } from "@/store/changes";
import type { Device } from "@/store/devices";
import type { StoredHead } from "@/store/heads";
import type { Settings } from "@/store/household";
import type { Person } from "@/store/persons";
import type { Gathered } from "@/core/stock";
import type { JarReading } from "./shelf";
import type { StoredJar } from "@/store/jars";
import type { StoredMaking } from "@/store/makings";
import type { StoredThing } from "@/store/ownThings";
import type { Removed } from "@/store/removed";
import type { StockMove } from "@/store/stock";
import type { Want } from "./gathering";
import type { Book, BookV1 } from "./book/format";
import type { ImportAnswer, ImportPlan } from "./book/plan";

/** What every route answers; the API's schema is made from these types, and e2e holds the answers to it. */
export type {
  Book,
  BookV1,
  CorrectionAnswer,
  ImportAnswer,
  ImportPlan,
  PasteAnswer,
  PastVersion,
  Settings,
  StoredBatch,
  StoredBlend,
  StoredHead,
};
/** Those that are types of their own layers: the schema's maker finds only what is written out in this file. */
export interface Elsewhere {
  readonly Book: Book;
  readonly BookV1: BookV1;
  readonly CorrectionAnswer: CorrectionAnswer;
  readonly ImportAnswer: ImportAnswer;
  readonly ImportPlan: ImportPlan;
  readonly PasteAnswer: PasteAnswer;
  readonly Settings: Settings;
  readonly StoredBatch: StoredBatch;
  readonly StoredBlend: StoredBlend;
  readonly StoredHead: StoredHead;
}
export interface Written {
  readonly id: string;
  readonly rev: number;
}
export interface BlendWritten extends Written {
  readonly versionId: string;
}
export interface RevAnswer {
  readonly rev: number;
}
export interface HeadsAnswer {
  readonly heads: readonly StoredHead[];
}
export interface BlendsAnswer {
  readonly blends: readonly StoredBlend[];
}
export interface VersionsAnswer {
  readonly versions: readonly PastVersion[];
}
export interface LogAnswer {
  readonly batches: readonly BatchRow[];
  /** What to ask with, as `before`, for the page after it. */ readonly next?: string;
}
export interface BatchAnswer {
  readonly batch: StoredBatch;
  readonly events: readonly BatchEvent[];
  readonly state: BatchState;
  readonly sheet: Worksheet;
}
export interface EventsAnswer {
  readonly rev: number;
  readonly events: readonly BatchEvent[];
}
export interface RemovedAnswer {
  /** Newest first. */ readonly removed: readonly Removed[];
}
export interface NowAnswer {
  readonly rev: number;
  readonly going: readonly Going[];
  /** What is made before a bowl, and not put up yet. */ readonly makings: readonly GoingMaking[];
}
/** A making as it was begun, and what became of it. */
export type MakingShown = Omit<StoredMaking, "events">;
export interface MakingsAnswer {
  readonly makings: readonly MakingShown[];
}
export interface MakingEventsAnswer {
  readonly rev: number;
  readonly events: readonly MakingEvent[];
}
export interface MakingAnswer {
  readonly making: MakingShown;
  readonly events: readonly MakingEvent[];
  readonly state: MakingState;
}
export interface ChangesAnswer {
  readonly rev: number;
  readonly nowMs: number;
  readonly changes: readonly Change[];
  readonly more: boolean;
  /** Which build of the application answers. */ readonly build: string;
}
export interface MaterialsAnswer {
  readonly materials: readonly Material[];
}
export interface SearchAnswer {
  readonly found: readonly {
    readonly id: string;
    readonly name: string;
    readonly by?: string;
    readonly score: number;
  }[];
}
export interface ShelfAnswer {
  readonly things: readonly (StoredThing & { readonly material?: Material })[];
  readonly jars: readonly StoredJar[];
}
export interface JarAnswer {
  readonly jar: StoredJar;
  readonly moves: readonly StockMove[];
  /** Newest first, each with what became of it. */ readonly readings: readonly JarReading[];
}
export interface DrawsAnswer {
  /** Missing where no liquid is solved for. */ readonly drawn?: Simulated;
}
export interface FeelAndOrder {
  readonly feel: FeelAnswer;
  readonly order: readonly MixingStep[];
}
export interface JarsRead extends RevAnswer {
  readonly added: number;
  readonly here: number;
  /** Had been taken off the shelf. */ readonly back: number;
}
export interface ThingWritten extends Written {
  readonly materialId: string;
}
export interface GatheringAnswer {
  readonly wants: readonly Want[];
  readonly gathered: readonly Gathered[];
  readonly cost: { readonly known: number; readonly unpricedG: number };
}
export interface LockedAnswer {
  readonly locked: boolean;
}
export interface DoorAnswer {
  readonly locked: boolean;
  readonly network: boolean;
  readonly persons: readonly Person[];
  readonly devices: readonly (Device & { readonly self: boolean })[];
  /** This machine's addresses on the house's network. */
  readonly addresses: readonly string[];
}
/** RFC 9457. */
export interface ProblemAnswer {
  readonly type: "about:blank";
  readonly title: string;
  readonly status: number;
  readonly errors?: readonly {
    readonly field: string;
    readonly code: ProblemCode;
    readonly detail?: Readonly<Record<string, string | number>>;
    readonly message: string;
  }[];
}
