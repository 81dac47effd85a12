import { notFound } from "next/navigation";
import { PLAIN_HEAD } from "@/core/head";
import { computePaste } from "@/core/paste";
import { questionOn } from "@/core/shelf";
import { shelfOf } from "@/server/shelf";
import { house, idIn } from "@/server/page";
import { listVersions } from "@/store/blends";
import { hairOf, listHeads } from "@/store/heads";
import { VersionsView } from "@/ui/blend/VersionsView";

export const metadata = { title: "Versions" };

export default async function Page({
  params,
  searchParams,
}: {
  params: Promise<{ id: string }>;
  searchParams: Promise<{ against?: string }>;
}) {
  const found = await house();
  const [versions, heads] = found
    ? await Promise.all([listVersions(found.household.id, await idIn(params)), listHeads(found.household.id)])
    : [[], []];
  if (!found || versions.length === 0) notFound();
  const shelf = await shelfOf(found.household.id);
  const bowls = versions.map(({ blend, headId }) => {
    const head = heads.find(({ id }) => id === headId);
    const hair = head ? hairOf(head) : PLAIN_HEAD;
    const result = computePaste(questionOn(blend, hair, found.settings.spoons, shelf));
    return result.ok ? { layers: result.value.layers, totalMl: result.value.totalMl } : undefined;
  });
  return (
    <VersionsView
      versions={versions}
      bowls={bowls}
      against={Number((await searchParams).against) || undefined}
      timeZone={found.settings.timeZone}
      nowMs={Date.now()}
    />
  );
}
