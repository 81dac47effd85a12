import { TAKE_OFF_STEPS, type TakeOffStepId } from "../../apply";
import { checkNumber } from "../../checkNumber";
import { among } from "../../happening";
import { define } from "../define";
import { isSection, type ApplyingState } from "./sectioned";

/** What was seen or done when a section was opened. Ids are kept in events for good. */
export const LOOKS = ["wetThrough", "dryInside", "dampedAgain"] as const;
export type Look = (typeof LOOKS)[number];
/** How the hair is while the paste is on. */
export const COVERS = ["open", "cap", "warmCap"] as const;
export type Cover = (typeof COVERS)[number];
/** How the paste on the scalp feels. */
export const TOUCHES = ["wet", "almostDry", "dry"] as const;
export type Touch = (typeof TOUCHES)[number];

/** A section was opened, and looked at inside; one that is dry there is to be done again. */
export interface LookedAt {
  readonly kind: "lookedAt";
  readonly section: string;
  readonly as: Look;
}
/** So much more was mixed in the blend's own proportions, and is in the bowl. */
export interface MixedMore {
  readonly kind: "mixedMore";
  readonly massG: number;
}
/** The massage began. */
export interface Massaged {
  readonly kind: "massaged";
}
export interface Covered {
  readonly kind: "covered";
  readonly as: Cover;
}
export interface Touched {
  readonly kind: "touched";
  readonly as: Touch;
}
/** A step of taking it off was done, or not after all. */
export interface TakenOff {
  readonly kind: "takenOff";
  readonly step: TakeOffStepId;
  readonly done: boolean;
}
export interface OnHeadState {
  readonly looks: readonly { readonly section: string; readonly as: Look; readonly atMs: number }[];
  readonly more: readonly { readonly eventId: string; readonly massG: number; readonly atMs: number }[];
  readonly massagedMs: number | undefined;
  readonly cover: { readonly as: Cover; readonly atMs: number } | undefined;
  readonly touches: readonly { readonly as: Touch; readonly atMs: number }[];
  readonly takenOff: readonly TakeOffStepId[];
}

export const lookedAt = define<LookedAt, ApplyingState & OnHeadState>({
  kind: "lookedAt",
  fields: ["section", "as"],
  check: ({ section, as }, field) => [
    ...(isSection(section) ? [] : [{ field: `${field}.section`, code: "unknownChoice" as const }]),
    ...among(`${field}.as`, as, LOOKS),
  ],
  apply: (bowl, { section, as }, { atMs }) => {
    bowl.looks.push({ section, as, atMs });
    if (as === "dryInside") bowl.sections.done = bowl.sections.done.filter((one) => one.section !== section);
  },
});
export const mixedMore = define<MixedMore, OnHeadState>({
  kind: "mixedMore",
  fields: ["massG"],
  movesStock: true,
  check: ({ massG }, field) => [checkNumber(`${field}.massG`, massG, "amountG")].filter((one) => one !== undefined),
  apply: (bowl, { massG }, { eventId, atMs }) => {
    bowl.more.push({ eventId, massG, atMs });
  },
});
export const massaged = define<Massaged, OnHeadState>({
  kind: "massaged",
  fields: [],
  check: () => [],
  apply: (bowl, _, { atMs }) => {
    bowl.massagedMs = atMs;
  },
});
export const covered = define<Covered, OnHeadState>({
  kind: "covered",
  fields: ["as"],
  check: ({ as }, field) => among(`${field}.as`, as, COVERS),
  apply: (bowl, { as }, { atMs }) => {
    bowl.cover = { as, atMs };
  },
});
export const touched = define<Touched, OnHeadState>({
  kind: "touched",
  fields: ["as"],
  check: ({ as }, field) => among(`${field}.as`, as, TOUCHES),
  apply: (bowl, { as }, { atMs }) => {
    bowl.touches.push({ as, atMs });
  },
});
export const takenOff = define<TakenOff, OnHeadState>({
  kind: "takenOff",
  fields: ["step", "done"],
  check: ({ step, done }, field) => [
    ...among(`${field}.step`, step, TAKE_OFF_STEPS),
    ...among(`${field}.done`, done, [true, false]),
  ],
  apply: (bowl, { step, done }) => {
    bowl.takenOff = bowl.takenOff.filter((one) => one !== step);
    if (done) bowl.takenOff.push(step);
  },
});
