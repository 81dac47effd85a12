import { SECTION_COUNTS, type SectionCount } from "../../apply";
import { checkNumber } from "../../checkNumber";
import { among } from "../../happening";
import { define } from "../define";
import type { OnHeadState } from "./applying";
import type { PouredState } from "./poured";

/** A section of the head was done, or not after all; of so many. */
export interface Sectioned {
  readonly kind: "sectioned";
  readonly of: SectionCount;
  readonly section: string;
  readonly done: boolean;
}
/** The bowl stood on a scale: what is left in it, without the bowl. */
export interface OnScale {
  readonly kind: "onScale";
  readonly leftG: number;
  /** What the empty bowl weighs, where the scale was not set to zero with it. */
  readonly bareG?: number;
}
export interface ApplyingState {
  readonly sections: {
    /** Into how many it is parted, as was said last. */
    readonly of: SectionCount | undefined;
    readonly done: readonly { readonly section: string; readonly atMs: number }[];
  };
  /** Each with what was done by then. */
  readonly scale: readonly {
    readonly leftG: number;
    readonly sectionsDone: readonly string[];
    /** g that had been mixed besides by then, and ml that had been poured. */
    readonly moreG: number;
    readonly pouredMl: number;
    readonly atMs: number;
  }[];
  /** What the empty bowl weighs, as was said last. */
  readonly bareG: number | undefined;
}

export const isSection = (section: unknown): boolean =>
  typeof section === "string" && /^s([1-9]|1[0-2])$/.test(section);
export const sectioned = define<Sectioned, ApplyingState>({
  kind: "sectioned",
  fields: ["of", "section", "done"],
  check: ({ of, section, done }, field) => [
    ...among(`${field}.of`, of, SECTION_COUNTS),
    ...(isSection(section) ? [] : [{ field: `${field}.section`, code: "unknownChoice" as const }]),
    ...among(`${field}.done`, done, [true, false]),
  ],
  apply: ({ sections }, { of, section, done }, { atMs }) => {
    // Parted anew, what was done of other parts says nothing of these.
    const kept = sections.of === of ? sections.done.filter((one) => one.section !== section) : [];
    sections.of = of;
    sections.done = done ? [...kept, { section, atMs }] : kept;
  },
});
export const onScale = define<OnScale, ApplyingState & PouredState & Pick<OnHeadState, "more">>({
  kind: "onScale",
  fields: ["leftG", "bareG"],
  check: ({ leftG, bareG }, field) =>
    [
      checkNumber(`${field}.leftG`, leftG, "leftInBowlG"),
      bareG === undefined ? undefined : checkNumber(`${field}.bareG`, bareG, "leftInBowlG"),
    ].filter((problem) => problem !== undefined),
  apply: (bowl, { leftG, bareG }, { atMs }) => {
    const moreG = bowl.more.reduce((sum, { massG }) => sum + massG, 0);
    const { pouredMl, sections } = bowl;
    bowl.scale.push({ leftG, sectionsDone: sections.done.map(({ section }) => section), moreG, pouredMl, atMs });
    if (bareG !== undefined) bowl.bareG = bareG;
  },
});
