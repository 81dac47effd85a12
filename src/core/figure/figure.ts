/**
 * Where a number comes from. `fromMemory` marks a publication quoted without its text at hand, `byDefinition` what
 * needs none.
 */
export type Source =
  | { readonly kind: "measured"; readonly name: string }
  | { readonly kind: "published"; readonly name: string; readonly fromMemory?: true; readonly byDefinition?: true }
  | { readonly kind: "practice"; readonly name?: string }
  | { readonly kind: "estimate"; readonly name?: string };

/** A number of the world: its value, a 90 % range, and one source. */
export interface Figure {
  readonly value: number;
  readonly low: number;
  readonly high: number;
  readonly source: Source;
}

export const estimate = (value: number, low: number, high: number, name?: string): Figure => ({
  value,
  low,
  high,
  source: name ? { kind: "estimate", name } : { kind: "estimate" },
});

export const practice = (value: number, low: number, high: number, name?: string): Figure => ({
  value,
  low,
  high,
  source: name ? { kind: "practice", name } : { kind: "practice" },
});

export const published = (value: number, low: number, high: number, name: string): Figure => ({
  value,
  low,
  high,
  source: { kind: "published", name },
});

export const fromMemory = (value: number, low: number, high: number, name: string): Figure => ({
  value,
  low,
  high,
  source: { kind: "published", name, fromMemory: true },
});

/** A figure that is so by definition, and therefore has no width. */
export const exact = (value: number, name: string): Figure => ({
  value,
  low: value,
  high: value,
  source: { kind: "published", name, byDefinition: true },
});
