import { PLAIN_HEAD } from "@/core/head";
import { questionOn } from "@/core/shelf";
import { shelfOf } from "@/store/jars";
import { recipeOf } from "@/server/formats/recipe";
import { answerOf } from "@/server/paste";
import { notFound } from "@/server/refusal";
import { fileOf, reads } from "@/server/route";
import { findBlend } from "@/store/blends";
import { findHead } from "@/store/heads";

export const GET = reads(async ({ household, settings, params }) => {
  const saved = await findBlend(household.id, params.id);
  if (!saved) throw notFound();
  const head = saved.headId ? await findHead(household.id, saved.headId) : undefined;
  // As the shelf makes it: things of the house's own, and its jars by their own spoons.
  const question = questionOn(saved.blend, head?.hair ?? PLAIN_HEAD, settings.spoons, await shelfOf(household.id));
  return fileOf(
    JSON.stringify(recipeOf(saved.name, answerOf(question), question), null, 2),
    "application/ld+json",
    "blend.jsonld",
  );
});
