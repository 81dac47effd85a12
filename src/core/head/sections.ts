/**
 * How many sections to part the hair into: four, and more when there is much hair.
 * @source common practice (four; more and smaller when thick)
 */
export function sectionCount(hairG: number): number {
  if (hairG < 30) return 2;
  if (hairG < 110) return 4;
  return hairG < 175 ? 6 : 8;
}
