import { STARTING_BLENDS } from "@/core/paste";
import { isUuid } from "@/core/text";
import { commonestAtHand } from "@/server/commonest";
import { goingOn } from "@/server/going";
import { house } from "@/server/page";
import { blendsWithBowls } from "@/server/blendBowls";
import { hasBowls } from "@/store/batches";
import { removedBlendName } from "@/store/blends";
import { isChosen } from "@/store/household";
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
  const [going, blends] = [
    await goingOn(found.household, nowMs),
    await blendsWithBowls(found.household.id, found.settings.spoons),
  ];
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
      timeZone={found.settings.timeZone}
      nowMs={nowMs}
      houseName={found.household.name}
      gone={goneName !== undefined && removed ? { id: removed, name: goneName } : undefined}
    />
  );
}
