import { headers } from "next/headers";
import { notFound } from "next/navigation";
import { packEvents } from "@/core/batch";
import { house, idIn } from "@/server/page";
import { originForPhones } from "@/server/reachable";
import { findBatch } from "@/store/batches";
import { listEvents } from "@/store/events";
import { ApplyView } from "@/ui/apply/ApplyView";

export const metadata = { title: "Putting it on" };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const found = await house();
  if (!found) notFound();
  const id = await idIn(params);
  const [batch, events] = await Promise.all([findBatch(found.household.id, id), listEvents(found.household.id, id)]);
  if (!batch) notFound();
  const origin = originForPhones((await headers()).get("host") ?? "127.0.0.1");
  return (
    <ApplyView
      batch={batch}
      packedEvents={packEvents(events)}
      rev={found.household.rev}
      timeZone={found.settings.timeZone}
      address={origin && `${origin}/batches/${id}/apply`}
      nowMs={Date.now()}
    />
  );
}
