import { FOLLOWED_H, ICE_K, type Stay } from "./history";
import { releaseAlong, strengthAt, type DyeClock, type ReleaseHours } from "./release";
import { spoilsAtH } from "./spoils";

/** °C where a bowl may be put. @source common practice: household fridges, freezers and the shelf over a heater */
export const STANDS_C = { fridge: 4, freezer: -18, warm: 30 } as const;

export const REST_WAYS = ["leave", "warmNow", "fridgeNow", "fridgeLater", "freezeLater"] as const;
export type RestWayId = (typeof REST_WAYS)[number];
/** One way of getting a dye paste to its hour. */
export interface RestWay {
  readonly way: RestWayId;
  readonly stays: readonly Stay[];
  readonly hours: ReleaseHours;
  /** Good until then, h: its dye or its keeping, whichever ends first. */
  readonly goodUntilH: number;
  /** What is free at the wanted hour, as a share of what this acid frees at the most at 21 °C. */
  readonly strength: number;
  readonly fits: "best" | "ready" | "notYet" | "past";
}

/** Taken out of the fridge, or out of the freezer, so long before it goes on, h. */
const OUT_H = 1;
/** Hours until what was frozen is thawed and no longer cold, where it is so warm. */
export const thawsH = ({ coolingH }: Pick<DyeClock, "coolingH">, kitchenC: number): number =>
  coolingH * (ICE_K.value / Math.max(5, kitchenC) + 1.5);
/** Less time than this in the cold is not worth the way there, h. */
const LEAST_COLD_H = 2;
const SOON_H = 0.5;
/** Ways that differ by less than this share are as strong. */
const ALIKE = 0.04;

/** Good until then, h: its dye or its keeping, whichever ends first. */
export const goodUntilH = (clock: DyeClock, stays: readonly Stay[], { useByH }: ReleaseHours): number =>
  Math.min(useByH ?? FOLLOWED_H, spoilsAtH({ ...clock, stays }));

/** How a paste that stands so will be at an hour. */
export function wayOf(way: RestWayId, clock: DyeClock, stays: readonly Stay[], wantedH: number): RestWay {
  const hours = releaseAlong(clock, stays);
  const until = goodUntilH(clock, stays, hours);
  const [strength] = strengthAt(clock, stays, [wantedH]);
  const fits = wantedH < hours.readyH ? "notYet" : wantedH > until ? "past" : wantedH >= hours.bestH ? "best" : "ready";
  return { way, stays, hours, goodUntilH: until, strength, fits };
}

/** From an hour on it stands elsewhere; what was to come after that is dropped. */
const then = (stays: readonly Stay[], ...more: readonly Stay[]): Stay[] => [
  ...stays.filter(({ fromH }) => fromH === 0 || fromH < more[0].fromH),
  ...more,
];

/**
 * Ways to have a dye paste at an hour, the best first: one that fits before one that does not, the stronger first,
 * the one with less to do first.
 *
 * @param stays    where it stood so far, and stands
 * @param nowH     hours since it was mixed, 0 where it is not yet
 * @param wantedH  when it is to go on, hours since it was mixed
 * @param kitchenC where it goes on
 * @param asItIs   makes of stays how warm it really is there, where a kitchen is cooler at night
 */
export function waysTo(
  clock: DyeClock,
  stays: readonly Stay[],
  nowH: number,
  wantedH: number,
  kitchenC: number,
  asItIs: (stays: readonly Stay[]) => readonly Stay[] = (stays) => stays,
): RestWay[] {
  const sofar = stays.filter(({ fromH }) => fromH <= nowH);
  const left = then(sofar, { fromH: nowH, tempC: kitchenC });
  const { bestH } = releaseAlong(clock, asItIs(left));
  const coldFrom = (fromH: number, tempC: number, outH: number): Stay[] | undefined =>
    wantedH - outH - fromH < LEAST_COLD_H
      ? undefined
      : then(left, { fromH, tempC }, { fromH: wantedH - outH, tempC: kitchenC });
  const bestAtH = Math.max(nowH, bestH);
  const all: Readonly<Record<RestWayId, readonly Stay[] | undefined>> = {
    leave: left,
    warmNow: wantedH > nowH ? then(sofar, { fromH: nowH, tempC: STANDS_C.warm }) : undefined,
    fridgeNow: coldFrom(nowH, STANDS_C.fridge, OUT_H),
    // Where it is at its best already, later is now.
    fridgeLater: bestAtH > nowH + SOON_H ? coldFrom(bestAtH, STANDS_C.fridge, OUT_H) : undefined,
    freezeLater: coldFrom(bestAtH, STANDS_C.freezer, thawsH(clock, kitchenC)),
  };
  const rank = { best: 2, ready: 1, notYet: 0, past: 0 } as const;
  return REST_WAYS.flatMap((way) => {
    const its = all[way];
    return its ? [{ ...wayOf(way, clock, asItIs(its), wantedH), stays: its }] : [];
  }).sort((a, b) => {
    const better = rank[b.fits] - rank[a.fits];
    if (better !== 0) return better;
    const stronger = b.strength - a.strength;
    return Math.abs(stronger) > ALIKE ? stronger : REST_WAYS.indexOf(a.way) - REST_WAYS.indexOf(b.way);
  });
}
