import { propagate, type Band, type Uncertain } from "../figure";
import { DISSOLVED_ML_PER_G, OIL_DENSITY_G_PER_ML, type Material } from "../material";
import type { LearntTogether } from "./blend";
import { holdingMlPerG } from "./bowl";
import type { Mix } from "./mix";
import { PHI_MAX, TAU_STAR, phiOf } from "./yieldStress";

export interface MixBands {
  /** What the target decides: grams of liquid or of the solved line, or the factor on the parts; a point where nothing is free. */
  readonly free: Band;
  readonly totalG: Band;
  /** φ/φm of the bowl with everything at its middle: when it goes on, just mixed, an hour later. 1 is jammed. */
  readonly closenessOn: Band;
  readonly closenessMixed: Band;
  readonly closenessLater: Band;
}

/** The mix as a model of its uncertain figures, for `propagate` and `draw` alike. Outputs in the order of `MixBands`. */
export interface MixModel {
  readonly inputs: readonly Uncertain[];
  readonly outputs: number;
  readonly run: (values: Float64Array, out: Float64Array) => void;
}

/** First-order bands of a mix. */
export function mixBands({ inputs, outputs, run }: MixModel): MixBands {
  const [free, totalG, closenessOn, closenessMixed, closenessLater] = propagate(inputs, outputs, run);
  return { free, totalG, closenessOn, closenessMixed, closenessLater };
}

/** Share of the holding each line has, in the order of the lines, at three moments. */
export interface Soaked {
  readonly on: readonly number[];
  readonly mixed: readonly number[];
  readonly later: readonly number[];
}

/** A standard normal figure: its ends are its 5 and 95 %. */
const STANDARD: Uncertain = { value: 0, low: -1.6448536269514722, high: 1.6448536269514722 };
/** Lines, liquid: where the sums of a bowl are kept. */
const [GRAMS, VOLUME, ON, MIXED, LATER] = [0, 1, 2, 3, 4];

/**
 * A mix over φm, τ*, and of each thing its grams, water and holding; jars that were tested together move together.
 * @param targetPa  the wanted yield stress; undefined where nothing is free and only the outcome is asked
 */
export function mixModel(mixed: Mix, targetPa: number | undefined, soaked: Soaked, learnt?: LearntTogether): MixModel {
  const { lines, liquid, liquidG, free } = mixed;
  const n = lines.length;
  const materials = [...lines.map((line) => line.material), ...liquid.parts.map((part) => part.material)];
  const rowOf = materials.map(({ jarId }) => { const row = jarId === undefined ? -1 : learnt?.jarIds.indexOf(jarId) ?? -1; return row >= 0 ? learnt!.spread[row] : undefined; });
  const inputs: Uncertain[] = [
    PHI_MAX, TAU_STAR,
    ...lines.map((line) => line.mass),
    ...materials.map((material) => material.water),
    ...materials.map((material, i) => (rowOf[i] ? still(holdingMlPerG(material)) : holdingRange(material))),
    ...(learnt?.jarIds.map(() => STANDARD) ?? []),
  ];
  const [mass, water, holding] = [2, 2 + n, 2 + n + materials.length];
  const together = holding + materials.length;
  const fixed = materials.map((m) => ({
    oil: m.oil.value, dissolving: m.dissolving.value, density: m.solidsDensityGPerMl.value,
    rest: DISSOLVED_ML_PER_G * m.dissolving.value + m.oil.value / OIL_DENSITY_G_PER_ML,
  }));
  const isFree = lines.map(({ line }, i) => free?.kind === "line" ? free.line === i : free?.kind === "parts" && line.role === "part");
  /** Everything in the bowl, and of it what is free. */
  const [whole, freed] = [new Float64Array(5), new Float64Array(5)];

  const held = (x: Float64Array, i: number): number => {
    const row = rowOf[i];
    if (!row) return x[holding + i];
    let ln = 0;
    for (let f = 0; f < row.length; f++) ln += row[f] * x[together + f];
    return x[holding + i] * Math.exp(ln);
  };

  const run = (x: Float64Array, out: Float64Array) => {
    whole.fill(0);
    freed.fill(0);
    for (let i = 0; i < n; i++) {
      const f = fixed[i];
      const grams = x[mass + i];
      const w = x[water + i];
      const solid = Math.max(0, 1 - w - f.oil - f.dissolving) / f.density;
      const volume = grams * (solid + w + f.rest);
      const holds = held(x, i);
      const on = grams * (solid + holds * soaked.on[i]);
      const mixedNow = grams * (solid + holds * soaked.mixed[i]);
      const later = grams * (solid + holds * soaked.later[i]);
      whole[GRAMS] += grams; whole[VOLUME] += volume; whole[ON] += on; whole[MIXED] += mixedNow; whole[LATER] += later;
      if (isFree[i]) { freed[GRAMS] += grams; freed[VOLUME] += volume; freed[ON] += on; }
    }
    let liquidVolume = 0, liquidSwollen = 0;
    for (let p = 0; p < liquid.parts.length; p++) {
      const i = n + p;
      const share = liquid.parts[p].massShare;
      const f = fixed[i];
      const w = x[water + i];
      const solid = Math.max(0, 1 - w - f.oil - f.dissolving) / f.density;
      liquidVolume += share * (solid + w + f.rest);
      liquidSwollen += share * (solid + held(x, i));
    }
    const poured = liquidG * liquidVolume;
    const volume = whole[VOLUME] + poured;
    const swollen = liquidG * liquidSwollen;
    out[2] = (whole[ON] + swollen) / volume / x[0];
    out[3] = (whole[MIXED] + swollen) / volume / x[0];
    out[4] = (whole[LATER] + swollen) / volume / x[0];
    out[0] = liquidG;
    out[1] = whole[GRAMS] + liquidG;
    if (targetPa === undefined || !free) return;
    const phi = phiOf(targetPa, x[0], x[1]);
    if (free.kind === "liquid") {
      const pull = liquidSwollen - phi * liquidVolume;
      const amount = -(whole[ON] - phi * whole[VOLUME]) / pull;
      // Below zero a thinning liquid means "none"; a thickening one has no answer there.
      out[0] = amount >= 0 ? amount : pull < 0 ? 0 : NaN;
      out[1] = whole[GRAMS] + out[0];
      return;
    }
    const pull = freed[ON] - phi * freed[VOLUME];
    const rest = whole[ON] - freed[ON] + swollen - phi * (whole[VOLUME] - freed[VOLUME] + poured);
    const factor = -rest / pull;
    // Less than none of what would be free means none, as long as it pulls the right way.
    const times = factor >= 0 ? factor : free.kind === "line" ? 0 : NaN;
    out[0] = free.kind === "line" ? times * freed[GRAMS] : times;
    out[1] = whole[GRAMS] + (times - 1) * freed[GRAMS] + liquidG;
  };
  return { inputs, outputs: 5, run };
}

const still = (value: number): Uncertain => ({ value, low: value, high: value });

/** The holding of a material with its ends. */
function holdingRange(material: Material): Uncertain {
  if (material.holding.kind === "perGram") return material.holding.mlPerG;
  return { value: holdingMlPerG(material), low: holdingMlPerG(material, "low"), high: holdingMlPerG(material, "high") };
}
