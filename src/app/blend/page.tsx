import { blendPageFor } from "@/server/blendPage";
import { BlendView } from "@/ui/blend/BlendView";
import { NoHouse } from "@/ui/today/NoHouse";

export const metadata = { title: "Blend" };

export default async function Page({ searchParams }: { searchParams: Promise<Record<string, string | undefined>> }) {
  const { batch, head } = await searchParams;
  const props = await blendPageFor({ batchId: batch, headId: head });
  return props ? <BlendView {...props} /> : <NoHouse />;
}
