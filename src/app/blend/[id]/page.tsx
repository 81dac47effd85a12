import { notFound } from "next/navigation";
import { blendPageFor } from "@/server/blendPage";
import { idIn } from "@/server/page";
import { BlendView } from "@/ui/blend/BlendView";

export const metadata = { title: "Blend" };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const props = await blendPageFor({ blendId: await idIn(params) });
  if (!props) notFound();
  return <BlendView key={props.saved?.versionId} {...props} />;
}
