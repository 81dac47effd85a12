import type { LearntTogether } from "../paste";
import type { Judged, NotLearnt, TablesSay } from "../readings";

/** What all tests together say of the jars: means and covariance of ln k, in the order of `jarIds`. */
export interface Learnt {
  readonly jarIds: readonly string[];
  readonly mean: readonly number[];
  readonly covariance: readonly (readonly number[])[];
  /** How many readings each jar was learnt from. */
  readonly readings: readonly number[];
}
export const NOTHING_LEARNT: Learnt = { jarIds: [], mean: [], covariance: [], readings: [] };

/** A jar's factor on the holding that the tables say today: its middle and the standard deviation of its ln. */
export interface Known {
  readonly factor: number;
  readonly sd: number;
}

/** What became of one reading. */
export type Outcome =
  | {
      readonly id: string;
      readonly learnt: true;
      readonly taught: readonly { readonly jarId: string; readonly before: Known; readonly after: Known }[];
    }
  | { readonly id: string; readonly learnt: false; readonly why: NotLearnt };

/** Further than this many standard deviations from what is known, a reading is not believed. */
const UNLIKE = 3;

/**
 * Learns from readings in their order: a Gaussian step each, on all jars at once, since a bowl of two jars says
 * something about their sum. A reading that fits nothing is left out and says so.
 *
 * What was measured stays when the tables move: a reading says what they said when it was judged, and a jar starts from
 * what they said at its first one.
 *
 * @param readings in the order they were taken; withdrawn ones may be among them
 * @param todayOf  what the tables say of a jar's powder today; a jar of which they say nothing learns nothing
 * @source Kalman's update of a static state, one scalar observation at a time (from memory)
 */
export function learn(
  readings: readonly { readonly id: string; readonly judged: Judged; readonly withdrawn?: boolean }[],
  todayOf: (jarId: string) => TablesSay | undefined,
): { readonly learnt: Learnt; readonly outcomes: readonly Outcome[] } {
  const jarIds: string[] = [];
  const mean: number[] = [];
  const covariance: number[][] = [];
  const counts: number[] = [];
  const placeOf = (jarId: string, { sd }: TablesSay, moved: number): number => {
    const known = jarIds.indexOf(jarId);
    if (known >= 0) return known;
    for (const row of covariance) row.push(0);
    covariance.push([...jarIds.map(() => 0), sd ** 2]);
    mean.push(moved);
    counts.push(0);
    return jarIds.push(jarId) - 1;
  };
  const known = (place: number): Known => ({
    factor: Math.exp(mean[place]),
    sd: Math.sqrt(Math.max(0, covariance[place][place])),
  });

  const outcomes = readings.map(({ id, judged, withdrawn }): Outcome => {
    if (withdrawn) return { id, learnt: false, why: "withdrawn" };
    if (!judged.learns) return { id, learnt: false, why: judged.why };
    const shares = judged.shares.flatMap((one) => {
      const today = todayOf(one.jarId);
      if (!today || !(today.sd > 0)) return [];
      const then = one.tables ?? today;
      return [{ ...one, then, moved: Math.log(then.mlPerG / today.mlPerG) }];
    });
    if (shares.length === 0) return { id, learnt: false, why: "noJar" };
    const places = shares.map(({ jarId, then, moved }) => placeOf(jarId, then, moved));
    // Covariance times the shares, what was expected, and how sure that was.
    const lean = covariance.map((row) => places.reduce((sum, place, i) => sum + row[place] * shares[i].share, 0));
    const expected = places.reduce((sum, place, i) => sum + mean[place] * shares[i].share, 0);
    const variance = places.reduce((sum, place, i) => sum + lean[place] * shares[i].share, 0) + judged.sd ** 2;
    const seen = judged.lnFactor + shares.reduce((sum, { share, moved }) => sum + share * moved, 0);
    const surprise = seen - expected;
    if (Math.abs(surprise) > UNLIKE * Math.sqrt(variance)) return { id, learnt: false, why: "unlike" };
    const before = places.map(known);
    for (let i = 0; i < jarIds.length; i++) {
      mean[i] += (lean[i] * surprise) / variance;
      for (let j = 0; j < jarIds.length; j++) covariance[i][j] -= (lean[i] * lean[j]) / variance;
    }
    for (const place of places) counts[place]++;
    return {
      id,
      learnt: true,
      taught: places.map((place, i) => ({ jarId: jarIds[place], before: before[i], after: known(place) })),
    };
  });
  // A jar whose every reading was left out is as it was.
  const kept = jarIds.flatMap((_, i) => (counts[i] > 0 ? [i] : []));
  return {
    learnt: {
      jarIds: kept.map((i) => jarIds[i]),
      mean: kept.map((i) => mean[i]),
      covariance: kept.map((i) => kept.map((j) => covariance[i][j])),
      readings: kept.map((i) => counts[i]),
    },
    outcomes,
  };
}

/** What is known of one jar; undefined where no test taught anything of it. */
export function knownOf(
  { jarIds, mean, covariance, readings }: Learnt,
  jarId: string,
): (Known & { readonly readings: number }) | undefined {
  const place = jarIds.indexOf(jarId);
  return place < 0
    ? undefined
    : {
        factor: Math.exp(mean[place]),
        sd: Math.sqrt(Math.max(0, covariance[place][place])),
        readings: readings[place],
      };
}

/**
 * What is known of a bowl's jars together, as a lower triangle whose product with its transpose is their covariance.
 * @source Cholesky's decomposition (from memory)
 */
export function togetherOf({ jarIds, covariance }: Learnt, wanted: readonly string[]): LearntTogether | undefined {
  const places = [...new Set(wanted)].map((jarId) => jarIds.indexOf(jarId)).filter((place) => place >= 0);
  if (places.length === 0) return undefined;
  const spread: number[][] = places.map(() => places.map(() => 0));
  for (let i = 0; i < places.length; i++) {
    for (let j = 0; j <= i; j++) {
      let sum = covariance[places[i]][places[j]];
      for (let k = 0; k < j; k++) sum -= spread[i][k] * spread[j][k];
      spread[i][j] = i === j ? Math.sqrt(Math.max(0, sum)) : spread[j][j] > 0 ? sum / spread[j][j] : 0;
    }
  }
  return { jarIds: places.map((place) => jarIds[place]), spread };
}
