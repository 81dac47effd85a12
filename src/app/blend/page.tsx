import { isUuid } from "@/core/text";
import { blendPageFor } from "@/server/blendPage";
import { BlendView } from "@/ui/blend/BlendView";
import { Tables } from "@/ui/shelf/Tables";
import { NoHouse } from "@/ui/today/NoHouse";

export const metadata = { title: "Blend" };

export default async function Page({ searchParams }: { searchParams: Promise<Record<string, string | undefined>> }) {
  const { batch, head, copy, of, longest, hair, start, bowl, pour, at } = await searchParams;
  const props = await blendPageFor({
    batchId: isUuid(batch) ? batch : undefined,
    headId: isUuid(head) ? head : undefined,
    copyOf: isUuid(copy) ? copy : undefined,
    ...(of || start || bowl ? { from: { of, longest, hair, start, bowl, pour, at } } : {}),
  });
  return props ? (
    <Tables of={props.tables}>
      {/* Another page to begin with is another bowl, also where one goes there without loading anew. */}
      <BlendView key={JSON.stringify([batch, head, copy, of, longest, hair, start, bowl, pour, at])} {...props} />
    </Tables>
  ) : (
    <NoHouse />
  );
}
