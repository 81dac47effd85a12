import { foldBatch, restWindow, worksheet, type Going } from "@/core/batch";
import { PURPOSE } from "@/core/head";
import { asItGoes, foldMaking, goingMaking, type GoingMaking } from "@/core/making";
import { openBatches } from "@/store/batches";
import { listEvents, restedBatches } from "@/store/events";
import { readSettings, type Household } from "@/store/household";
import { nightsOf } from "@/words/nights";
import { openMakings } from "@/store/makings";
import { asOfRev } from "./asOfRev";
import type { Asked } from "./route";

const MINUTE_MS = 60_000;

/** Open bowls, with what of each does not hang on the hour. */
const openAsOf = asOfRev(async (householdId) => {
  const [open, settings] = await Promise.all([openBatches(householdId), readSettings(householdId)]);
  const rested = await restedBatches(
    householdId,
    open.map((batch) => batch.id),
  );
  const since = new Map(
    await Promise.all(rested.map(async (id) => [id, foldBatch(await listEvents(householdId, id))] as const)),
  );
  return open.map((batch) => {
    const { answer } = batch;
    const { mixedMin } = worksheet(answer);
    const mixedMs = batch.mixedMs ?? batch.startsAtMs + mixedMin * MINUTE_MS;
    const { moves, dabs, gauges } = since.get(batch.id) ?? {};
    const nights = nightsOf(settings, mixedMs);
    return {
      batch,
      window: restWindow(answer.rest, mixedMs, batch.question.kitchenTempC, { moves, dabs, gauges, nights }),
    };
  });
});

/** Everything open, placed on the clock. */
export async function goingOn(household: Pick<Household, "id" | "rev">, nowMs: number): Promise<Going[]> {
  return (await openAsOf(household)).map(({ batch, window }): Going => {
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
      window,
      onHeadMs: batch.onHeadMs,
      rinseMs: batch.onHeadMs && batch.onHeadMs + answer.leaveOnMin.mid * MINUTE_MS,
      ...(batch.rinsedMs && PURPOSE[batch.question.purpose].dye ? { dyedMs: batch.rinsedMs } : {}),
      colour: powder?.colour ?? [0.6, 0.1, 60],
    };
  });
}

/** Every making that is not put up yet, on the clock. */
export const makingsGoing = asOfRev(async (householdId): Promise<GoingMaking[]> =>
  (await openMakings(householdId)).map((making) => {
    const { made, steps } = asItGoes(making, foldMaking(making.events));
    return goingMaking(making, made.material.colour, steps);
  }),
);

/** What is going on, as of a rev. */
export async function readNow({ household }: Asked<object>) {
  const [going, makings] = await Promise.all([goingOn(household, Date.now()), makingsGoing(household)]);
  return { rev: household.rev, going, makings };
}
