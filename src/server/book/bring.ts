import { jarReading } from "@/core/readings";
import { findMaterial } from "@/core/material";
import { computePaste, PASTE_MODEL, withKept, type PasteAnswer, type PasteQuestion } from "@/core/paste";
import { jarMaterial } from "@/core/shelf";
import { insertEvents } from "@/store/events";
import { insertBlend, insertVersion } from "@/store/blends";
import { insertHead } from "@/store/heads";
import { readSettings } from "@/store/household";
import * as store from "@/store/imports";
import { findJar, insertJar, insertWeighing } from "@/store/jars";
import { insertMaking, setMakingJar, writeMakingEvents } from "@/store/makings";
import { lookupOf } from "../shelf";
import { insertJarReading } from "@/store/readings";
import { insertMoves } from "@/store/stock";
import type { Write } from "@/store/transaction";
import { Refusal, taken } from "../refusal";
import { insertBowl, settleBowl } from "../settle";
import type { Book, BookBatch, BookJar, BookMaking } from "./format";

/** A file can add a caution to something in the tables, and never take one away. */
function withTheTablesTags(question: PasteQuestion): PasteQuestion {
  if (!question.own) return question;
  return {
    ...question,
    own: question.own.map((material) => {
      const tags = findMaterial(material.id)?.tags.filter((tag) => !material.tags.includes(tag)) ?? [];
      return tags.length > 0 ? { ...material, tags: [...material.tags, ...tags] } : material;
    }),
  };
}

/** An answer of today's model is computed anew; one of another model is kept as it was, since it cannot be. */
function answerOf(question: PasteQuestion, answer: PasteAnswer): PasteAnswer {
  const result = answer.model === PASTE_MODEL ? computePaste(question) : undefined;
  return result?.ok ? result.value : answer;
}

/**
 * Events with what their devices had seen, in this house's count: as they say where that is not beyond this write, and
 * else so far back that their order stays. Nothing from outside moves the house's own count.
 */
export function seenHere<E extends { readonly revSeen: number }>(events: readonly E[], rev: number): E[] {
  const here = new Map<number, number>();
  let above = rev + 1;
  for (const seen of [...new Set(events.map(({ revSeen }) => revSeen))].sort((a, b) => b - a))
    here.set(seen, (above = Math.min(seen, above - 1)));
  return events.map((event) => ({ ...event, revSeen: here.get(event.revSeen)! }));
}

/** Every device that tapped in these. */
export const devicesOf = (kept: readonly { readonly events: readonly { readonly deviceId: string }[] }[]): string[] => [
  ...new Set(kept.flatMap(({ events }) => events.map((event) => event.deviceId))),
];

/** An id of something that is here; of anything else nothing. */
const among = (ids: ReadonlySet<string>, one: string | null) => (one !== null && ids.has(one) ? one : null);

export async function importHeads(heads: Book["heads"], write: Write, importId: string): Promise<void> {
  const persons = await ownIds(
    "person",
    heads.map(({ personId }) => personId),
    write,
  );
  for (const { id, name, hair, personId, createdAt } of heads)
    await insertHead(write, {
      id,
      name,
      hair,
      personId: among(persons, personId) ?? undefined,
      createdAt: new Date(createdAt),
      importId,
    });
}

export async function importBlends(
  blends: Book["blends"],
  heads: ReadonlySet<string>,
  write: Write,
  importId: string,
): Promise<void> {
  for (const { id, name, createdAt, versions } of blends) {
    await insertBlend(write, { id, name, createdAt: new Date(createdAt), importId });
    for (const version of versions)
      await insertVersion(write, {
        blendId: id,
        versionId: version.id,
        name,
        headId: among(heads, version.headId),
        blend: version.blend,
        deviceId: null,
        createdAt: new Date(version.createdAt),
      });
  }
}

