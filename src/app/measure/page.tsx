import { notFound } from "next/navigation";
import { packEvents } from "@/core/batch";
import { isUuid } from "@/core/text";
import { house } from "@/server/page";
import { findBatch } from "@/store/batches";
import { listEvents } from "@/store/events";
import { findJar } from "@/store/jars";
import { MeasureView } from "@/ui/measure/MeasureView";

export const metadata = { title: "Measure a paste" };

export default async function Page({ searchParams }: { searchParams: Promise<{ batch?: string; jar?: string }> }) {
  const found = await house();
  const { batch: batchId, jar: jarId } = await searchParams;
  if (!found) return <MeasureView kitchenTempC={21} />;
  const { household, settings } = found;
  if (batchId !== undefined) {
    const [batch, events] = isUuid(batchId)
      ? await Promise.all([findBatch(household.id, batchId), listEvents(household.id, batchId)])
      : [undefined, []];
    if (!batch) notFound();
    return (
      <MeasureView
        bowl={{ batch, packedEvents: packEvents(events), rev: household.rev, nowMs: Date.now() }}
        kitchenTempC={settings.kitchenTempC}
      />
    );
  }
  const jar = jarId !== undefined && isUuid(jarId) ? await findJar(household.id, jarId) : undefined;
  if (jarId !== undefined && !jar) notFound();
  return <MeasureView jar={jar} kitchenTempC={settings.kitchenTempC} />;
}
