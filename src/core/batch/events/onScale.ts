import { checkNumber } from "../../checkNumber";
import { define } from "../define";
import type { MixedMoreState } from "./mixedMore";
import type { PouredState } from "./poured";
import type { SectionedState } from "./sectioned";

/** The bowl stood on a scale: what is left in it, without the bowl. */
export interface OnScale {
  readonly kind: "onScale";
  readonly leftG: number;
  /** What the empty bowl weighs, where the scale was not set to zero with it. */
  readonly bareG?: number;
}
export interface OnScaleState {
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

export const onScale = define<OnScale, SectionedState & OnScaleState & PouredState & MixedMoreState>({
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
