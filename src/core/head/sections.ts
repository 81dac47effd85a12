/**
 * How many sections to part the hair into: four, and more when there is much hair.
 * @source common practice (four; more and smaller when thick)
 */
export function sectionCount(hairG: number): number {
  if (hairG < 60) return 2;
  if (hairG < 220) return 4;
  return hairG < 350 ? 6 : 8;
}
