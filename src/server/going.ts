import { foldBatch, restWindow, worksheet, type Going } from "@/core/batch";
import { openBatches } from "@/store/batches";
import { listEvents, movedBatches } from "@/store/events";
import type { Asked } from "./route";

const MINUTE_MS = 60_000;

/** Everything open, placed on the clock. */
export async function goingOn(householdId: string, nowMs: number): Promise<Going[]> {
  const open = await openBatches(householdId);
  const moved = await movedBatches(
    householdId,
    open.map((batch) => batch.id),
  );
  const moves = new Map(
    await Promise.all(moved.map(async (id) => [id, foldBatch(await listEvents(householdId, id)).moves] as const)),
  );
  return open.map((batch): Going => {
    const { answer } = batch;
    const stage = batch.rinsedMs
      ? "rinsed"
      : batch.onHeadMs
        ? "onHead"
        : batch.mixedMs
          ? "resting"
          : batch.startsAtMs > nowMs
            ? "planned"
            : "mixing";
    const powder = answer.layers.find((layer) => layer.kind === "line");
    return {
      batchId: batch.id,
      blendName: batch.blendName,
      headName: batch.headName,
      stage,
      startsMs: batch.startsAtMs,
      window: restWindow(
        answer.rest,
        batch.mixedMs ?? batch.startsAtMs + worksheet(answer).mixedMin * MINUTE_MS,
        batch.question.kitchenTempC,
        moves.get(batch.id),
      ),
      onHeadMs: batch.onHeadMs,
      rinseMs: batch.onHeadMs && batch.onHeadMs + answer.leaveOnMin.mid * MINUTE_MS,
      colour: powder?.colour ?? [0.6, 0.1, 60],
    };
  });
}

/** What is going on, as of a rev. */
export const readNow = async ({ household }: Asked<object>) => ({
  rev: household.rev,
  going: await goingOn(household.id, Date.now()),
});
