import { converter, formatHex, toGamut } from "culori";

/** Bands of the light that is seen, nm. */
export const BANDS_NM: readonly number[] = Array.from({ length: 31 }, (_, i) => 400 + 10 * i);

/**
 * Colour-matching functions of the 2° standard observer at these bands.
 * @source CIE 1931, the table of 10 nm (from memory; held against the white point of sRGB)
 */
export const OBSERVER: Readonly<Record<"x" | "y" | "z", readonly number[]>> = {
  x: [
    0.0143, 0.0435, 0.1344, 0.2839, 0.3483, 0.3362, 0.2908, 0.1954, 0.0956, 0.032, 0.0049, 0.0093, 0.0633, 0.1655,
    0.2904, 0.4334, 0.5945, 0.7621, 0.9163, 1.0263, 1.0622, 1.0026, 0.8544, 0.6424, 0.4479, 0.2835, 0.1649, 0.0874,
    0.0468, 0.0227, 0.0114,
  ],
  y: [
    0.0004, 0.0012, 0.004, 0.0116, 0.023, 0.038, 0.06, 0.091, 0.139, 0.208, 0.323, 0.503, 0.71, 0.862, 0.954, 0.995,
    0.995, 0.952, 0.87, 0.757, 0.631, 0.503, 0.381, 0.265, 0.175, 0.107, 0.061, 0.032, 0.017, 0.0082, 0.0041,
  ],
  z: [
    0.0679, 0.2074, 0.6456, 1.3856, 1.7471, 1.7721, 1.6692, 1.2876, 0.813, 0.4652, 0.272, 0.1582, 0.0782, 0.0422,
    0.0203, 0.0087, 0.0039, 0.0021, 0.0017, 0.0011, 0.0008, 0.0003, 0.0002, 0, 0, 0, 0, 0, 0, 0, 0,
  ],
};
/**
 * Relative power of daylight at these bands.
 * @source CIE standard illuminant D65, the table of 10 nm (from memory; held against the white point of sRGB)
 */
export const DAYLIGHT: readonly number[] = [
  82.75, 91.49, 93.43, 86.68, 104.86, 117.01, 117.81, 114.86, 115.92, 108.81, 109.35, 107.8, 104.79, 107.69, 104.41,
  104.05, 100, 96.33, 95.79, 88.69, 90.01, 89.6, 87.7, 83.29, 83.7, 80.03, 80.21, 82.28, 78.28, 69.72, 71.61,
];

/** CIE XYZ with white at Y = 1. */
export interface Xyz {
  readonly x: number;
  readonly y: number;
  readonly z: number;
}
export interface Lab {
  readonly l: number;
  readonly a: number;
  readonly b: number;
}
/** Something seen: by the numbers, and as a screen shows it. */
export interface Swatch {
  readonly lab: Lab;
  readonly hex: string;
}

/** @param reflected 0–1 at each of the bands, by daylight */
export function xyzOf(reflected: readonly number[]): Xyz {
  const sum = (of: readonly number[]) => reflected.reduce((all, share, i) => all + share * of[i] * DAYLIGHT[i], 0);
  const white = OBSERVER.y.reduce((all, y, i) => all + y * DAYLIGHT[i], 0);
  return { x: sum(OBSERVER.x) / white, y: sum(OBSERVER.y) / white, z: sum(OBSERVER.z) / white };
}

const toLab = converter("lab65");
const intoScreen = toGamut("rgb", "oklch");
/** What an eye sees of it by daylight, CIE Lab (D65). */
export function swatchOf(reflected: readonly number[]): Swatch {
  const xyz = { mode: "xyz65" as const, ...xyzOf(reflected) };
  const { l, a, b } = toLab(xyz);
  return { lab: { l, a, b }, hex: formatHex(intoScreen(xyz)) };
}
