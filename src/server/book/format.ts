import type { BatchPayload } from "@/core/batch";
import type { Made, MakingPayload, MakingQuestion } from "@/core/making";
import type { Material } from "@/core/material";
import type { JarTest } from "@/core/readings";
import type { Jar, OwnThing, Weighing } from "@/core/shelf";
import type { Head } from "@/core/head";
import type { Blend, PasteAnswer, PasteQuestion } from "@/core/paste";
import type { Settings } from "@/store/household";

/**
 * The book, or a part of it, as one JSON file. Times are ISO 8601 in UTC; ids are UUIDs and say what is the same thing.
 */
export interface Book {
  readonly format: "infusing-book";
  readonly version: 2;
  readonly exportedAt: string;
  readonly household?: {
    readonly name: string;
    readonly settings: Pick<Settings, "spoons" | "kitchenTempC" | "timeZone">;
  };
  readonly persons: readonly BookPerson[];
  readonly devices: readonly BookDevice[];
  readonly heads: readonly BookHead[];
  readonly blends: readonly BookBlend[];
  readonly batches: readonly BookBatch[];
  /** Things of the house's own, and its jars with what is left; left out by houses without a shelf. */
  readonly things?: readonly OwnThing[];
  readonly jars?: readonly BookJar[];
  /** What was made before a bowl, step by step; left out by houses that follow none. */
  readonly makings?: readonly BookMaking[];
}

export interface BookJar extends Omit<Jar, "weighings"> {
  readonly weighings: readonly Weighing[];
  /** Tests of its powder by itself; what bowls taught of it is in their events. */
  readonly tests?: readonly { readonly id: string; readonly takenAt: string; readonly test: JarTest }[];
}

/** A material as it was when a bowl was made of it; kept as it came, since what is known of materials grows. */
export type BookFigures = Readonly<Record<string, unknown>>;
export interface BookPerson {
  readonly id: string;
  readonly name: string;
}
export interface BookDevice {
  readonly id: string;
  readonly name: string;
}
export interface BookHead {
  readonly id: string;
  readonly personId: string | null;
  readonly name: string;
  readonly createdAt: string;
  readonly hair: Head;
}
export interface BookVersion {
  readonly id: string;
  readonly createdAt: string;
  readonly headId: string | null;
  readonly blend: Blend;
}
/** Versions oldest first. */
export interface BookBlend {
  readonly id: string;
  readonly name: string;
  readonly createdAt: string;
  readonly versions: readonly BookVersion[];
}
export interface BookEvent {
  readonly id: string;
  readonly payload: BatchPayload;
  readonly deviceId: string;
  readonly deviceSeq: number;
  readonly revSeen: number;
  readonly deviceClock: string;
  readonly happenedAt: string;
}
export interface BookBatch {
  readonly id: string;
  readonly versionId: string | null;
  readonly blendId: string | null;
  readonly headId: string | null;
  readonly blendName: string;
  readonly headName: string;
  readonly startsAt: string;
  readonly createdAt: string;
  readonly question: PasteQuestion;
  readonly answer: PasteAnswer;
  readonly figures: readonly BookFigures[];
  readonly events: readonly BookEvent[];
}

/** A making with the figures it was begun with, and what happened to it. */
export interface BookMaking {
  readonly id: string;
  readonly name: string;
  readonly createdAt: string;
  readonly startsAt: string;
  readonly closedAt?: string;
  /** The jar that came of it. */
  readonly jarId?: string;
  readonly question: MakingQuestion;
  readonly figures: readonly Material[];
  readonly made: Made;
  readonly events: readonly BookMakingEvent[];
}
export interface BookMakingEvent extends Omit<BookEvent, "payload"> {
  readonly payload: MakingPayload;
}

/** The format before persons, devices and the times of taps were kept. Still read. */
export interface BookV1 {
  readonly format: "infusing-book";
  readonly version: 1;
  readonly exportedAt: string;
  readonly heads: readonly { readonly id: string; readonly name: string; readonly hair: Head }[];
  readonly blends: readonly {
    readonly id: string;
    readonly name: string;
    readonly versions: readonly {
      readonly id: string;
      readonly savedAt: string;
      readonly headId: string | null;
      readonly blend: Blend;
    }[];
  }[];
  readonly batches: readonly {
    readonly id: string;
    readonly versionId: string | null;
    readonly headId: string | null;
    readonly blendName: string;
    readonly headName: string;
    readonly startsAt: string;
    readonly question: PasteQuestion;
    readonly answer: PasteAnswer;
    readonly figures: readonly BookFigures[];
    readonly events: readonly {
      readonly id: string;
      readonly payload: BatchPayload;
      readonly deviceId: string;
      readonly deviceSeq: number;
      readonly revSeen: number;
      readonly at: string;
    }[];
  }[];
}

/** Version 1 read as version 2: devices from who tapped, times of taps from when they arrived. */
export function upgraded(book: BookV1): Book {
  const deviceIds = new Set(book.batches.flatMap((batch) => batch.events.map((event) => event.deviceId)));
  const blendOf = new Map(
    book.blends.flatMap((blend) => blend.versions.map((version) => [version.id, blend.id] as const)),
  );
  return {
    format: book.format,
    version: 2,
    exportedAt: book.exportedAt,
    persons: [],
    devices: [...deviceIds].map((id) => ({ id, name: "a device" })),
    heads: book.heads.map((head) => ({ ...head, personId: null, createdAt: book.exportedAt })),
    blends: book.blends.map(({ versions, ...blend }) => ({
      ...blend,
      createdAt: versions[0]?.savedAt ?? book.exportedAt,
      versions: versions.map(({ savedAt, ...version }) => ({ ...version, createdAt: savedAt })),
    })),
    batches: book.batches.map((batch) => ({
      ...batch,
      blendId: batch.versionId === null ? null : (blendOf.get(batch.versionId) ?? null),
      createdAt: batch.startsAt,
      events: batch.events.map(({ at, ...event }) => ({ ...event, deviceClock: at, happenedAt: at })),
    })),
  };
}
