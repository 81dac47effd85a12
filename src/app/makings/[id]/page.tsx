import { notFound } from "next/navigation";
import { house, idIn } from "@/server/page";
import { readMaking } from "@/server/makings";
import { findMaking } from "@/store/makings";
import { GoingView } from "@/ui/making/going/GoingView";

export const metadata = { title: "A making" };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const found = await house();
  if (!found) notFound();
  const { household, settings } = found;
  const id = await idIn(params);
  if (!(await findMaking(household.id, id))) notFound();
  const { making, events } = await readMaking(household.id, id);
  return (
    <GoingView making={making} events={events} rev={household.rev} timeZone={settings.timeZone} nowMs={Date.now()} />
  );
}
