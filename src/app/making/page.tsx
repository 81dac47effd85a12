import { brewableAtHand } from "@/server/commonest";
import { house } from "@/server/page";
import { MakingView } from "@/ui/making/MakingView";
import { NoHouse } from "@/ui/today/NoHouse";

export const metadata = { title: "Make a tea" };

export default async function Page() {
  const found = await house();
  return found ? <MakingView kitchenTempC={found.settings.kitchenTempC} atHand={brewableAtHand()} /> : <NoHouse />;
}
