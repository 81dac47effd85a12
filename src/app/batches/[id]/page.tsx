import { notFound } from "next/navigation";
import { readBatch } from "@/server/batches";
import { house, idIn } from "@/server/page";
import { Refusal } from "@/server/refusal";
import { findVersion } from "@/store/blends";
import { listHeads } from "@/store/heads";
import { BatchView } from "@/ui/batch/BatchView";

export const metadata = { title: "A bowl" };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const found = await house();
  if (!found) notFound();
  const { household, settings } = found;
  const read = await readBatch(household.id, await idIn(params)).catch((error: unknown) => {
    if (error instanceof Refusal) notFound();
    throw error;
  });
  const [heads, version] = await Promise.all([listHeads(household.id), read.batch.versionId ? findVersion(household.id, read.batch.versionId) : undefined]);
  return <BatchView batch={read.batch} eventsJson={JSON.stringify(read.events)} rev={household.rev} sheet={read.sheet} heads={heads.map(({ id, name }) => ({ id, name }))} blendId={version?.id} timeZone={settings.timeZone} nowMs={Date.now()} />;
}
