import type { Layer } from "@/core/paste";

/** Bowls that kitchens have, ml to the rim. */
const BOWLS_ML = [250, 500, 750, 1000, 1500, 2500, 4000, 6000, 9000, 14000];
/** A bowl is chosen so that it can be stirred: filled to this share at the most. */
const FILLED = 0.82;

/** The smallest bowl with room to stir, ml. */
export const bowlFor = (pasteMl: number): number =>
  BOWLS_ML.find((ml) => pasteMl <= FILLED * ml) ?? BOWLS_ML[BOWLS_ML.length - 1];

/** A bowl's inner section: the lower half of an ellipse, `width` at the rim and `depth` deep, in picture units. */
export interface Section {
  readonly width: number;
  readonly depth: number;
}

export const sectionArea = ({ width, depth }: Section): number => (Math.PI / 4) * width * depth;

/** Half the width at a height above the bottom. */
export function halfWidthAt({ width, depth }: Section, height: number): number {
  const below = Math.min(1, Math.max(0, 1 - height / depth));
  return (width / 2) * Math.sqrt(1 - below * below);
}

/** Area of the section from the bottom to a height. */
export function areaTo({ width, depth }: Section, height: number): number {
  const u = Math.min(1, Math.max(0, 1 - height / depth));
  return (width / 2) * depth * (Math.PI / 2 - (u * Math.sqrt(1 - u * u) + Math.asin(u)));
}

/** The height to which an area fills the section; the inverse of `areaTo`, capped at the rim. */
export function heightFor(section: Section, area: number): number {
  let [low, high] = [0, section.depth];
  for (let i = 0; i < 40; i++) {
    const middle = (low + high) / 2;
    if (areaTo(section, middle) < area) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

export interface DrawnLayer {
  readonly layer: Layer;
  /** Heights above the bottom, picture units. */
  readonly from: number;
  readonly to: number;
  /** Corners, x from the middle and height above the bottom. */
  readonly outline: readonly (readonly [number, number])[];
}

const SIDE_POINTS = 28;

/**
 * Every layer of a paste drawn into a section that holds `capacityMl`: area is to volume as the section is to the bowl.
 */
export function drawLayers(layers: readonly Layer[], capacityMl: number, section: Section): DrawnLayer[] {
  const areaPerMl = sectionArea(section) / capacityMl;
  let filled = 0;
  return layers.map((layer) => {
    const from = heightFor(section, filled);
    filled += layer.volumeMl * areaPerMl;
    const to = heightFor(section, filled);
    const right = Array.from({ length: SIDE_POINTS + 1 }, (_, i): [number, number] => {
      const height = from + ((to - from) * i) / SIDE_POINTS;
      return [halfWidthAt(section, height), height];
    });
    return { layer, from, to, outline: [...right, ...right.map(([x, y]): [number, number] => [-x, y]).reverse()] };
  });
}

/**
 * Where labels of these heights stand as near as may be to where they want to, in their order and never one on another,
 * within `top`–`bottom` (y downwards; a label stands half above and half below its place). Undefined where they do not
 * all fit.
 */
export function spread(
  wanted: readonly number[],
  heights: readonly number[],
  top: number,
  bottom: number,
): number[] | undefined {
  if (heights.reduce((sum, height) => sum + height, 0) > bottom - top) return undefined;
  const apart = (i: number) => (heights[i] + heights[i - 1]) / 2;
  const placed = [...wanted];
  for (let i = 0; i < placed.length; i++)
    placed[i] = Math.max(placed[i], i === 0 ? top + heights[0] / 2 : placed[i - 1] + apart(i));
  for (let i = placed.length - 1; i >= 0; i--)
    placed[i] = Math.min(placed[i], i === placed.length - 1 ? bottom - heights[i] / 2 : placed[i + 1] - apart(i + 1));
  return placed;
}