export async function importBatches(
  batches: readonly BookBatch[],
  heads: ReadonlySet<string>,
  write: Write,
  importId: string,
): Promise<void> {
  const idsOf = (kind: "blend" | "blend_version", ids: readonly (string | null)[]) => ownIds(kind, ids, write);
  const blends = await idsOf(
    "blend",
    batches.map(({ blendId }) => blendId),
  );
  const versions = await idsOf(
    "blend_version",
    batches.map(({ versionId }) => versionId),
  );
  for (const batch of batches) {
    const { id, blendName, headName, figures } = batch;
    const events = seenHere(batch.events, write.rev).map((event) => ({
      ...event,
      deviceClock: new Date(event.deviceClock),
      at: new Date(event.happenedAt),
      atMs: Date.parse(event.happenedAt),
    }));
    const question = withTheTablesTags(batch.question);
    const answer = answerOf(withKept(question, figures), batch.answer);
    await insertBowl(write, {
      id,
      versionId: among(versions, batch.versionId),
      blendId: among(blends, batch.blendId),
      headId: among(heads, batch.headId),
      blendName,
      headName,
      question,
      answer,
      figures,
      startsAt: new Date(batch.startsAt),
      createdAt: new Date(batch.createdAt),
      importId,
    });
    for (const deviceId of devicesOf([batch])) {
      const theirs = events.filter((event) => event.deviceId === deviceId);
      if (!(await insertEvents(write, id, { deviceId, imported: true }, theirs)))
        throw new Refusal(409, "An event in the file belongs to another bowl here.");
    }
    await settleBowl(write, id, events);
  }
}

export async function importJar(
  { weighings, tests = [], leftG, ...jar }: BookJar,
  write: Write,
  importId: string,
): Promise<void> {
  const find = await lookupOf(write.householdId, write.trx);
  await insertJar(write, jar, new Date(), importId);
  await insertMoves(write, [
    {
      jarId: jar.id,
      kind: "came",
      massG: jar.fullG,
      ...(jar.boughtOn ? { createdAt: new Date(`${jar.boughtOn}T00:00:00Z`) } : {}),
    },
  ]);
  for (const weighing of weighings) if (!(await insertWeighing(write, jar.id, weighing))) throw taken();
  const base = find(jar.materialId);
  const { spoons } = await readSettings(write.householdId);
  for (const { id, takenAt, test } of base ? tests : []) {
    const judged = jarReading(test, jar.id, jarMaterial({ ...jar, leftG, weighings }, base!, spoons), base!, spoons);
    if (!(await insertJarReading(write, { id, jarId: jar.id, test, judged, takenAt: new Date(takenAt) })))
      throw taken();
  }
}

/** A making as it was, with the figures it was begun with; its jar comes with the jars. */
export async function importMaking(
  { id, name, createdAt, startsAt, closedAt, jarId, question, figures, made, events }: BookMaking,
  write: Write,
  importId: string,
): Promise<void> {
  await insertMaking(write, {
    id,
    name,
    question,
    figures,
    made,
    startsAtMs: Date.parse(startsAt),
    createdAt: new Date(createdAt),
    importId,
  });
  const kept = seenHere(events, write.rev).map(({ deviceClock, happenedAt, ...event }) => ({
    ...event,
    deviceClockMs: Date.parse(deviceClock),
    atMs: Date.parse(happenedAt),
    personId: null,
  }));
  await writeMakingEvents(write, id, kept, closedAt === undefined ? {} : { closedMs: Date.parse(closedAt) });
  if (jarId && (await findJar(write.householdId, jarId, write.trx))) await setMakingJar(write, id, jarId);
}

/** A jar has left what the file says: the bowls that came with it have drawn theirs, and the scale says the rest. */
export async function weighImported({ id, leftG }: BookJar, write: Write): Promise<void> {
  const now = (await findJar(write.householdId, id, write.trx))!.leftG;
  if (Math.abs(leftG - now) > 1e-9) await insertMoves(write, [{ jarId: id, kind: "weighed", massG: leftG - now }]);
}

/** Of these, the ids that this household has. */
export async function ownIds(
  kind: "person" | "head" | "blend" | "blend_version",
  ids: readonly (string | null)[],
  { trx, householdId }: Write,
): Promise<Set<string>> {
  const known = await store.knownIds(kind, [...new Set(ids.flatMap((id) => id ?? []))], trx);
  return new Set(
    [...known].filter(([, found]) => found.householdId === householdId && !found.erased).map(([id]) => id),
  );
}
