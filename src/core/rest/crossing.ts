/**
 * Where `f` changes its sign between a point below and a point above zero, h.
 * @source Illinois variant of regula falsi
 */
export function crossing(f: (timeH: number) => number, below: number, above: number): number {
  let [a, b, fa, fb] = [below, above, f(below), f(above)];
  if (!(fa < 0) || !(fb > 0)) return fa >= 0 ? below : above;
  let last = 0;
  for (let i = 0; i < 60 && Math.abs(b - a) > 1e-7; i++) {
    const t = (a * fb - b * fa) / (fb - fa);
    const ft = f(t);
    if (Math.abs(ft) < 1e-11) return t;
    if (ft < 0) {
      [a, fa] = [t, ft];
      if (last < 0) fb /= 2;
      last = -1;
    } else {
      [b, fb] = [t, ft];
      if (last > 0) fa /= 2;
      last = 1;
    }
  }
  return (a + b) / 2;
}
