import { notFound } from "next/navigation";
import { house, idIn } from "@/server/page";
import { sharersOf } from "@/server/share";
import { findBlend } from "@/store/blends";
import { listHeads } from "@/store/heads";
import { ShareView } from "@/ui/blend/ShareView";

export const metadata = { title: "One bowl for several" };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const found = await house();
  const id = await idIn(params);
  const blend = found && (await findBlend(found.household.id, id));
  if (!found || !blend) notFound();
  const sharers = await sharersOf(found, blend, await listHeads(found.household.id));
  return <ShareView blendId={id} name={blend.name} sharers={sharers} />;
}
