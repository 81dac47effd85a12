import { checkMakingPayload, foldMaking, type MakingEvent, type MakingPayload } from "@/core/making";
import { inOrder } from "@/core/happening";
import type { EventsInput } from "@/inputs/bookInput";
import type { BegunInput, MakingInput, PutUpInput } from "@/inputs/shelfInput";
import { jarOwner } from "@/store/jars";
import * as store from "@/store/makings";
import type { Write } from "@/store/transaction";
import { happenedAt } from "../batches";
import { notFound, Refusal, taken, unusable } from "../refusal";
import type { Asked } from "../route";
import { shelfOf } from "../shelf";
import { planOf } from "./asked";
import { putUp } from "./putUp";

/** Whether this write was made before; throws where the id is another house's. */
async function isThere(owner: Promise<string | undefined>, { householdId }: Write): Promise<boolean> {
  const found = await owner;
  if (found !== undefined && found !== householdId) throw taken();
  return found !== undefined;
}

/** Something made by a method and put up at once, computed again here. */
export async function makeMaking({ input, settings }: Asked<MakingInput>, write: Write) {
  if (await isThere(jarOwner(write, input.id), write)) return { id: input.id, rev: write.rev };
  const shelf = await shelfOf(write.householdId, write.trx);
  await putUp(write, settings, shelf, input, planOf(input, shelf, settings));
  return { id: input.id, rev: write.rev };
}

/** Begins a making that is followed step by step. */
export async function beginMaking({ input, settings }: Asked<BegunInput>, write: Write) {
  if (await isThere(store.makingOwner(write, input.id), write)) return { id: input.id, rev: write.rev };
  const shelf = await shelfOf(write.householdId, write.trx);
  await store.insertMaking(write, {
    id: input.id,
    name: input.name.trim(),
    ...planOf(input, shelf, settings),
    startsAtMs: input.startsAt ? Date.parse(input.startsAt) : Date.now(),
  });
  return { id: input.id, rev: write.rev };
}

const plain = ({ personId: _, deviceClockMs: __, ...event }: store.KeptEvent): MakingEvent => event;
/** A making without who tapped what. */
const shown = ({ events, ...making }: store.StoredMaking) => ({ making, events: events.map(plain) });

/** Makings, newest first, without what happened to them. */
export const listMakings = async ({ household }: Asked<object>) => ({
  makings: (await store.listMakings(household.id, undefined, MOST_LISTED)).map((one) => shown(one).making),
});
const MOST_LISTED = 200;

/** A making, its history and where it stands. */
export async function readMaking(householdId: string, id: string) {
  const found = await store.findMaking(householdId, id);
  if (!found) throw notFound();
  const { making, events } = shown(found);
  return { making, events, state: foldMaking(events) };
}

/** What happened to a making; all of it, since that is little. */
export async function readMakingEvents({ household, params }: Asked<object>) {
  const { events } = await readMaking(household.id, params.id);
  return { rev: household.rev, events };
}

/** Adds what happened; sending the same events again changes nothing. */
export async function addMakingEvents({ input, params, deviceId, personId }: Asked<EventsInput>, write: Write) {
  const problems = input.events.flatMap(({ payload }, i) =>
    checkMakingPayload(payload as MakingPayload, `events.${i}.payload`),
  );
  if (problems.length > 0) throw unusable(problems);
  const making = await store.findMaking(write.householdId, params.id, write.trx);
  if (!making) throw notFound();
  const now = Date.now();
  const sentMs = input.sentAt === undefined ? undefined : Date.parse(input.sentAt);
  const known = new Set(making.events.map(({ id }) => id));
  const fresh = input.events
    .filter(({ id }) => !known.has(id))
    .map(({ id, payload, deviceSeq, revSeen, deviceClock }): store.KeptEvent => ({
      id,
      payload: payload as MakingPayload,
      deviceId,
      deviceSeq,
      // Nobody has seen a rev that was not there yet.
      revSeen: Math.min(revSeen, write.rev),
      atMs: happenedAt(now, Date.parse(deviceClock), sentMs).getTime(),
      deviceClockMs: Date.parse(deviceClock),
      personId,
    }));
  const events = [...making.events, ...fresh].sort(inOrder);
  if (events.length > MOST_EVENTS) throw new Refusal(422, "More happened to this making than can be kept.");
  if (fresh.length > 0) {
    const { closedMs } = foldMaking(events);
    // What was put up stays closed, whatever else is tapped.
    const closed = closedMs ?? (making.jarId ? making.closedMs : undefined);
    await store.writeMakingEvents(write, params.id, events, closed === undefined ? {} : { closedMs: closed });
  }
  return { rev: write.rev, events: events.map(plain) };
}
/** A day of taps by several hands. */
const MOST_EVENTS = 2000;

/** Puts up what came of a making that was followed, by all that was read off on the way, and closes it. */
export async function putUpMaking({ input, params, settings }: Asked<PutUpInput>, write: Write) {
  if (await isThere(jarOwner(write, input.id), write)) return { id: input.id, rev: write.rev };
  const making = await store.findMaking(write.householdId, params.id, write.trx);
  if (!making) throw notFound();
  if (making.jarId) throw new Refusal(409, "Somebody put it up already: it is on the shelf.");
  await putUp(write, settings, await shelfOf(write.householdId, write.trx), input, making);
  await store.setMakingJar(write, making.id, input.id);
  return { id: input.id, rev: write.rev };
}
