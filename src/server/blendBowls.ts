import { PLAIN_HEAD } from "@/core/head";
import type { Spoons } from "@/core/measure";
import { questionOn } from "@/core/shelf";
import { shelfOf } from "./shelf";
import { computePaste, type Layer } from "@/core/paste";
import { grainOf, roundTo } from "@/words/amounts";
import { listBlends } from "@/store/blends";
import { hairOf, listHeads } from "@/store/heads";

export interface BlendAndBowl {
  readonly id: string;
  readonly name: string;
  readonly version: number;
  readonly purpose: string;
  readonly headName: string | undefined;
  /** Grams it makes, with the digits that the head's band deserves. */
  readonly totalG: string;
  readonly totalMl: number;
  readonly layers: readonly Layer[];
}

/** Every blend with the bowl that it makes today for its own head. */
export async function blendsWithBowls(householdId: string, spoons: Spoons): Promise<BlendAndBowl[]> {
  const [blends, heads, shelf] = await Promise.all([
    listBlends(householdId),
    listHeads(householdId),
    shelfOf(householdId),
  ]);
  return blends.flatMap(({ id, name, version, blend, headId }) => {
    const head = heads.find((one) => one.id === headId);
    const result = computePaste(questionOn(blend, head ? hairOf(head) : PLAIN_HEAD, spoons, shelf));
    if (!result.ok) return [];
    const { layers, totalG, totalMl, head: takes } = result.value;
    return [
      {
        id,
        name,
        version,
        purpose: blend.purpose,
        headName: head?.name,
        totalG: roundTo(totalG.mid, grainOf(takes.pasteG)),
        totalMl,
        layers,
      },
    ];
  });
}
