import { isUuid } from "@/core/text";
import { commonestAtHand } from "@/server/commonest";
import { house } from "@/server/page";
import { removedJar } from "@/store/jars";
import { listOwnThings } from "@/store/ownThings";
import { ShelfView } from "@/ui/shelf/ShelfView";
import { NoHouse } from "@/ui/today/NoHouse";

export const metadata = { title: "Shelf" };

export default async function Page({ searchParams }: { searchParams: Promise<{ removed?: string }> }) {
  const found = await house();
  if (!found) return <NoHouse />;
  const { removed } = await searchParams;
  const gone = isUuid(removed) ? await removedJar(found.household.id, removed) : undefined;
  return (
    <ShelfView
      things={await listOwnThings(found.household.id)}
      atHand={commonestAtHand()}
      gone={gone && { id: gone.id, name: gone.name }}
    />
  );
}
