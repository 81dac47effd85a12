import { normalShare } from ".";

test.each([
  [0, 0.5],
  [0.5, 0.6914625],
  [1, 0.8413447],
  [1.6448536, 0.95],
  [2, 0.9772499],
  [3, 0.9986501],
])("below %d lies %d of a standard normal (Abramowitz & Stegun table 26.1, from memory)", (z, share) => {
  expect(normalShare(z)).toBeCloseTo(share, 6);
  expect(normalShare(-z)).toBeCloseTo(1 - share, 6);
});

test("it is the sum of the bell curve, by Simpson's rule", () => {
  const density = (x: number) => Math.exp((-x * x) / 2) / Math.sqrt(2 * Math.PI);
  for (let z = -4; z <= 4; z += 0.37) {
    const steps = 2000;
    const h = (z + 8) / steps;
    let sum = density(-8) + density(z);
    for (let i = 1; i < steps; i++) sum += (i % 2 ? 4 : 2) * density(-8 + i * h);
    expect(normalShare(z)).toBeCloseTo((sum * h) / 3, 6);
  }
});
