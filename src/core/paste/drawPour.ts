import { draw, seeded, type Drawn } from "../figure";
import type { PasteQuestion } from "./blend";
import { checkQuestion } from "./checkBlend";
import { settle } from "./settle";

export const POUR_DRAWS = 20_000;
/** One fixed seed: the same bowl always gives the same picture. */
const SEED = 20_260_101;

/**
 * Where the pour will stop, ml: every figure of the mix drawn at once, the liquid solved anew for each draw.
 * Undefined where the question has problems or its liquid is not solved for.
 */
export function drawPour(question: PasteQuestion, count = POUR_DRAWS): Drawn | undefined {
  if (checkQuestion(question).length > 0) return undefined;
  const { model, solving, mixed } = settle(question);
  if (!solving || mixed.free?.kind !== "liquid") return undefined;
  const density = mixed.liquid.densityGPerMl;
  const inMl = (values: Float64Array, out: Float64Array) => {
    model.run(values, out);
    out[0] /= density;
  };
  return draw(model.inputs, model.outputs, inMl, 0, seeded(SEED), count);
}
