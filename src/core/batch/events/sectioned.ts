import { SECTION_COUNTS, type SectionCount } from "../../apply";
import { among } from "../../happening";
import { define } from "../define";

/** A section of the head was done, or not after all; of so many. */
export interface Sectioned {
  readonly kind: "sectioned";
  readonly of: SectionCount;
  readonly section: string;
  readonly done: boolean;
}
export interface SectionedState {
  readonly sections: {
    /** Into how many it is parted, as was said last. */
    readonly of: SectionCount | undefined;
    readonly done: readonly { readonly section: string; readonly atMs: number }[];
  };
}

export const isSection = (section: unknown): boolean =>
  typeof section === "string" && /^s([1-9]|1[0-2])$/.test(section);
export const sectioned = define<Sectioned, SectionedState>({
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
