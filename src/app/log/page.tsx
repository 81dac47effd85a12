import { readLog } from "@/server/log";
import { house } from "@/server/page";
import { listHeads } from "@/store/heads";
import { LogView } from "@/ui/log/LogView";
import { NoHouse } from "@/ui/today/NoHouse";

export const metadata = { title: "Log" };

export default async function Page({ searchParams }: { searchParams: Promise<Record<string, string | string[] | undefined>> }) {
  const found = await house();
  if (!found) return <NoHouse />;
  const given = Object.entries(await searchParams).filter((entry): entry is [string, string] => typeof entry[1] === "string");
  const query = new URLSearchParams(given);
  const [{ batches, next }, heads] = await Promise.all([readLog(found.household.id, query, found.settings.timeZone), listHeads(found.household.id)]);
  return (
    <LogView
      batches={batches} heads={heads.map(({ id, name }) => ({ id, name }))} older={next} timeZone={found.settings.timeZone} nowMs={Date.now()}
      filter={{ head: query.get("head") ?? "", text: query.get("text") ?? "" }} key={query.toString()}
    />
  );
}
