import { checkBlend, type Blend } from "@/core/paste";
import { toBlend } from "@/inputs/pasteInput";
import type { BlendChangeInput, NewBlendInput, RemovedInput, SaveBlendInput } from "@/inputs/bookInput";
import * as store from "@/store/blends";
import { lookupOf } from "./shelf";
import { headOwner } from "@/store/heads";
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

/** Saves a version; a version id that this blend has already is the same save again. */
async function saveVersion(blendId: string, { input, deviceId }: Asked<SaveBlendInput>, write: Write, blend: Blend) {
  await store.insertVersion(write, {
    blendId,
    versionId: input.versionId,
    name: input.name,
    headId: input.headId ?? null,
    blend,
    deviceId,
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
