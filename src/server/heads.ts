import { isDeepStrictEqual } from "node:util";
import { checkHead, type Head } from "@/core/head";
import { toHead, type HairInput, type HeadChangeInput, type NewHeadInput } from "@/inputs/headInput";
import type { RemovedInput } from "@/inputs/bookInput";
import * as store from "@/store/heads";
import type { Write } from "@/store/transaction";
import { notFound, overtaken, taken, unusable } from "./refusal";
import type { Asked } from "./route";

function checked(input: HairInput): Head {
  // What was learnt of a head is worked out, and not kept with it.
  const { usual: _, ...hair } = toHead(input);
  const problems = checkHead(hair, "hair");
  if (problems.length > 0) throw unusable(problems);
  return hair;
}

export async function createHead({ input }: Asked<NewHeadInput>, write: Write) {
  const hair = checked(input.hair);
  const owner = await store.headOwner(write, input.id);
  if (owner !== undefined && owner !== write.householdId) throw taken();
  if (owner === undefined) await store.insertHead(write, { id: input.id, name: input.name, hair });
  return { id: input.id, rev: write.rev };
}

export async function changeHead({ input, params }: Asked<HeadChangeInput>, write: Write) {
  const hair = checked(input.hair);
  if ((await store.headOwner(write, params.id)) !== write.householdId) throw notFound();
  if (await store.updateHead(write, { id: params.id, name: input.name, hair, baseRev: input.baseRev }))
    return { id: params.id, rev: write.rev };
  // Sent again because its answer was lost: it stands as it was sent, and nobody was faster.
  const now = await store.findHead(write.householdId, params.id, write.trx);
  if (now && isDeepStrictEqual([now.name, now.hair], [input.name, JSON.parse(JSON.stringify(hair))]))
    return { id: params.id, rev: now.rev };
  throw overtaken();
}

export async function removeHead({ input, params }: Asked<RemovedInput>, write: Write) {
  if (!(await store.setHeadRemoved(write, params.id, input.removed))) throw notFound();
  return { id: params.id, rev: write.rev };
}

export const readHeads = async ({ household }: Asked<object>) => ({ heads: await store.listHeads(household.id) });

export async function readHead({ household, params }: Asked<object>) {
  const head = await store.findHead(household.id, params.id);
  if (!head) throw notFound();
  return head;
}
