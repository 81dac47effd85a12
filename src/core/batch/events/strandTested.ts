import { checkNumber } from "../../checkNumber";
import { among } from "../../happening";
import { LIMITS } from "../../limits";
import type { Problem } from "../../problem";
import { define } from "../define";

/** How the strand looks beside the sketch of it: two steps lighter to two steps deeper. Ids are kept for good. */
export const STRAND_STEPS = ["muchLighter", "lighter", "alike", "deeper", "muchDeeper"] as const;
export type StrandStep = (typeof STRAND_STEPS)[number];

/** A strand from the comb was dyed with this bowl, rinsed and dried, and held beside the swatches. */
export interface StrandTested {
  readonly kind: "strandTested";
  readonly hoursOn: number;
  readonly looks: StrandStep;
  /** A small picture of one's own, a JPEG as a data URL. */
  readonly photo?: string;
}
export interface StrandTestedState {
  readonly strandTests: readonly (Omit<StrandTested, "kind"> & { readonly eventId: string; readonly atMs: number })[];
}

const PHOTO = /^data:image\/jpeg;base64,[A-Za-z0-9+/]+={0,2}$/;
const checkPhoto = (photo: unknown, field: string): Problem[] => {
  if (photo === undefined) return [];
  if (typeof photo !== "string" || !PHOTO.test(photo)) return [{ field, code: "notAPicture" }];
  return photo.length > LIMITS.photoChars.max
    ? [{ field, code: "tooLarge", detail: { max: LIMITS.photoChars.max } }]
    : [];
};

export const strandTested = define<StrandTested, StrandTestedState>({
  kind: "strandTested",
  fields: ["hoursOn", "looks", "photo"],
  check: ({ hoursOn, looks, photo }, field) => [
    ...[checkNumber(`${field}.hoursOn`, hoursOn, "hoursOn")].filter((problem) => problem !== undefined),
    ...among(`${field}.looks`, looks, STRAND_STEPS),
    ...checkPhoto(photo, `${field}.photo`),
  ],
  apply: (bowl, { kind: _, ...test }, { eventId, atMs }) => {
    bowl.strandTests.push({ ...test, eventId, atMs });
  },
});
