import { estimate, type Uncertain } from "../figure";
import type { TRAITS, Traits } from "./traits";

/** Where on the head it goes. Ids are kept in blends for good. */
export const WHERES = ["scalp", "lengths", "both", "grey", "thinPlaces", "hairline"] as const;
export type Where = (typeof WHERES)[number];

type Place = (typeof TRAITS)["greyWhere"]["of"][number] | (typeof TRAITS)["thinning"]["of"][number];
/** Share of the scalp, and of the hair, that a place is. Estimates. */
const SHARE: Readonly<Record<Place, number>> = {
  hairline: 0.12,
  temples: 0.1,
  parting: 0.1,
  crown: 0.18,
  scattered: 1,
};
/** A place is wider or narrower than the next one's by so much. Estimate. */
const GIVE = 1.4;
/** Where nobody said which places are grey or thin. */
const UNSAID = estimate(0.3, 0.12, 0.7, "nobody said where");
/** On a thin place the paste reaches a few centimetres of the hair that stands in it. Estimate. */
const ITS_FIRST_CM = 0.15;

export interface WhereShares {
  readonly scalp: Uncertain;
  readonly lengths: Uncertain;
}
const ALL: Uncertain = { value: 1, low: 1, high: 1 };
const NONE: Uncertain = { value: 0, low: 0, high: 0 };
/** A second thin layer along the hairline, which shows first. Estimate. */
const HAIRLINE: WhereShares = { scalp: estimate(1.08, 1.04, 1.15), lengths: estimate(1.02, 1, 1.05) };

/** The share of the head that some places are; they lie apart. */
function placed(places: readonly Place[] | undefined): Uncertain {
  if (!places || places.length === 0) return UNSAID;
  const share = Math.min(
    1,
    places.reduce((sum, place) => sum + SHARE[place], 0),
  );
  return { value: share, low: share === 1 ? 1 : share / GIVE, high: Math.min(1, share * GIVE) };
}
const times = ({ value, low, high }: Uncertain, by: number): Uncertain => ({
  value: value * by,
  low: low * by,
  high: high * by,
});

/** How much of the scalp and of the hair it goes on. @param traits says where it is grey or thin */
export function whereShares(where: Where, traits: Traits | undefined): WhereShares {
  switch (where) {
    case "scalp":
    case "both":
      return { scalp: ALL, lengths: ALL };
    case "lengths":
      return { scalp: NONE, lengths: ALL };
    case "grey": {
      const share = placed(traits?.greyWhere);
      return { scalp: share, lengths: share };
    }
    case "thinPlaces": {
      const share = placed(traits?.thinning);
      return { scalp: share, lengths: times(share, ITS_FIRST_CM) };
    }
    case "hairline":
      return HAIRLINE;
  }
}
