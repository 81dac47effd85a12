import { propagate, Z95, type Band, type Uncertain } from "../figure";
import type { Material } from "../material";
import { beyondPowders, holdingFactor, pasteDensity } from "../correct";
import { bowlState, holdingMlPerG, thing } from "../balance";
import { PASTE_DENSITY, phiOf } from "../flow";
import { type MixedLiquid } from "../paste";
import { readYield, type Reading } from "../reading";
import { soakedShare } from "../rest";

/** What was on the plate: lines as they really went in, the liquid, and how long they had soaked. */
export interface Sample {
  readonly lines: readonly SampleLine[];
  readonly liquid: MixedLiquid;
  readonly liquidG: Uncertain;
  readonly minutes: number;
  readonly tempC: number;
}
export interface SampleLine {
  /** With the tables' holding, whatever its jar has learnt: evidence is told against the tables. */
  readonly material: Material;
  readonly jarId?: string;
  readonly mass: Uncertain;
}

/** Why nothing is learnt from a reading that was kept. */
export type NotLearnt =
  /** The test cannot be read there: too stiff, too thin. */
  | "outOfReach"
  /** No powder in it comes from a jar of the shelf. */
  | "noJar"
  /** No powder holds so much, or so little: something else is in the bowl, or went in in another amount. */
  | "beyondPowders"
  /** It lies further from what is known of these jars than chance takes it. */
  | "unlike"
  | "withdrawn";

export interface Share {
  readonly jarId: string;
  readonly share: number;
  /** What the tables said of the jar's powder when it was judged, so that what was measured stays when they move. */
  readonly tables?: TablesSay;
}
/** A powder's holding by the tables: its middle, ml/g, and the standard deviation of its ln. */
export interface TablesSay {
  readonly mlPerG: number;
  readonly sd: number;
}

/** What one reading says of the jars that were in it. */
export interface Evidence {
  /** Of what the powders held, how much each jar's did; they come to at most 1. */
  readonly shares: readonly Share[];
  /** ln of what the powders held against what the tables say, and its standard deviation. */
  readonly lnFactor: number;
  readonly sd: number;
  readonly readPa: Band;
}
export type Judged =
  ({ readonly learns: true } & Evidence) | { readonly learns: false; readonly why: NotLearnt; readonly readPa?: Band };

/** The model itself is off by this much from one paste to the next (ln). Estimate. */
const MODEL_SD = 0.05;

/**
 * What the tables say of a powder's holding; undefined of what holds nothing by the gram. Its spread is its figure's
 * own range.
 */
export function tablesSay({ holding }: Material): TablesSay | undefined {
  if (holding.kind !== "perGram" || !(holding.mlPerG.low > 0)) return undefined;
  const { value, low, high } = holding.mlPerG;
  return { mlPerG: value, sd: Math.log(high / low) / (2 * Z95) };
}

/**
 * Turns a reading into evidence: the one factor on the powders' holdings at which this sample has the yield stress
 * that was read. Its spread is that of the reading, of every mass, of powders without a jar, and of the model itself.
 *
 * @returns what was learnt, or why nothing; never throws
 * @source design models §5: a Gaussian step on ln k, its variance by first order (GUM)
 */
export function evidenceOf(sample: Sample, reading: Reading): Judged {
  const { lines, liquid, minutes, tempC } = sample;
  const soaked = lines.map(({ material }) => soakedShare(material, minutes, tempC));
  const powder = lines.map(({ material }) => material.holding.kind === "perGram");
  const things = (grams: (i: number) => number, liquidG: number, factor: number) => [
    ...lines.map(({ material }, i) =>
      thing(material, grams(i), holdingMlPerG(material) * soaked[i] * (powder[i] ? factor : 1)),
    ),
    { ...liquid.perG, massG: liquidG },
  ];
  const middle = bowlState(things((i) => lines[i].mass.value, sample.liquidG.value, 1));
  const read = readYield(
    reading,
    pasteDensity(middle.volumeMl > 0 ? middle.massG / middle.volumeMl : PASTE_DENSITY.value),
  );
  if (!read.ok) return { learns: false, why: "outOfReach" };
  const readPa = read.value.yieldPa;

  const held = lines.map(({ material, mass }, i) => (powder[i] ? mass.value * holdingMlPerG(material) * soaked[i] : 0));
  const all = held.reduce((sum, one) => sum + one, 0);
  const shares = new Map<string, Share>();
  let strangers = 0;
  lines.forEach(({ material, jarId }, i) => {
    const share = all > 0 ? held[i] / all : 0;
    if (share <= 0) return;
    if (jarId === undefined) strangers += (share * (tablesSay(material)?.sd ?? 0)) ** 2;
    else shares.set(jarId, { jarId, share: (shares.get(jarId)?.share ?? 0) + share, tables: tablesSay(material) });
  });
  if (shares.size === 0) return { learns: false, why: "noJar", readPa };

  const ln = (yieldPa: number, grams: (i: number) => number, liquidG: number): number =>
    Math.log(holdingFactor((factor) => bowlState(things(grams, liquidG, factor)).phi, phiOf(yieldPa)));
  const seen = ln(readPa.mid, (i) => lines[i].mass.value, sample.liquidG.value);
  if (beyondPowders(Math.exp(seen))) return { learns: false, why: "beyondPowders", readPa };
  const [band] = propagate(
    [{ value: readPa.mid, low: readPa.low, high: readPa.high }, sample.liquidG, ...lines.map(({ mass }) => mass)],
    1,
    (x, out) => {
      out[0] = ln(x[0], (i) => x[2 + i], x[1]);
    },
  );
  const sd = Math.sqrt(((band.high - band.low) / (2 * Z95)) ** 2 + strangers + MODEL_SD ** 2);
  return { learns: true, shares: [...shares.values()], lnFactor: seen, sd, readPa };
}
