import { DateTime } from "luxon";
import { PLAIN_HEAD, type Head } from "@/core/head";
import { LIMITS } from "@/core/limits";
import type { Material } from "@/core/material";
import type { Spoons } from "@/core/measure";
import { blendForHead, changedSince, type Blend, type FigureChange } from "@/core/paste";
import { findBatch } from "@/store/batches";
import { findBlend, promisedBy } from "@/store/blends";
import { listHeads } from "@/store/heads";
import { houseShelf } from "./houseShelf";
import { house } from "./page";
import { tablesFor } from "./tablesFor";

const EMPTY: Omit<Blend, "kitchenTempC"> = {
  purpose: "mask",
  lines: [],
  liquid: { materialId: "water", tempC: 40 },
  target: { word: "cream" },
  sizing: "likely",
};

export interface BlendPage {
  /** The tables' materials that it begins with. */
  readonly tables: readonly Material[];
  readonly heads: readonly { readonly id: string; readonly name: string; readonly hair: Head }[];
  readonly spoons: Spoons;
  /** The next morning at ten, in the household's wall time. */
  readonly tomorrow: string;
  readonly start: { readonly blend: Blend; readonly name: string; readonly headId: string | null; readonly head: Head };
  /** What today's figures say otherwise than it promised when it was saved. */
  readonly figures?: FigureChange;
  readonly saved?: { readonly id: string; readonly versionId: string; readonly version: number; readonly rev: number };
}

/** What the blend page starts from: nothing, a saved blend, or a batch to repeat on this or another head. */
export async function blendPageFor({
  blendId,
  copyOf,
  batchId,
  headId,
}: {
  blendId?: string;
  copyOf?: string;
  batchId?: string;
  headId?: string;
}): Promise<BlendPage | undefined> {
  const found = await house();
  if (!found) return undefined;
  const { household, settings } = found;
  const [heads, { shelf }] = await Promise.all([listHeads(household.id), houseShelf(found)]);
  const hairs = heads.map(({ hair }) => hair);
  const common = {
    heads: heads.map(({ id, name, hair }) => ({ id, name, hair })),
    spoons: settings.spoons,
    tomorrow: DateTime.now()
      .setZone(settings.timeZone)
      .plus({ days: 1 })
      .set({ hour: 10, minute: 0 })
      .toFormat("yyyy-MM-dd'T'HH:mm"),
  };
  const wanted = blendId ?? copyOf;
  if (wanted) {
    const saved = await findBlend(household.id, wanted);
    if (!saved) return undefined;
    const head = heads.find(({ id }) => id === saved.headId);
    const start = { blend: saved.blend, name: saved.name, headId: head?.id ?? null, head: head?.hair ?? PLAIN_HEAD };
    const tables = tablesFor([saved.blend], hairs, shelf);
    if (!blendId)
      return { ...common, tables, start: { ...start, name: `${saved.name}, a copy`.slice(0, LIMITS.nameChars.max) } };
    const promised = await promisedBy(household.id, saved.id);
    return {
      ...common,
      tables,
      start,
      ...(promised ? { figures: changedSince(promised) } : {}),
      saved: { id: saved.id, versionId: saved.versionId, version: saved.version, rev: saved.rev },
    };
  }
  const batch = batchId ? await findBatch(household.id, batchId) : undefined;
  if (batch) {
    const { head: then, spoons: _, own: __, learnt: ___, ...blend } = batch.question;
    const head = heads.find(({ id }) => id === (headId ?? batch.headId));
    const hair = head?.hair ?? then;
    const name = head && head.id !== batch.headId ? `${batch.blendName} for ${head.name}` : batch.blendName;
    return {
      ...common,
      tables: tablesFor([blend], [...hairs, then], shelf),
      start: { blend: blendForHead(blend, then, hair), name: name.slice(0, 120), headId: head?.id ?? null, head: hair },
    };
  }
  const head = heads[0];
  return {
    ...common,
    tables: tablesFor([EMPTY], hairs, shelf),
    start: {
      blend: { ...EMPTY, kitchenTempC: settings.kitchenTempC },
      name: "",
      headId: head?.id ?? null,
      head: head?.hair ?? PLAIN_HEAD,
    },
  };
}
