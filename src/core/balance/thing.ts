import { DISSOLVED_ML_PER_G, OIL_DENSITY_G_PER_ML, WATER_DENSITY_G_PER_ML, type Material } from "../material";
import { phiOf } from "../flow";

/** One thing in the bowl as the balance sees it: grams, mass fractions (w + o + d + s = 1), ml/g held, g/ml. */
export interface Thing {
  readonly massG: number;
  readonly water: number;
  readonly oil: number;
  readonly dissolving: number;
  readonly solids: number;
  readonly solidsDensity: number;
  readonly holdingMlPerG: number;
}

/** ml of everything in one gram. */
export const volumePerG = (t: Thing): number =>
  t.solids / t.solidsDensity +
  t.water / WATER_DENSITY_G_PER_ML +
  DISSOLVED_ML_PER_G * t.dissolving +
  t.oil / OIL_DENSITY_G_PER_ML;

/** ml of swollen solids in one gram. */
export const swollenPerG = (t: Thing): number => t.solids / t.solidsDensity + t.holdingMlPerG;

/**
 * What one gram does to the balance at a wanted share φ: c = (1 − φ) a − φ b. Positive thickens, negative thins;
 * the bowl is right when Σ c m = 0.
 */
export const pullPerG = (t: Thing, phi: number): number => swollenPerG(t) - phi * volumePerG(t);

/** ml/g that a material keeps from flowing, from its own figure or from its own stiffness. */
export function holdingMlPerG(material: Material, at: "value" | "low" | "high" = "value"): number {
  const { holding } = material;
  if (holding.kind === "none") return 0;
  if (holding.kind === "perGram") return holding.mlPerG[at];
  const bare = thing(material, 1, 0);
  return Math.max(0, phiOf(holding.yieldPa[at]) * volumePerG(bare) - bare.solids / bare.solidsDensity);
}

/** A material as a `Thing` of `massG`, holding what is given (default: its full holding). */
export function thing(material: Material, massG: number, held?: number): Thing {
  const water = material.water.value;
  const oil = material.oil.value;
  const dissolving = material.dissolving.value;
  return {
    massG,
    water,
    oil,
    dissolving,
    solids: Math.max(0, 1 - water - oil - dissolving),
    solidsDensity: material.solidsDensityGPerMl.value,
    holdingMlPerG: held ?? holdingMlPerG(material),
  };
}

export interface BowlState {
  readonly massG: number;
  readonly volumeMl: number;
  /** Share of the volume that does not flow. */
  readonly phi: number;
  /** True where there is too little watery phase to wet what is there; oil does not wet a powder. */
  readonly dry: boolean;
}

/** φ = Σ a m / Σ (a + b) m over everything in the bowl, with the watery phase's own dryness test. */
export function bowlState(things: readonly Thing[]): BowlState {
  let massG = 0,
    volumeMl = 0,
    swollen = 0,
    watery = 0,
    held = 0;
  for (const t of things) {
    massG += t.massG;
    volumeMl += t.massG * volumePerG(t);
    swollen += t.massG * swollenPerG(t);
    watery += t.massG * (t.water / WATER_DENSITY_G_PER_ML + DISSOLVED_ML_PER_G * t.dissolving);
    held += t.massG * t.holdingMlPerG;
  }
  return { massG, volumeMl, phi: volumeMl > 0 ? swollen / volumeMl : 0, dry: held > 0 && watery <= held };
}

/** A material as it stands after soaking: `soaked` is the share of its holding it has by then. */
export const soakedThing = (material: Material, grams: number, soaked: number): Thing =>
  thing(material, grams, holdingMlPerG(material) * soaked);

export const gramsOf = (things: readonly Thing[]): number => things.reduce((sum, t) => sum + t.massG, 0);
