import { makingsGoing } from "@/server/going";
import { house } from "@/server/page";
import { ownWays } from "@/server/makings/ownWays";
import { listMakings } from "@/store/makings";
import { MakingsView } from "@/ui/making/MakingsView";
import { NoHouse } from "@/ui/today/NoHouse";

export const metadata = { title: "Make something" };
const LATELY = 12;

export default async function Page() {
  const found = await house();
  if (!found) return <NoHouse />;
  const { household, settings } = found;
  const [going, lately, own] = await Promise.all([
    makingsGoing(household),
    listMakings(household.id, undefined, LATELY),
    ownWays(household.id),
  ]);
  return (
    <MakingsView
      going={going}
      own={own}
      past={lately
        .filter(({ closedMs }) => closedMs !== undefined)
        .map(({ id, name, question, startsAtMs, jarId }) => ({
          id,
          name,
          question,
          startsAtMs,
          ...(jarId ? { jarId } : {}),
        }))}
      timeZone={settings.timeZone}
      nowMs={Date.now()}
    />
  );
}
