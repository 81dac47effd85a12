// The simulation behind checks/readings.csv: a column and a sheet of a yield-stress fluid by their mechanics alone.
// It shares nothing with src/core/reading.

/** Standard gravity, m/s². @source CGPM 1901 */
const G = 9.80665;

/**
 * A ring's column, lifted off: slices from the top, each bearing what lies above it. A slice whose load is more than
 * its material bears (twice the shear yield stress, by Tresca) spreads until its load per area is that much, and gets
 * lower by as much as it got wider.
 * @returns how much lower the column is, mm
 */
export function slumpOfColumn(yieldPa: number, densityGPerMl: number, heightMm: number, slices = 200_000): number {
  const slice = heightMm / 1000 / slices;
  let left = 0;
  for (let i = 0; i < slices; i++) {
    const loadPa = densityGPerMl * 1000 * G * (i + 0.5) * slice;
    left += slice * Math.min(1, (2 * yieldPa) / loadPa);
  }
  return heightMm - left * 1000;
}

/**
 * A sheet poured on a plate, at rest: everywhere the slope of its height bears just the yield stress at its foot,
 * ρ g h dh/dr = −τ, walked inwards from the rim. The radius at which its volume is what was poured, mm.
 */
export function radiusOfSheet(yieldPa: number, densityGPerMl: number, volumeMl: number, steps = 16_000): number {
  const volumeM3 = (radiusM: number): number => {
    const dr = radiusM / steps;
    const push = (2 * yieldPa) / (densityGPerMl * 1000 * G);
    let [hSquared, sum] = [0, 0];
    for (let i = 0; i < steps; i++) {
      // Rings of the mean height between their two edges, squared heights growing evenly from the rim inwards.
      const next = hSquared + push * dr;
      const r = radiusM - (i + 0.5) * dr;
      sum += 2 * Math.PI * r * Math.sqrt((hSquared + next) / 2) * dr;
      hSquared = next;
    }
    return sum;
  };
  let [low, high] = [0.001, 1];
  for (let i = 0; i < 36; i++) {
    const middle = (low + high) / 2;
    if (volumeM3(middle) * 1e6 < volumeMl) low = middle;
    else high = middle;
  }
  return low * 1000;
}
