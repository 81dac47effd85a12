import { notFound } from "next/navigation";
import { packEvents, worksheetFor } from "@/core/batch";
import { house, idIn } from "@/server/page";
import { findBatch } from "@/store/batches";
import { listEvents } from "@/store/events";
import { RestView } from "@/ui/rest/RestView";

export const metadata = { title: "How long it rests" };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const found = await house();
  if (!found) notFound();
  const { household, settings } = found;
  const id = await idIn(params);
  const [batch, events] = await Promise.all([findBatch(household.id, id), listEvents(household.id, id)]);
  if (!batch) notFound();
  return (
    <RestView
      batch={batch}
      packedEvents={packEvents(events)}
      rev={household.rev}
      sheet={worksheetFor(batch.question, batch.answer, settings.vessels)}
      nightTempC={settings.nightTempC}
      timeZone={settings.timeZone}
      nowMs={Date.now()}
    />
  );
}
