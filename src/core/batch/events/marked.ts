import { among } from "../../happening";
import { define } from "../define";

/** Little to much, 1 to 5. Ids are kept in events for good. */
export const MARKS = ["soft", "slip", "grit", "shine", "colour", "grey", "evenness"] as const;
export type Mark = (typeof MARKS)[number];
export const MARK_RANGE = { min: 1, max: 5 } as const;

export interface Marked {
  readonly kind: "marked";
  readonly mark: Mark;
  readonly value: number;
}
export interface MarkedState {
  readonly marks: Readonly<Partial<Record<Mark, number>>>;
}

export const marked = define<Marked, MarkedState>({
  kind: "marked",
  fields: ["mark", "value"],
  searched: true,
  check: ({ mark, value }, field) => [
    ...among(`${field}.mark`, mark, MARKS),
    ...(Number.isInteger(value) && value >= MARK_RANGE.min && value <= MARK_RANGE.max
      ? []
      : [{ field: `${field}.value`, code: "unknownChoice" } as const]),
  ],
  apply: (bowl, { mark, value }) => {
    bowl.marks[mark] = value;
  },
});
