import { changesAfter } from "@/store/changes";
import { BUILD } from "@/build";
import type { Asked } from "./route";

const MOST = 200;

/** What was written after a rev: what another device looks at again. `more` says that it goes on. */
export async function readChanges({ household, query }: Asked<object>) {
  const after = Math.max(0, Math.floor(Number(query.get("after") ?? household.rev)) || 0);
  if (after >= household.rev) return { rev: household.rev, nowMs: Date.now(), changes: [], more: false, build: BUILD };
  const changes = await changesAfter(household.id, after, MOST);
  const more = changes.length === MOST;
  return { rev: more ? changes[MOST - 1].rev : household.rev, nowMs: Date.now(), changes, more, build: BUILD };
}
