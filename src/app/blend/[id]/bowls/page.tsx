import { notFound } from "next/navigation";
import { bowlsOf } from "@/server/bowls";
import { house, idIn } from "@/server/page";
import { findBlend } from "@/store/blends";
import { BowlsView } from "@/ui/log/BowlsView";

export const metadata = { title: "Side by side" };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const found = await house();
  const id = await idIn(params);
  const blend = found && (await findBlend(found.household.id, id));
  if (!found || !blend) notFound();
  return (
    <BowlsView
      name={blend.name}
      blendId={id}
      bowls={await bowlsOf(found.household.id, id)}
      timeZone={found.settings.timeZone}
      nowMs={Date.now()}
    />
  );
}
