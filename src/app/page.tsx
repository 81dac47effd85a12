import { STARTING_BLENDS } from "@/core/paste";
import { isUuid } from "@/core/text";
import { commonestAtHand } from "@/server/commonest";
import { goingOn, makingsGoing } from "@/server/going";
import { house } from "@/server/page";
import { shelfAsOf } from "@/server/shelf";
import { todayIn } from "@/server/today";
import { soonGone } from "@/server/soonGone";
import { blendsWithBowls } from "@/server/blendBowls";
import { hasBowls } from "@/store/batches";
import { removedBlendName } from "@/store/blends";
import { isChosen } from "@/store/household";
import { onRibbon } from "@/ui/ribbon/onRibbon";
import { FirstBowl } from "@/ui/today/FirstBowl";
import { NoHouse } from "@/ui/today/NoHouse";
import { TodayView } from "@/ui/today/TodayView";

export const metadata = { title: "Today" };

export default async function Page({ searchParams }: { searchParams: Promise<{ removed?: string }> }) {
  const found = await house();
  if (!found) return <NoHouse />;
  const nowMs = Date.now();
  const { removed } = await searchParams;
  const goneName = isUuid(removed) ? await removedBlendName(found.household.id, removed) : undefined;
  const [bowls, makings, blends, shelf] = [
    await goingOn(found.household, nowMs),
    await makingsGoing(found.household),
    await blendsWithBowls(found.household.id, found.settings.spoons),
    await shelfAsOf(found.household),
  ];
  const today = todayIn(found.settings);
  const going = onRibbon(bowls, makings, found.settings.timeZone, nowMs);
  if (blends.length === 0 && going.length === 0 && goneName === undefined && !(await hasBowls(found.household.id)))
    return (
      <FirstBowl
        heaps={commonestAtHand()}
        starts={STARTING_BLENDS.map(({ id, name, why }) => ({ id, name, why }))}
        unset={!(await isChosen(found.household.id, "timeZone"))}
      />
    );
  return (
    <TodayView
      going={going}
      blends={blends}
      soonGone={soonGone(shelf, today)}
      today={today}
      timeZone={found.settings.timeZone}
      nowMs={nowMs}
      houseName={found.household.name}
      gone={goneName !== undefined && removed ? { id: removed, name: goneName } : undefined}
    />
  );
}
