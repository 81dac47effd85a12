import { notFound } from "next/navigation";
import { PLAIN_HEAD } from "@/core/head";
import { computePaste } from "@/core/paste";
import { house, idIn } from "@/server/page";
import { listVersions } from "@/store/blends";
import { listHeads } from "@/store/heads";
import { VersionsView } from "@/ui/blend/VersionsView";

export const metadata = { title: "Versions" };

export default async function Page({ params, searchParams }: { params: Promise<{ id: string }>; searchParams: Promise<{ against?: string }> }) {
  const found = await house();
  const [versions, heads] = found ? await Promise.all([listVersions(found.household.id, await idIn(params)), listHeads(found.household.id)]) : [[], []];
  if (!found || versions.length === 0) notFound();
  const bowls = versions.map(({ blend, headId }) => {
    const result = computePaste({ ...blend, head: heads.find(({ id }) => id === headId)?.hair ?? PLAIN_HEAD, spoons: found.settings.spoons });
    return result.ok ? { layers: result.value.layers, totalMl: result.value.totalMl } : undefined;
  });
  return <VersionsView versions={versions} bowls={bowls} against={Number((await searchParams).against) || undefined} timeZone={found.settings.timeZone} nowMs={Date.now()} />;
}
