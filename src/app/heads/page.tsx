import { isUuid } from "@/core/text";
import { house } from "@/server/page";
import { hairOf, listHeads, removedHead } from "@/store/heads";
import { HeadsView } from "@/ui/heads/HeadsView";
import { NoHouse } from "@/ui/today/NoHouse";

export const metadata = { title: "Heads" };

export default async function Page({ searchParams }: { searchParams: Promise<{ removed?: string }> }) {
  const found = await house();
  if (!found) return <NoHouse />;
  const { removed } = await searchParams;
  const gone = isUuid(removed) ? await removedHead(found.household.id, removed) : undefined;
  const heads = await listHeads(found.household.id);
  return <HeadsView heads={heads.map((head) => ({ ...head, now: hairOf(head) }))} gone={gone} />;
}
