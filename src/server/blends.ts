import { PLAIN_HEAD } from "@/core/head";
import { checkBlend, computePaste, promisedOf, type Blend, type Promised } from "@/core/paste";
import { questionOn } from "@/core/shelf";
import { toBlend } from "@/inputs/pasteInput";
import type { AcceptedInput, BlendChangeInput, NewBlendInput, RemovedInput, SaveBlendInput } from "@/inputs/bookInput";
import * as store from "@/store/blends";
import { lookupOf, shelfOf } from "./shelf";
import { findHead, hairOf, headOwner } from "@/store/heads";
import type { Write } from "@/store/transaction";
import { notFound, overtaken, taken, unusable } from "./refusal";
import type { Asked } from "./route";

async function checked(input: SaveBlendInput, write: Write): Promise<Blend> {
  const blend = toBlend(input.blend);
  const problems = checkBlend(blend, "blend", await lookupOf(write.householdId, write.trx));
  if (problems.length > 0) throw unusable(problems);
  if (input.headId && (await headOwner(write, input.headId)) !== write.householdId) throw notFound("headId");
  return blend;
}

/** What the maker sees of it as she saves it. */
async function promiseOf(
  blend: Blend,
  { input, settings }: Asked<SaveBlendInput>,
  write: Write,
): Promise<Promised | undefined> {
  const head = input.headId ? await findHead(write.householdId, input.headId, write.trx) : undefined;
  const shelf = await shelfOf(write.householdId, write.trx);
  const question = questionOn(blend, head ? hairOf(head) : PLAIN_HEAD, settings.spoons, shelf);
  const answer = computePaste(question);
  return answer.ok ? promisedOf(question, answer.value) : undefined;
}

/** Saves a version; a version id that this blend has already is the same save again. */
async function saveVersion(blendId: string, asked: Asked<SaveBlendInput>, write: Write, blend: Blend) {
  const { input, deviceId } = asked;
  await store.insertVersion(write, {
    blendId,
    versionId: input.versionId,
    name: input.name,
    headId: input.headId ?? null,
    blend,
    deviceId,
    promised: await promiseOf(blend, asked, write),
  });
  return { id: blendId, versionId: input.versionId, rev: write.rev };
}

const repeated = async (blendId: string, versionId: string, write: Write) => {
  const owner = await store.versionOwner(write, versionId);
  if (!owner) return undefined;
  if (owner.householdId !== write.householdId || owner.blendId !== blendId) throw taken();
  const saved = await store.findBlend(write.householdId, blendId, write.trx);
  return { id: blendId, versionId, rev: saved?.rev ?? write.rev };
};

export async function createBlend(asked: Asked<NewBlendInput>, write: Write) {
  const blend = await checked(asked.input, write);
  const { id, versionId, name } = asked.input;
  const again = await repeated(id, versionId, write);
  if (again) return again;
  if ((await store.blendOwner(write, id)) !== undefined) throw taken();
  await store.insertBlend(write, { id, name });
  return saveVersion(id, asked, write, blend);
}

export async function changeBlend(asked: Asked<BlendChangeInput>, write: Write) {
  const blend = await checked(asked.input, write);
  const { id } = asked.params;
  if ((await store.blendOwner(write, id)) !== write.householdId) throw notFound();
  const again = await repeated(id, asked.input.versionId, write);
  if (again) return again;
  if (!(await store.blendHasRev(write, id, asked.input.baseRev))) throw overtaken();
  return saveVersion(id, asked, write, blend);
}

export async function removeBlend({ input, params }: Asked<RemovedInput>, write: Write) {
  if (!(await store.setBlendRemoved(write, params.id, input.removed))) throw notFound();
  return { id: params.id, rev: write.rev };
}

/** The maker has seen what today's figures change: from now on the blend promises that. */
export async function acceptFigures({ params }: Asked<AcceptedInput>, write: Write) {
  const { id } = params;
  if ((await store.blendOwner(write, id)) !== write.householdId) throw notFound();
  const promised = await store.promisedBy(write.householdId, id, write.trx);
  const today = promised && computePaste(promised.question);
  if (promised && today?.ok) await store.setPromised(write, id, promisedOf(promised.question, today.value));
  return { id, rev: write.rev };
}

export const readBlends = async ({ household }: Asked<object>) => ({ blends: await store.listBlends(household.id) });

export async function readBlend({ household, params }: Asked<object>) {
  const blend = await store.findBlend(household.id, params.id);
  if (!blend) throw notFound();
  return blend;
}

export async function readVersions({ household, params }: Asked<object>) {
  const versions = await store.listVersions(household.id, params.id);
  if (versions.length === 0) throw notFound();
  return { versions };
}
