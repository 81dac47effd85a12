import { notFound } from "@/server/refusal";
import { reads } from "@/server/route";
import { listVersions } from "@/store/blends";

export const GET = reads(async ({ household, params }) => {
  const versions = await listVersions(household.id, params.id);
  if (versions.length === 0) throw notFound();
  return { versions };
});
