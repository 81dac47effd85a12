import { Z95, type Uncertain } from "../figure";
import { PHI_MAX, TAU_STAR } from "../flow";
import { DISSOLVED_ML_PER_G, OIL_DENSITY_G_PER_ML, type Material } from "../material";
import { type Free } from "./bowl";
import { holdingMlPerG } from "./thing";

/** One thing of a mix: what of it is not uncertain. Mass fractions, g/ml, ml/g. */
export interface MixThing {
  readonly oil: number;
  readonly dissolving: number;
  readonly density: number;
  /** ml of what is oil or dissolves, per gram. */
  readonly rest: number;
  /** Weights of the standard normals that this jar's holding moves by; undefined where it has a figure of its own. */
  readonly moves?: readonly number[];
}

/** Share of its holding that each line has when it goes on, just mixed, an hour later. */
export interface SoakedThen {
  readonly on: readonly number[];
  readonly mixed: readonly number[];
  readonly later: readonly number[];
}

/** A mix as plain data, small enough to send to a worker: everything that its uncertain figures go through. */
export interface MixSpec {
  /** In the order of `layoutOf`. */
  readonly inputs: readonly Uncertain[];
  readonly lines: number;
  /** Lines first, then what is poured. */
  readonly things: readonly MixThing[];
  /** Mass shares of what is poured. */
  readonly pouredShares: readonly number[];
  readonly liquidG: number;
  /** Undefined where nothing is solved for. */
  readonly targetPa?: number;
  readonly free?: Free["kind"];
  readonly isFree: readonly boolean[];
  readonly soaked: SoakedThen;
}

/** Results of a mix: what is free (g, or the factor on the parts), total grams, φ/φm on the head, mixed, later. */
export const [FREE_AMOUNT, GRAMS, ON, MIXED, LATER] = [0, 1, 2, 3, 4];
export const MIX_OUTPUTS = 5;

export const [PHI_MAX_AT, TAU_STAR_AT] = [0, 1];
/** Where the other figures stand among the inputs; written and read by these names only. */
const layoutOf = (lines: number, things: number) => ({
  /** Grams of line i. */
  mass: (i: number) => 2 + i,
  /** Water and holding of thing i, lines first, then what is poured. */
  water: (i: number) => 2 + lines + i,
  holding: (i: number) => 2 + lines + things + i,
  /** Standard normals of jars that were tested together. */
  standard: (f: number) => 2 + lines + 2 * things + f,
});

/** One of the things a mix is made of. */
export interface Figured {
  readonly material: Material;
  /** Grams of a line; undefined for what is poured. */
  readonly mass?: Uncertain;
  /** How its jar moves with the others that it was tested with. */
  readonly moves?: readonly number[];
}

/** A standard normal figure: its ends are its 5 and 95 %. */
const STANDARD: Uncertain = { value: 0, low: -Z95, high: Z95 };
const still = (value: number): Uncertain => ({ value, low: value, high: value });

/**
 * The figures of a mix: φm, τ*, and of each thing its grams, water and holding; jars that were tested together move
 * together.
 */
export function figuresIn(
  lines: readonly Figured[],
  poured: readonly Figured[],
  standards: number,
): Pick<MixSpec, "inputs" | "lines" | "things"> {
  const things = [...lines, ...poured];
  const at = layoutOf(lines.length, things.length);
  const inputs: Uncertain[] = [];
  const put = (place: number, { value, low, high }: Uncertain) => {
    inputs[place] = { value, low, high };
  };
  put(PHI_MAX_AT, PHI_MAX);
  put(TAU_STAR_AT, TAU_STAR);
  lines.forEach(({ mass }, i) => put(at.mass(i), mass!));
  things.forEach(({ material, moves }, i) => {
    put(at.water(i), material.water);
    put(at.holding(i), moves ? still(holdingMlPerG(material)) : holdingRange(material));
  });
  for (let f = 0; f < standards; f++) put(at.standard(f), STANDARD);
  return {
    inputs,
    lines: lines.length,
    things: things.map(({ material, moves }) => ({
      oil: material.oil.value,
      dissolving: material.dissolving.value,
      density: material.solidsDensityGPerMl.value,
      rest: DISSOLVED_ML_PER_G * material.dissolving.value + material.oil.value / OIL_DENSITY_G_PER_ML,
      ...(moves ? { moves } : {}),
    })),
  };
}

