import { andWords, counted } from "./lists";

const NAMES = {
  heads: ["head", "heads"],
  blends: ["blend", "blends"],
  batches: ["bowl", "bowls"],
  jars: ["jar", "jars"],
  things: ["thing of the house’s own", "things of the house’s own"],
} as const;

interface Counts {
  readonly heads: number;
  readonly blends: number;
  readonly batches: number;
  readonly jars?: number;
  readonly things?: number;
}

export const sumOf = (a: Counts, b: Counts): Counts => ({
  heads: a.heads + b.heads,
  blends: a.blends + b.blends,
  batches: a.batches + b.batches,
  jars: (a.jars ?? 0) + (b.jars ?? 0),
  things: (a.things ?? 0) + (b.things ?? 0),
});

/** "2 heads, 1 blend and 30 bowls"; empty for nothing. */
export function countsWords(counts: Counts): string {
  const parts = (Object.keys(NAMES) as (keyof typeof NAMES)[])
    .filter((kind) => (counts[kind] ?? 0) > 0)
    .map((kind) => counted(counts[kind] ?? 0, NAMES[kind][0], NAMES[kind][1]));
  return andWords(parts);
}
