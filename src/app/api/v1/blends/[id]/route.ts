import { BlendChangeInput } from "@/inputs/bookInput";
import { changeBlend } from "@/server/blends";
import { notFound } from "@/server/refusal";
import { reads, writes } from "@/server/route";
import { findBlend } from "@/store/blends";

export const GET = reads(async ({ household, params }) => {
  const blend = await findBlend(household.id, params.id);
  if (!blend) throw notFound();
  return blend;
});
export const PUT = writes(BlendChangeInput, changeBlend);
