import { notFound } from "next/navigation";
import { house } from "@/server/page";
import { findRemoved, type RemovableKind } from "@/store/removed";
import { RemovedView } from "@/ui/removed/RemovedView";

/** The page of something that is not there: removed, with the way back; or never there. */
export async function gone(kind: RemovableKind, id: string) {
  const found = await house();
  const removed = found && (await findRemoved(found.household.id, kind, id));
  if (!found || !removed) notFound();
  return <RemovedView gone={removed} timeZone={found.settings.timeZone} nowMs={Date.now()} />;
}
