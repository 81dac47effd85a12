import { house, idIn } from "@/server/page";
import { findHead } from "@/store/heads";
import { HeadEdit } from "@/ui/heads/HeadEdit";
import { gone } from "@/app/gone";

export const metadata = { title: "A head" };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  if ((await params).id === "new") return <HeadEdit />;
  const id = await idIn(params);
  const found = await house();
  const head = found && (await findHead(found.household.id, id));
  if (!head) return gone("head", id);
  return <HeadEdit key={head.rev} saved={head} />;
}
