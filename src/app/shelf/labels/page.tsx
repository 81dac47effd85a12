import { headers } from "next/headers";
import { isUuid } from "@/core/text";
import { originForPhones } from "@/server/reachable";
import { house } from "@/server/page";
import { listOwnThings } from "@/store/ownThings";
import { LabelsView } from "@/ui/shelf/LabelsView";
import { NoHouse } from "@/ui/today/NoHouse";

export const metadata = { title: "Labels" };

export default async function Page({ searchParams }: { searchParams: Promise<{ jars?: string }> }) {
  const found = await house();
  if (!found) return <NoHouse />;
  const chosen = ((await searchParams).jars ?? "").split(",").filter(isUuid);
  const host = (await headers()).get("host") ?? "127.0.0.1";
  const origin = originForPhones(host);
  return (
    <LabelsView chosen={chosen} things={await listOwnThings(found.household.id)} origin={origin} key={chosen.join()} />
  );
}
