import type { Caution } from "@/core/caution";
import type { Band } from "@/core/figure";
import { blendForHead, computePaste } from "@/core/paste";
import { questionOn } from "@/core/shelf";
import type { StoredBlend } from "@/store/blends";
import { hairOf, type StoredHead } from "@/store/heads";
import type { House } from "./page";
import { shelfAsOf } from "./shelf";

/** What one head takes of a blend, and what stands in its way. */
export interface Sharer {
  readonly headId: string;
  readonly name: string;
  readonly totalG: Band;
  readonly leaveOnMin: number;
  readonly sections: number;
  /** Each stop and care that this head has of its own. */
  readonly cautions: readonly Caution[];
}

/** The same blend as every head of the house would have it, leaving out those it cannot be computed for. */
export async function sharersOf(
  { household, settings }: Pick<House, "household" | "settings">,
  blend: StoredBlend,
  heads: readonly StoredHead[],
): Promise<Sharer[]> {
  const shelf = await shelfAsOf(household);
  const own = heads.find(({ id }) => id === blend.headId);
  const all = heads.flatMap((head) => {
    const hair = hairOf(head);
    // As much as the head takes, also where the blend was written down in grams.
    const bowl = { ...blendForHead(blend.blend, own && hairOf(own), hair), sizing: "likely" as const };
    const result = computePaste(questionOn(bowl, hair, settings.spoons, shelf));
    return result.ok ? [{ head, answer: result.value }] : [];
  });
  const shared = (caution: Caution) => all.every(({ answer }) => answer.cautions.some(({ id }) => id === caution.id));
  return all.map(({ head, answer }) => ({
    headId: head.id,
    name: head.name,
    totalG: answer.totalG,
    leaveOnMin: answer.leaveOnMin.mid,
    sections: answer.sections.count,
    cautions: answer.cautions.filter((one) => one.level === "stop" || (one.level === "care" && !shared(one))),
  }));
}
