/** Jugs that kitchens have, ml to the brim. */
const JUGS_ML = [50, 100, 250, 500, 1000, 1500, 2500, 4000, 8000];

export const jugFor = (mostMl: number): number =>
  JUGS_ML.find((ml) => mostMl <= 0.92 * ml) ?? JUGS_ML[JUGS_ML.length - 1];

/** A jug's section: a trapezium, narrower at the foot. Picture units. */
export interface JugSection {
  readonly foot: number;
  readonly brim: number;
  readonly height: number;
}

export const widthAt = ({ foot, brim, height }: JugSection, y: number): number => foot + ((brim - foot) * y) / height;

/** The height to which `ml` fills a jug of `capacityMl`: area is to volume as the section is to the jug. */
export function jugHeight(jug: JugSection, capacityMl: number, ml: number): number {
  const whole = ((jug.foot + jug.brim) / 2) * jug.height;
  const area = whole * Math.min(1, Math.max(0, ml / capacityMl));
  const slope = (jug.brim - jug.foot) / jug.height;
  if (slope === 0) return area / jug.foot;
  return (Math.sqrt(jug.foot * jug.foot + 2 * slope * area) - jug.foot) / slope;
}
