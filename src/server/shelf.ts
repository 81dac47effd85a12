import { PLAIN_HEAD } from "@/core/head";
import type { SpoonSet } from "@/core/measure";
import { computePaste, type Layer } from "@/core/paste";
import { grainOf, roundTo } from "@/words/amounts";
import { listBlends } from "@/store/blends";
import { listHeads } from "@/store/heads";

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
export async function blendsWithBowls(householdId: string, spoons: SpoonSet): Promise<BlendAndBowl[]> {
  const [blends, heads] = await Promise.all([listBlends(householdId), listHeads(householdId)]);
  return blends.flatMap(({ id, name, version, blend, headId }) => {
    const head = heads.find((one) => one.id === headId);
    const result = computePaste({ ...blend, head: head?.hair ?? PLAIN_HEAD, spoons });
    if (!result.ok) return [];
    const { layers, totalG, totalMl, head: takes } = result.value;
    return [{ id, name, version, purpose: blend.purpose, headName: head?.name, totalG: roundTo(totalG.mid, grainOf(takes.pasteG)), totalMl, layers }];
  });
}