/** The holding of a material with its ends. */
function holdingRange(material: Material): Uncertain {
  if (material.holding.kind === "perGram") return material.holding.mlPerG;
  return { value: holdingMlPerG(material), low: holdingMlPerG(material, "low"), high: holdingMlPerG(material, "high") };
}

/** Sums over some things: grams, ml, and swollen ml when it goes on, just mixed, later. */
export interface Sum {
  grams: number;
  volume: number;
  on: number;
  mixed: number;
  later: number;
}
/** Everything in the bowl but the liquid, what of it is free, and a gram of the liquid. */
export interface Sums {
  readonly whole: Sum;
  readonly freed: Sum;
  liquidG: number;
  liquidVolume: number;
  liquidSwollen: number;
}
const noSum = (): Sum => ({ grams: 0, volume: 0, on: 0, mixed: 0, later: 0 });
const clear = (sum: Sum) => {
  sum.grams = sum.volume = sum.on = sum.mixed = sum.later = 0;
};

/** How many times what is free goes in, for the bowl to stand at φ with its liquid. */
export function timesOfFree({ whole, freed, liquidG, liquidVolume, liquidSwollen }: Sums, phi: number): number {
  const pull = freed.on - phi * freed.volume;
  const rest =
    whole.on - freed.on + liquidG * liquidSwollen - phi * (whole.volume + liquidG * liquidVolume - freed.volume);
  return -rest / pull;
}

/** Reads the figures of a mix as they fall, and sums them up. The sums are one object, written anew at each reading. */
export function summing({ inputs, lines: n, things, pouredShares, liquidG, isFree, soaked }: MixSpec) {
  const at = layoutOf(n, things.length);
  const [mass, water, holding, standard] = [at.mass(0), at.water(0), at.holding(0), at.standard(0)];
  const standards = inputs.length - standard;
  const sums: Sums = { whole: noSum(), freed: noSum(), liquidG, liquidVolume: 0, liquidSwollen: 0 };
  const { whole, freed } = sums;
  const held = (x: Float64Array, i: number): number => {
    const { moves } = things[i];
    if (!moves) return x[holding + i];
    let ln = 0;
    for (let f = 0; f < standards; f++) ln += moves[f] * x[standard + f];
    return x[holding + i] * Math.exp(ln);
  };
  return (x: Float64Array): Sums => {
    clear(whole);
    clear(freed);
    for (let i = 0; i < n; i++) {
      const t = things[i];
      const grams = x[mass + i];
      const w = x[water + i];
      const solid = Math.max(0, 1 - w - t.oil - t.dissolving) / t.density;
      const volume = grams * (solid + w + t.rest);
      const holds = held(x, i);
      const on = grams * (solid + holds * soaked.on[i]);
      whole.grams += grams;
      whole.volume += volume;
      whole.on += on;
      whole.mixed += grams * (solid + holds * soaked.mixed[i]);
      whole.later += grams * (solid + holds * soaked.later[i]);
      if (isFree[i]) {
        freed.grams += grams;
        freed.volume += volume;
        freed.on += on;
      }
    }
    sums.liquidVolume = sums.liquidSwollen = 0;
    for (let p = 0; p < pouredShares.length; p++) {
      const t = things[n + p];
      const w = x[water + n + p];
      const solid = Math.max(0, 1 - w - t.oil - t.dissolving) / t.density;
      sums.liquidVolume += pouredShares[p] * (solid + w + t.rest);
      sums.liquidSwollen += pouredShares[p] * (solid + held(x, n + p));
    }
    return sums;
  };
}
