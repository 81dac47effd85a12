import { restWindow, worksheet, type Going } from "@/core/batch";
import { movesOf, openBatches } from "@/store/batches";

const MINUTE_MS = 60_000;

/** Everything open, placed on the clock. */
export async function goingOn(householdId: string, nowMs: number): Promise<Going[]> {
  const open = await openBatches(householdId);
  const moves = await movesOf(
    householdId,
    open.map((batch) => batch.id),
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
