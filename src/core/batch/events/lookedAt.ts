import { among } from "../../happening";
import { define } from "../define";
import { isSection, type SectionedState } from "./sectioned";

/** What was seen or done when a section was opened. Ids are kept in events for good. */
export const LOOKS = ["wetThrough", "dryInside", "dampedAgain"] as const;
export type Look = (typeof LOOKS)[number];

/** A section was opened, and looked at inside; one that is dry there is to be done again. */
export interface LookedAt {
  readonly kind: "lookedAt";
  readonly section: string;
  readonly as: Look;
}
export interface LookedAtState {
  readonly looks: readonly { readonly section: string; readonly as: Look; readonly atMs: number }[];
}

export const lookedAt = define<LookedAt, SectionedState & LookedAtState>({
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
