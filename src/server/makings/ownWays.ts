import type { MakingQuestion } from "@/core/making";
import type { MadeHere } from "@/core/shelf";
import { listJars } from "@/store/jars";
import { listMakings } from "@/store/makings";

/** One's own way of making something, under the name of what came of it. */
export interface OwnWay {
  readonly name: string;
  readonly how: Pick<MadeHere | MakingQuestion, "method" | "things" | "settings">;
}

/**
 * Every way of the house's own, once: as its latest jar says it, which knows how much came of it, or else as it was
 * last begun.
 */
export async function ownWays(householdId: string): Promise<readonly OwnWay[]> {
  const [jars, makings] = await Promise.all([listJars(householdId), listMakings(householdId)]);
  const all: readonly OwnWay[] = [
    ...[...jars]
      .sort((a, b) => (b.boughtOn ?? "").localeCompare(a.boughtOn ?? ""))
      .flatMap(({ name, made }) => (made && !made.isRest ? [{ name: name ?? "", how: made }] : [])),
    ...makings.map(({ name, question }) => ({ name, how: question })),
  ].filter(({ how }) => how.method === "own");
  const byName = new Map<string, OwnWay>();
  for (const one of all) if (!byName.has(one.name)) byName.set(one.name, one);
  return [...byName.values()].sort((a, b) => a.name.localeCompare(b.name));
}
