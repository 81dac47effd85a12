import { PLAIN_HEAD } from "@/core/head";
import { toMake } from "@/core/making";
import { blendForHead, computePaste, type Layer } from "@/core/paste";
import { costOf, gather, isShort, type Gathered, type WantedBowl } from "@/core/stock";
import { lookupOn, questionOn, type Shelf } from "@/core/shelf";
import type { Spoons } from "@/core/measure";
import { isUuid } from "@/core/text";
import { listBlends } from "@/store/blends";
import { hairOf, listHeads } from "@/store/heads";
import type { Asked } from "./route";
import type { Household } from "@/store/household";
import { shelfAsOf } from "./shelf";

/** A blend and the head it is to be made for. */
export interface Want {
  readonly blendId: string;
  readonly headId: string | null;
}

export interface BlendToMake {
  readonly id: string;
  readonly name: string;
  readonly headId: string | null;
  readonly totalMl: number;
  readonly layers: readonly Layer[];
  /** What today's shelf is short of for it, by name. */
  readonly missing: readonly string[];
  readonly cost?: number;
  /** Grams of it whose price nobody knows. */
  readonly unpricedG: number;
}

export interface Gathering {
  readonly blends: readonly BlendToMake[];
  readonly heads: readonly { readonly id: string; readonly name: string }[];
  readonly wants: readonly Want[];
  readonly gathered: readonly Gathered[];
  readonly cost: { readonly known: number; readonly unpricedG: number };
  readonly shelf: Shelf;
}

const MOST_WANTS = 24;
/** `blend` or `blend~head`, several with commas. */
export const wantsIn = (text: string): Want[] =>
  text
    .split(",")
    .slice(0, MOST_WANTS)
    .flatMap((one) => {
      const [blendId, headId] = one.split("~");
      return isUuid(blendId) ? [{ blendId, headId: headId !== undefined && isUuid(headId) ? headId : null }] : [];
    });

/** What some bowls want against the shelf, and which blends today's shelf can make. */
export async function gathering(
  household: Pick<Household, "id" | "rev">,
  spoons: Spoons,
  asked: readonly Want[],
): Promise<Gathering> {
  const [blends, heads, shelf] = await Promise.all([
    listBlends(household.id),
    listHeads(household.id),
    shelfAsOf(household),
  ]);
  const find = lookupOn(shelf);
  const bowlFor = (blendId: string, headId: string | null): WantedBowl | undefined => {
    const saved = blends.find(({ id }) => id === blendId);
    if (!saved) return undefined;
    const own = heads.find(({ id }) => id === saved.headId);
    const head = heads.find(({ id }) => id === headId) ?? own;
    const question = questionOn(
      blendForHead(saved.blend, own && hairOf(own), head ? hairOf(head) : PLAIN_HEAD),
      head ? hairOf(head) : PLAIN_HEAD,
      spoons,
      shelf,
    );
    const result = computePaste(question);
    return result.ok ? { question, answer: result.value } : undefined;
  };
  const able = blends.flatMap(({ id, name, headId }): BlendToMake[] => {
    const bowl = bowlFor(id, headId);
    if (!bowl) return [];
    const needs = gather([bowl], shelf, toMake);
    const { known, unpricedG } = costOf(needs);
    return [
      {
        id,
        name,
        headId,
        totalMl: bowl.answer.totalMl,
        layers: bowl.answer.layers,
        unpricedG,
        missing: needs.filter(isShort).map(({ materialId }) => find(materialId)?.names[0].text ?? materialId),
        ...(known > 0 ? { cost: known } : {}),
      },
    ];
  });
  const bowls = asked.flatMap((want) => bowlFor(want.blendId, want.headId) ?? []);
  const gathered = gather(bowls, shelf, toMake);
  return {
    blends: able.sort((a, b) => a.missing.length - b.missing.length),
    heads: heads.map(({ id, name }) => ({ id, name })),
    wants: asked,
    gathered,
    cost: costOf(gathered),
    shelf,
  };
}

/** What the bowls in the address want of the shelf. */
export async function readGathering({ household, settings, query }: Asked<object>) {
  const { gathered, cost, wants } = await gathering(household, settings.spoons, wantsIn(query.get("want") ?? ""));
  return { wants, gathered, cost };
}
