import { notFound } from "next/navigation";
import { packEvents, worksheet } from "@/core/batch";
import { house, idIn } from "@/server/page";
import { findBatch, listEvents } from "@/store/batches";
import { listHeads } from "@/store/heads";
import { BatchView } from "@/ui/batch/BatchView";

export const metadata = { title: "A bowl" };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const found = await house();
  if (!found) notFound();
  const { household, settings } = found;
  const id = await idIn(params);
  const [batch, events, heads] = await Promise.all([findBatch(household.id, id), listEvents(household.id, id), listHeads(household.id)]);
  if (!batch) notFound();
  return (
    <BatchView
      batch={batch} packedEvents={packEvents(events)} rev={household.rev} sheet={worksheet(batch.answer)} heads={heads.map(({ id: headId, name }) => ({ id: headId, name }))}
      blendId={batch.blendId ?? undefined} timeZone={settings.timeZone} nowMs={Date.now()}
    />
  );
}
