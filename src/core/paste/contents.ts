import { lookupIn, liquidParts, type PasteQuestion } from "./blend";
import type { Material } from "../material";
import type { PasteAnswer } from "./computePaste";

/** One thing that is in a bowl, g at its middle; `jarId` where it comes from one. */
export interface Content {
  readonly material: Material;
  readonly jarId?: string;
  readonly massG: number;
}

/** Everything in a bowl, its lines and then what is poured, as its answer has it; what nobody knows is left out. */
export function contentsOf(
  question: PasteQuestion,
  { lines, liquid: { state, ...poured } }: Pick<PasteAnswer, "lines" | "liquid">,
): Content[] {
  const find = lookupIn(question);
  const one = (materialId: string, jarId: string | undefined, massG: (material: Material) => number): Content[] => {
    const material = find(materialId, jarId);
    return material ? [{ material, ...(jarId === undefined ? {} : { jarId }), massG: massG(material) }] : [];
  };
  const ml = state === "unreachable" || !("ml" in poured) ? (question.liquid.amountMl ?? 0) : poured.ml.mid;
  return [
    ...lines.flatMap(({ materialId, jarId, massG }) => one(materialId, jarId, () => massG.mid)),
    ...liquidParts(question.liquid).flatMap(({ materialId, jarId, share }) =>
      one(materialId, jarId, ({ bulkDensityGPerMl }) => ml * share * bulkDensityGPerMl.value),
    ),
  ];
}
