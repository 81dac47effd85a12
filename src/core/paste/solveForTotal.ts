import { pullPerG, type Thing } from "./bowl";
import { pullG } from "./solveAmount";

/**
 * How far to scale the parts, and how much of one free thing (the liquid, mostly), so that parts, fixed things and the
 * free one weigh `totalG` and stand at the wanted share: two linear equations, exact. Either may come out negative,
 * which means that the fixed things alone are too much; undefined where the equations do not determine it.
 */
export function solveForTotal(
  parts: readonly Thing[],
  fixed: readonly Thing[],
  free: Thing,
  phi: number,
  totalG: number,
): { readonly scale: number; readonly freeG: number } | undefined {
  const partsG = parts.reduce((sum, t) => sum + t.massG, 0);
  const fixedG = fixed.reduce((sum, t) => sum + t.massG, 0);
  const pull = pullPerG(free, phi);
  const scale = (-pullG(fixed, phi) - pull * (totalG - fixedG)) / (pullG(parts, phi) - pull * partsG);
  const freeG = totalG - fixedG - scale * partsG;
  return Number.isFinite(scale) && Number.isFinite(freeG) ? { scale, freeG } : undefined;
}
