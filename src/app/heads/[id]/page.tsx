import { LANDMARKS, PLAIN_HEAD } from "@/core/head";
import { swatchesOf } from "@/server/colour";
import { house, idIn } from "@/server/page";
import { findHead } from "@/store/heads";
import { listBatches } from "@/store/log";
import { listSessions } from "@/store/sessions";
import { WhatWentOn } from "@/ui/heads/WhatWentOn";
import { WhatWeighingTaught } from "@/ui/heads/WhatWeighingTaught";
import { HeadEdit } from "@/ui/heads/HeadEdit";
import { gone } from "@/app/gone";

export const metadata = { title: "A head" };

const MOST_BOWLS = 8;

interface PageProps {
  readonly params: Promise<{ id: string }>;
  readonly searchParams: Promise<Record<string, string | undefined>>;
}

export default async function Page({ params, searchParams }: PageProps) {
  if ((await params).id === "new") {
    const { longest } = await searchParams;
    const landmark = LANDMARKS.find((one) => one === longest);
    return <HeadEdit start={landmark && { ...PLAIN_HEAD, longest: { landmark } }} />;
  }
  const id = await idIn(params);
  const found = await house();
  const head = found && (await findHead(found.household.id, id));
  if (!head) return gone("head", id);
  const [all, bowls] = await Promise.all([
    listSessions(found.household.id),
    listBatches(found.household.id, { found: [{ by: "head", value: id }], limit: MOST_BOWLS }),
  ]);
  const swatches = await swatchesOf(
    found.household.id,
    bowls.map((bowl) => bowl.id),
  );
  const when = { timeZone: found.settings.timeZone, nowMs: Date.now() };
  return (
    <HeadEdit key={head.rev} saved={head}>
      <WhatWeighingTaught sessions={all.filter(({ headId }) => headId === id)} rev={found.household.rev} {...when} />
      <WhatWentOn headId={id} bowls={bowls} swatches={swatches} {...when} />
    </HeadEdit>
  );
}
