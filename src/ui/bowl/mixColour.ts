import type { Layer } from "@/core/paste";

/** Colour of everything stirred together, oklch: the volume-weighted mean in oklab, with water counting little. */
export function mixColour(layers: readonly Layer[]): readonly [number, number, number] {
  let weight = 0,
    lightness = 0,
    a = 0,
    b = 0;
  for (const {
    kind,
    volumeMl,
    colour: [l, c, h],
  } of layers) {
    const w = volumeMl * (kind === "line" ? 1 : 0.12);
    weight += w;
    lightness += w * l;
    a += w * c * Math.cos((h * Math.PI) / 180);
    b += w * c * Math.sin((h * Math.PI) / 180);
  }
  if (weight === 0) return [0.8, 0.02, 100];
  const hue = (Math.atan2(b, a) * 180) / Math.PI;
  return [lightness / weight, Math.hypot(a, b) / weight, hue < 0 ? hue + 360 : hue];
}
