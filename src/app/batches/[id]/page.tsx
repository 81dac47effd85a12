import { notFound } from "next/navigation";
import { foldBatch, packEvents, worksheetFor } from "@/core/batch";
import { PURPOSE } from "@/core/head";
import { planOf } from "@/server/colour";
import { lastTimeOf } from "@/server/lastTime";
import { house, idIn } from "@/server/page";
import { findBatch } from "@/store/batches";
import { listEvents } from "@/store/events";
import { listHeads } from "@/store/heads";
import { BatchView } from "@/ui/batch/BatchView";

export const metadata = { title: "A bowl" };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const found = await house();
  if (!found) notFound();
  const { household, settings } = found;
  const id = await idIn(params);
  const reading = findBatch(household.id, id);
  const [batch, lastTime, events, heads] = await Promise.all([
    reading,
    reading.then((found) => found && lastTimeOf(household.id, found)),
    listEvents(household.id, id),
    listHeads(household.id),
  ]);
  if (!batch) notFound();
  return (
    <BatchView
      batch={batch}
      packedEvents={packEvents(events)}
      rev={household.rev}
      sheet={worksheetFor(batch.question, batch.answer, settings.vessels)}
      heads={heads.map(({ id: headId, name }) => ({ id: headId, name }))}
      blendId={batch.blendId ?? undefined}
      lastTime={lastTime}
      plan={PURPOSE[batch.question.purpose].dye ? planOf(batch, foldBatch(events)) : undefined}
      nightTempC={settings.nightTempC}
      timeZone={settings.timeZone}
      nowMs={Date.now()}
    />
  );
}
