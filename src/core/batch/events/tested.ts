import type { Problem } from "../../problem";
import { checkReading, OUT_OF_REACH, type Reading } from "../../reading";
import { define } from "../define";
import type { InIt, SeenState } from "./said";

/** A test on a ring or a plate, of the bowl as it was then. */
export type Tested = { readonly kind: "tested" } & Reading;
export interface TestedState {
  readonly tests: readonly {
    readonly eventId: string;
    readonly reading: Reading;
    readonly pouredMl: number;
    readonly atMs: number;
  }[];
}

export const tested = define<Tested, TestedState & SeenState & InIt>({
  kind: "tested",
  fields: ["by", "heightMm", "slumpMm", "volumeMl", "acrossMm", "alongMm"],
  // A test outside its reach is kept all the same, and not learnt from; one that cannot be is refused.
  check: (payload, field) =>
    [
      ...strangeTo(payload, field),
      ...checkReading(payload).map((found) => ({ ...found, field: `${field}.${found.field}` })),
    ].filter(({ code }) => !OUT_OF_REACH.includes(code)),
  apply: (bowl, { kind: _, ...reading }, { eventId, atMs }) => {
    bowl.tests.push({ eventId, reading, pouredMl: bowl.pouredMl, atMs });
    bowl.seen.push({
      seen: { by: "test", reading },
      pouredMl: bowl.pouredMl,
      addedCount: bowl.added.length,
      atMs,
    });
  },
});

/** What is read off a ring is nothing on a plate, and the other way round. */
const READ_BY: Readonly<Record<Reading["by"], readonly string[]>> = {
  ring: ["heightMm", "slumpMm"],
  plate: ["volumeMl", "acrossMm", "alongMm"],
};
function strangeTo({ kind: _, by, ...read }: Tested, field: string): Problem[] {
  const fields = Object.hasOwn(READ_BY, by) ? READ_BY[by] : [];
  return Object.keys(read)
    .filter((key) => !fields.includes(key))
    .map((key) => ({ field: `${field}.${key}`, code: "unknownField" }));
}
