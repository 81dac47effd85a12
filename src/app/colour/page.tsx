import { isUuid } from "@/core/text";
import { tomorrowAtTen } from "@/server/blendPage";
import { planOfBatch, strandLooks } from "@/server/colour";
import { house } from "@/server/page";
import { listHeads } from "@/store/heads";
import { ColourView } from "@/ui/colour/ColourView";
import { planText } from "@/ui/colour/planText";
import { NoHouse } from "@/ui/today/NoHouse";

export const metadata = { title: "Colour" };

export default async function Page({ searchParams }: { searchParams: Promise<Record<string, string | undefined>> }) {
  const found = await house();
  if (!found) return <NoHouse />;
  const { household, settings } = found;
  const { head, a, b, batch } = await searchParams;
  const [heads, looks, made] = await Promise.all([
    listHeads(household.id),
    strandLooks(household.id),
    isUuid(batch) ? planOfBatch(household.id, batch) : undefined,
  ]);
  const wanted = isUuid(head) ? head : made?.headId;
  return (
    <ColourView
      heads={heads.map(({ id, name, hair }) => ({ id, name, hair, looks: looks[id] ?? [] }))}
      headId={(heads.find(({ id }) => id === wanted) ?? heads[0])?.id}
      first={a ?? (made?.plan && planText(made.plan))}
      second={b}
      tomorrow={tomorrowAtTen(settings.timeZone)}
      kitchenTempC={settings.kitchenTempC}
      spoons={settings.spoons}
      timeZone={settings.timeZone}
      nowMs={Date.now()}
    />
  );
}
