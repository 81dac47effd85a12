import { notFound } from "next/navigation";
import { house } from "@/server/page";
import { findHead } from "@/store/heads";
import { HeadEdit } from "@/ui/heads/HeadEdit";

export const metadata = { title: "A head" };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  if (id === "new") return <HeadEdit />;
  const found = await house();
  const head = found && (await findHead(found.household.id, id));
  if (!head) notFound();
  return <HeadEdit key={head.rev} saved={head} />;
}
