import { readLog } from "@/server/log";
import { house } from "@/server/page";
import { listBlendNames } from "@/store/blends";
import { listHeads } from "@/store/heads";
import { listOwnThings } from "@/store/ownThings";
import { marksOf } from "@/store/log";
import { FILTERS, LogView, type LogQuery } from "@/ui/log/LogView";
import { NoHouse } from "@/ui/today/NoHouse";

export const metadata = { title: "Log" };

export default async function Page({
  searchParams,
}: {
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}) {
  const found = await house();
  if (!found) return <NoHouse />;
  const given = Object.entries(await searchParams).filter(
    (entry): entry is [string, string] => typeof entry[1] === "string",
  );
  const address = new URLSearchParams(given);
  const query = Object.fromEntries(FILTERS.map((name) => [name, address.get(name) ?? ""])) as LogQuery;
  const { household, settings } = found;
  const [{ batches, next }, heads, blends, own, marked] = await Promise.all([
    readLog(household.id, address, settings.timeZone),
    listHeads(household.id),
    listBlendNames(household.id),
    listOwnThings(household.id),
    query.head ? marksOf(household.id, query.head) : [],
  ]);
  return (
    <LogView
      batches={batches}
      heads={heads.map(({ id, name }) => ({ id, name }))}
      blends={blends}
      own={own.map(({ id, name }) => ({ id, name }))}
      older={next}
      query={query}
      timeZone={settings.timeZone}
      nowMs={Date.now()}
      key={address.toString()}
      marked={marked
        .filter((batch) => Object.keys(batch.marks).length > 0)
        .map(({ id, startsAtMs, blendName, marks }) => ({ id, startsAtMs, blendName, marks }))}
    />
  );
}
