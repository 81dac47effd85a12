import { propagate, Z95, type Band, type Uncertain } from "../figure";
import { MIX_OUTPUTS, mixRun, PHI_MAX, TAU_STAR, type MixSpec } from "../flow";
import { DISSOLVED_ML_PER_G, OIL_DENSITY_G_PER_ML, type Material } from "../material";
import type { LearntTogether } from "./blend";
import { holdingMlPerG } from "./bowl";
import type { Mix } from "./mix";

export interface MixBands {
  /** What the target decides: grams of liquid or of the solved line, or the factor on the parts; a point where nothing is free. */
  readonly free: Band;
  readonly totalG: Band;
  /** φ/φm of the bowl with everything at its middle: when it goes on, just mixed, an hour later. 1 is jammed. */
  readonly closenessOn: Band;
  readonly closenessMixed: Band;
  readonly closenessLater: Band;
}

/** First-order bands of a mix. */
export function mixBands(spec: MixSpec): MixBands {
  const [free, totalG, closenessOn, closenessMixed, closenessLater] = propagate(spec.inputs, MIX_OUTPUTS, mixRun(spec));
  return { free, totalG, closenessOn, closenessMixed, closenessLater };
}

/** A standard normal figure: its ends are its 5 and 95 %. */
const STANDARD: Uncertain = { value: 0, low: -Z95, high: Z95 };

/**
 * A mix over φm, τ*, and of each thing its grams, water and holding; jars that were tested together move together.
 * @param targetPa  the wanted yield stress; undefined where nothing is free and only the outcome is asked
 */
export function mixSpec(
  mixed: Mix,
  targetPa: number | undefined,
  soaked: MixSpec["soaked"],
  learnt?: LearntTogether,
): MixSpec {
  const { lines, liquid, liquidG, free } = mixed;
  const materials = [...lines.map((line) => line.material), ...liquid.parts.map((part) => part.material)];
  const movesOf = ({ jarId }: Material) => {
    const row = jarId === undefined ? -1 : (learnt?.jarIds.indexOf(jarId) ?? -1);
    return row >= 0 ? learnt!.spread[row] : undefined;
  };
  return {
    inputs: [
      PHI_MAX,
      TAU_STAR,
      ...lines.map((line) => line.mass),
      ...materials.map((material) => material.water),
      ...materials.map((material) => (movesOf(material) ? still(holdingMlPerG(material)) : holdingRange(material))),
      ...(learnt?.jarIds.map(() => STANDARD) ?? []),
    ].map(({ value, low, high }): Uncertain => ({ value, low, high })),
    lines: lines.length,
    things: materials.map((material) => {
      const moves = movesOf(material);
      return {
        oil: material.oil.value,
        dissolving: material.dissolving.value,
        density: material.solidsDensityGPerMl.value,
        rest: DISSOLVED_ML_PER_G * material.dissolving.value + material.oil.value / OIL_DENSITY_G_PER_ML,
        ...(moves ? { moves } : {}),
      };
    }),
    pouredShares: liquid.parts.map((part) => part.massShare),
    liquidG,
    ...(targetPa === undefined ? {} : { targetPa }),
    ...(free === undefined ? {} : { free: free.kind }),
    isFree: lines.map(({ line }, i) =>
      free?.kind === "line" ? free.line === i : free?.kind === "parts" && line.role === "part",
    ),
    soaked,
  };
}

const still = (value: number): Uncertain => ({ value, low: value, high: value });

/** The holding of a material with its ends. */
function holdingRange(material: Material): Uncertain {
  if (material.holding.kind === "perGram") return material.holding.mlPerG;
  return { value: holdingMlPerG(material), low: holdingMlPerG(material, "low"), high: holdingMlPerG(material, "high") };
}
