import { house } from "@/server/page";
import { listHeads } from "@/store/heads";
import { HeadsView } from "@/ui/heads/HeadsView";
import { NoHouse } from "@/ui/today/NoHouse";

export const metadata = { title: "Heads" };

export default async function Page() {
  const found = await house();
  return found ? <HeadsView heads={await listHeads(found.household.id)} /> : <NoHouse />;
}
