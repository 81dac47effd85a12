const NAMES = { heads: ["head", "heads"], blends: ["blend", "blends"], batches: ["bowl", "bowls"] } as const;

interface Counts { readonly heads: number; readonly blends: number; readonly batches: number }

export const sumOf = (a: Counts, b: Counts): Counts => ({ heads: a.heads + b.heads, blends: a.blends + b.blends, batches: a.batches + b.batches });

/** "2 heads, 1 blend and 30 bowls"; empty for nothing. */
export function countsWords(counts: Counts): string {
  const parts = (Object.keys(NAMES) as (keyof typeof NAMES)[]).filter((kind) => counts[kind] > 0).map((kind) => `${counts[kind]} ${NAMES[kind][counts[kind] === 1 ? 0 : 1]}`);
  return parts.length < 2 ? parts.join("") : `${parts.slice(0, -1).join(", ")} and ${parts.at(-1)}`;
}
