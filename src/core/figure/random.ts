/**
 * Random numbers in [0, 1) from a whole-number seed, the same on every machine.
 * @source mulberry32, a public-domain 32-bit mixer (from memory)
 */
export function seeded(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** Standard normal numbers, two from every two even ones. @source Box & Muller 1958 */
export function normals(random: () => number): () => number {
  let kept: number | undefined;
  return () => {
    if (kept !== undefined) {
      const value = kept;
      kept = undefined;
      return value;
    }
    const radius = Math.sqrt(-2 * Math.log(1 - random()));
    const angle = 2 * Math.PI * random();
    kept = radius * Math.sin(angle);
    return radius * Math.cos(angle);
  };
}
