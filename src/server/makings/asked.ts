import { answered, makeOf, METHODS, type MakingPlan, type MakingQuestion, type Settings } from "@/core/making";
import type { Problem } from "@/core/problem";
import { asOnShelf, lookupOn, type Shelf } from "@/core/shelf";
import type { BegunInput, MakingSettingInput } from "@/inputs/shelfInput";
import type { Settings as House } from "@/store/household";
import { unusable } from "../refusal";

const valueOf = ({ number, yes, choice }: MakingSettingInput) => number ?? yes ?? choice ?? undefined;

/** What was asked for as a plan, with the figures of what stands on the shelf now; throws its problems. */
export function planOf(
  { method: methodId, things, settings: said }: Pick<BegunInput, "method" | "things" | "settings">,
  shelf: Shelf,
  { spoons, kitchenTempC }: Pick<House, "spoons" | "kitchenTempC">,
): Omit<MakingPlan, "startsAtMs"> {
  const method = METHODS.find(({ id }) => id === methodId);
  if (!method) throw unusable([{ field: "method", code: "unknownChoice" }]);
  const find = lookupOn(shelf);
  const problems: Problem[] = things.flatMap(({ materialId, jarId }, i): Problem[] => [
    ...(find(materialId) ? [] : [{ field: `things.${i}.materialId`, code: "unknownMaterial" } as const]),
    ...(jarId && !shelf.jars.some((jar) => jar.id === jarId && jar.materialId === materialId)
      ? [{ field: `things.${i}.jarId`, code: "notFound" } as const]
      : []),
  ]);
  if (problems.length > 0) throw unusable(problems);
  const settings: Settings = Object.fromEntries(said.map((one) => [one.id, valueOf(one)]));
  const figures = things.map(({ materialId, jarId }) => asOnShelf(shelf, find(materialId)!, spoons, jarId));
  const asked: MakingQuestion = {
    method: method.id,
    things: things.map(({ materialId, jarId, massG }) => ({ materialId, massG, ...(jarId ? { jarId } : {}) })),
    // What is not asked in this way is nobody's business; what is asked is checked by the method itself.
    settings: settings as MakingQuestion["settings"],
    kitchenTempC,
  };
  const result = makeOf(asked, figures);
  if (!result.ok) throw unusable(result.problems);
  return { question: { ...asked, settings: answered(method.fields, settings) }, figures, made: result.value };
}
