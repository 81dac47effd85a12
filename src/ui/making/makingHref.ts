import type { Settings } from "@/core/making";

interface Making {
  readonly method: string;
  readonly things: readonly { readonly materialId: string; readonly massG: number }[];
  readonly settings: Settings;
}

/**
 * Where something is made, with what it is made of, how, and what it was called:
 * `of=thing~grams,…&how=field~value,…&as=name`.
 */
export function makingHref({ method, things, settings }: Making, called?: string): string {
  const of = things.map(({ materialId, massG }) => `${materialId}~${massG}`).join();
  const how = Object.entries(settings)
    .map(([id, value]) => `${id}~${value}`)
    .join();
  return `/making/${method}?${new URLSearchParams({ of, how, ...(called ? { as: called } : {}) })}`;
}
