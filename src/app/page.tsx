import { goingOn } from "@/server/going";
import { house } from "@/server/page";
import { blendsWithBowls } from "@/server/shelf";
import { NoHouse } from "@/ui/today/NoHouse";
import { TodayView } from "@/ui/today/TodayView";

export const metadata = { title: "Today" };

export default async function Page() {
  const found = await house();
  if (!found) return <NoHouse />;
  const nowMs = Date.now();
  const [going, blends] = [await goingOn(found.household.id, nowMs), await blendsWithBowls(found.household.id, found.settings.spoons)];
  return <TodayView going={going} blends={blends} timeZone={found.settings.timeZone} nowMs={nowMs} houseName={found.household.name} />;
}
