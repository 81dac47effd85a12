import { plateRadiusMm, slumpShare } from "@/core/reading";

/**
 * What a drop of paste looks like on the plate, mm: its radius by the formula, and how high it stands in the middle.
 */
export interface PlateShape {
  readonly radiusMm: number;
  readonly heightMm: number;
}

/** The round that a drop of this paste makes. At rest its height falls off as √(1 − r/R). */
export function plateShape(yieldPa: number, volumeMl: number, densityGPerMl: number): PlateShape {
  const radiusMm = plateRadiusMm(yieldPa, volumeMl, densityGPerMl);
  // V = ∫ 2π r h₀ √(1 − r/R) dr = (8π/15) h₀ R².
  return { radiusMm, heightMm: (volumeMl * 1000 * 15) / (8 * Math.PI * radiusMm ** 2) };
}

/** A ring's paste before and after: its height sinks by the formula and its width grows so that the volume stays. */
export interface RingShape {
  readonly heightMm: number;
  readonly topMm: number;
  readonly footMm: number;
}
export function ringShape(yieldPa: number, heightMm: number, widthMm: number, densityGPerMl: number): RingShape {
  const left = heightMm * (1 - slumpShare(yieldPa, densityGPerMl, heightMm));
  const standing = Math.max(left, heightMm * 0.02);
  // A truncated cone of the same volume: the top keeps the ring's width, the foot takes what the height lost.
  const squares = (3 * widthMm * widthMm * heightMm) / standing;
  const footMm = (-widthMm + Math.sqrt(Math.max(0, widthMm * widthMm - 4 * (widthMm * widthMm - squares)))) / 2;
  return { heightMm: standing, topMm: widthMm, footMm: Math.max(widthMm, footMm) };
}
