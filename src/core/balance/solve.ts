import { pullPerG, type Thing } from "./thing";

/** Σ c m at the wanted share; zero is right, positive still too thick, negative too thin. */
export function pullG(things: readonly Thing[], phi: number): number {
  let sum = 0;
  for (const t of things) sum += t.massG * pullPerG(t, phi);
  return sum;
}

/**
 * Grams of one thing that bring the rest to the wanted share, exactly: m = −Σ c_i m_i / c. Undefined where no
 * amount ≥ 0 does, because its pull has the same sign as what is there.
 * @param others everything but the thing solved for
 * @param solved the thing; its own `massG` is not read
 */
export function solveAmountG(others: readonly Thing[], solved: Thing, phi: number): number | undefined {
  const there = pullG(others, phi);
  const pull = pullPerG(solved, phi);
  if (there === 0) return 0;
  const massG = -there / pull;
  return Number.isFinite(massG) && massG >= 0 ? massG : undefined;
}

/**
 * How far to scale some things so that they and the rest stand at the wanted share: −Σ_rest c m / Σ_scaled c m.
 * Undefined where no scale above zero does.
 */
export function solveScale(scaled: readonly Thing[], rest: readonly Thing[], phi: number): number | undefined {
  const scale = -pullG(rest, phi) / pullG(scaled, phi);
  return Number.isFinite(scale) && scale > 0 ? scale : undefined;
}

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
