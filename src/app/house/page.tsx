import { headers } from "next/headers";
import { doorOf } from "@/server/door";
import { house } from "@/server/page";
import { removedLately } from "@/server/removed";
import { listImports } from "@/store/imports";
import { timeZones } from "@/words/zones";
import { HouseView } from "@/ui/house/HouseView";
import { NoHouse } from "@/ui/today/NoHouse";

export const metadata = { title: "House" };

export default async function Page() {
  const found = await house();
  if (!found) return <NoHouse />;
  const { household, settings } = found;
  const [door, imports, { removed }, asked] = [
    await doorOf(found),
    await listImports(household.id),
    await removedLately(household.id),
    await headers(),
  ];
  const port = URL.parse(`http://${asked.get("host")}`)?.port || "80";
  return (
    <HouseView
      name={household.name}
      settings={settings}
      door={door}
      imports={imports}
      removed={removed}
      port={port}
      nowMs={Date.now()}
      currencies={[...new Set([settings.currency, ...Intl.supportedValuesOf("currency")])]}
      timeZones={timeZones(settings.timeZone)}
      rev={household.rev}
    />
  );
}
