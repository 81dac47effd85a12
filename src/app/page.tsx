import { findMaterial } from "@/core/material";
import { COMMONEST, STARTING_BLENDS } from "@/core/paste";
import { isUuid } from "@/core/text";
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
        heaps={COMMONEST.flatMap((id) => {
          const material = findMaterial(id);
          return material ? [{ id, name: material.names[0].text, colour: material.colour }] : [];
        })}
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
