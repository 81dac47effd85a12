import { listBatches } from "@/store/batches";

const PAGE = 24;

/** One page of the log, newest first; `next` is what to ask with for the page after it. */
export async function readLog(householdId: string, query: URLSearchParams) {
  const before = /^(\d{1,16})_([0-9a-f-]{36})$/.exec(query.get("before") ?? "");
  const batches = await listBatches(householdId, {
    headId: query.get("head")?.slice(0, 36) || undefined,
    text: query.get("text")?.trim().slice(0, 120) || undefined,
    before: before ? { startsAtMs: Number(before[1]), id: before[2] } : undefined,
    limit: PAGE + 1,
  });
  const page = batches.slice(0, PAGE);
  const last = page.at(-1);
  return { batches: page, next: batches.length > PAGE && last ? `${last.startsAtMs}_${last.id}` : undefined };
}
