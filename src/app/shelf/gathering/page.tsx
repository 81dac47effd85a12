import { gathering, wantsIn } from "@/server/gathering";
import { house } from "@/server/page";
import { GatheringView } from "@/ui/shelf/GatheringView";
import { NoHouse } from "@/ui/today/NoHouse";

export const metadata = { title: "What is short?" };

export default async function Page({ searchParams }: { searchParams: Promise<{ want?: string }> }) {
  const found = await house();
  if (!found) return <NoHouse />;
  const { shelf: _, ...rest } = await gathering(
    found.household,
    found.settings.spoons,
    wantsIn((await searchParams).want ?? ""),
  );
  return <GatheringView {...rest} />;
}
