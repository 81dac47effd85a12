import { propagate, type Band, type Uncertain } from "../figure";
import { DISSOLVED_ML_PER_G, OIL_DENSITY_G_PER_ML, type Material } from "../material";
import { holdingMlPerG } from "./bowl";
import type { Mix } from "./mix";
import { PHI_MAX, TAU_STAR, phiOf } from "./yieldStress";

export interface MixBands {
  /** Grams of liquid for the target; a point where the liquid was given. */
  readonly liquidG: Band;
  readonly totalG: Band;
  /** φ/φm of the bowl with the liquid at its middle: when it goes on, and just mixed. 1 is jammed. */
  readonly closenessOn: Band;
  readonly closenessMixed: Band;
}

/** The mix as a model of its uncertain figures, for `propagate` and `draw` alike. Outputs in the order of `MixBands`. */
export interface MixModel {
  readonly inputs: readonly Uncertain[];
  readonly outputs: number;
  readonly run: (values: Float64Array, out: Float64Array) => void;
}

/** First-order bands of a mix. */
export function mixBands({ inputs, outputs, run }: MixModel): MixBands {
  const [liquidG, totalG, closenessOn, closenessMixed] = propagate(inputs, outputs, run);
  return { liquidG, totalG, closenessOn, closenessMixed };
}

/**
 * A mix over φm, τ*, and of each thing its grams, water and holding.
 * @param targetPa  the wanted yield stress; undefined where the liquid is given and only the outcome is asked
 * @param soakedOn, soakedMixed shares of the holding each line has, in the order of the lines
 */
export function mixModel(
  mixed: Mix, targetPa: number | undefined, soakedOn: readonly number[], soakedMixed: readonly number[],
): MixModel {
  const materials = [...mixed.lines.map((line) => line.material), mixed.liquidMaterial];
  const n = mixed.lines.length;
  const inputs: Uncertain[] = [
    PHI_MAX, TAU_STAR,
    ...mixed.lines.map((line) => line.mass),
    ...materials.map((material) => material.water),
    ...materials.map(holdingRange),
  ];
  const [mass, water, holding] = [2, 2 + n, 2 + n + n + 1];
  const fixed = materials.map((m) => ({
    oil: m.oil.value, dissolving: m.dissolving.value, density: m.solidsDensityGPerMl.value,
    rest: DISSOLVED_ML_PER_G * m.dissolving.value + m.oil.value / OIL_DENSITY_G_PER_ML,
  }));

  const run = (x: Float64Array, out: Float64Array) => {
    const phiMax = x[0];
    let linesG = 0, volume = 0, swollenOn = 0, swollenMixed = 0;
    for (let i = 0; i < n; i++) {
      const f = fixed[i];
      const grams = x[mass + i];
      const w = x[water + i];
      const solid = Math.max(0, 1 - w - f.oil - f.dissolving) / f.density;
      linesG += grams;
      volume += grams * (solid + w + f.rest);
      swollenOn += grams * (solid + x[holding + i] * soakedOn[i]);
      swollenMixed += grams * (solid + x[holding + i] * soakedMixed[i]);
    }
    const f = fixed[n];
    const w = x[water + n];
    const solid = Math.max(0, 1 - w - f.oil - f.dissolving) / f.density;
    const liquidVolume = solid + w + f.rest;
    const liquidSwollen = solid + x[holding + n];
    let liquid = mixed.liquidG;
    if (targetPa !== undefined) {
      const phi = phiOf(targetPa, phiMax, x[1]);
      const pull = liquidSwollen - phi * liquidVolume;
      const amount = -(swollenOn - phi * volume) / pull;
      // Below zero a thinning liquid means "none"; a thickening one has no answer there.
      liquid = amount >= 0 ? amount : pull < 0 ? 0 : NaN;
    }
    out[0] = liquid;
    out[1] = linesG + liquid;
    const whole = volume + mixed.liquidG * liquidVolume;
    out[2] = (swollenOn + mixed.liquidG * liquidSwollen) / whole / phiMax;
    out[3] = (swollenMixed + mixed.liquidG * liquidSwollen) / whole / phiMax;
  };
  return { inputs, outputs: 4, run };
}

/** The holding of a material with its ends. */
function holdingRange(material: Material): Uncertain {
  if (material.holding.kind === "perGram") return material.holding.mlPerG;
  return { value: holdingMlPerG(material), low: holdingMlPerG(material, "low"), high: holdingMlPerG(material, "high") };
}
