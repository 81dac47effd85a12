import { blendPageFor } from "@/server/blendPage";
import { idIn } from "@/server/page";
import { BlendView } from "@/ui/blend/BlendView";
import { Tables } from "@/ui/shelf/Tables";
import { gone } from "@/app/gone";

export const metadata = { title: "Blend" };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const id = await idIn(params);
  const props = await blendPageFor({ blendId: id });
  if (!props) return gone("blend", id);
  return (
    <Tables of={props.tables}>
      <BlendView key={props.saved?.versionId} {...props} />
    </Tables>
  );
}
