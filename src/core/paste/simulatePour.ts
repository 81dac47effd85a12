import type { Simulated } from "../figure";
import { simulateMix, type PourSpec } from "../balance";
import type { PasteQuestion } from "./blend";
import { checkQuestion } from "./checkBlend";
import { settle } from "./settle";

/**
 * What is drawn for a bowl, as plain data; undefined where the question has problems or its liquid is not solved for.
 */
export function pourSpec(question: PasteQuestion): PourSpec | undefined {
  if (checkQuestion(question).length > 0) return undefined;
  const { spec, solving, mixed } = settle(question);
  return solving && mixed.free?.kind === "liquid" ? { ...spec, densityGPerMl: mixed.liquid.densityGPerMl } : undefined;
}

/** Where the pour will stop, ml, in many draws; undefined where there is no pour to draw. */
export function simulatePour(question: PasteQuestion, count?: number): Simulated | undefined {
  const spec = pourSpec(question);
  return spec && simulateMix(spec, count);
}
