import { house } from "@/server/page";
import { HouseView } from "@/ui/today/HouseView";
import { NoHouse } from "@/ui/today/NoHouse";

export const metadata = { title: "House" };

export default async function Page() {
  const found = await house();
  if (!found) return <NoHouse />;
  const { household, settings } = found;
  return <HouseView name={household.name} settings={settings} timeZones={[...new Set([settings.timeZone, "UTC", ...Intl.supportedValuesOf("timeZone")])]} />;
}
