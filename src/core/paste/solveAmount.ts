import { pullPerG, type Thing } from "./bowl";

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
