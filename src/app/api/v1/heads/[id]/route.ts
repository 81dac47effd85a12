import { HeadChangeInput } from "@/inputs/headInput";
import { changeHead } from "@/server/heads";
import { notFound } from "@/server/refusal";
import { reads, writes } from "@/server/route";
import { findHead } from "@/store/heads";

export const GET = reads(async ({ household, params }) => {
  const head = await findHead(household.id, params.id);
  if (!head) throw notFound();
  return head;
});
export const PUT = writes(HeadChangeInput, changeHead);
