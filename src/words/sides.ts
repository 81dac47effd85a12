import type { Head } from "@/core/head";
import type { Blend } from "@/core/paste";
import { amountWords, liquidOf, restWords, targetWords } from "./changes";
import { AGE_NAME, CUT_NAME, materialName, PURPOSE_NAME, SIZING_NAME } from "./names";
import { hairWords } from "./hair";

/** One row of two things set side by side. */
export interface SideRow {
  readonly what: string;
  readonly theirs: string;
  readonly mine: string;
}

interface NamedBlend {
  readonly name: string;
  readonly blend: Blend;
}

const NONE = "–";
const fixedRows = ({ name, blend }: NamedBlend): readonly (readonly [string, string])[] => [
  ["name", name],
  ["for", PURPOSE_NAME[blend.purpose]],
  ["like", targetWords(blend.target)],
  ["liquid", liquidOf(blend.liquid)],
  ["kitchen", `${blend.kitchenTempC}°`],
  ["rests", restWords(blend.restMin)],
  ["makes", SIZING_NAME[blend.sizing]],
  ...(blend.roots
    ? [["roots", `${blend.roots.months} months, ${Math.round(blend.roots.share * 100)} % of the head`] as const]
    : []),
];

function together(
  theirs: readonly (readonly [string, string])[],
  mine: readonly (readonly [string, string])[],
): SideRow[] {
  const [a, b] = [new Map(theirs), new Map(mine)];
  return [...new Set([...a.keys(), ...b.keys()])].map((what) => ({
    what,
    theirs: a.get(what) ?? NONE,
    mine: b.get(what) ?? NONE,
  }));
}

/** The amounts of each material on one line, however often it goes in. */
const lineRows = (blend: Blend): (readonly [string, string])[] =>
  [...new Set(blend.lines.map((line) => line.materialId))].map(
    (id) =>
      [
        materialName(id),
        blend.lines
          .filter((line) => line.materialId === id)
          .map(amountWords)
          .join(" and "),
      ] as const,
  );

/** Two versions of a blend, row by row. */
export const blendSides = (theirs: NamedBlend, mine: NamedBlend): SideRow[] => [
  ...together(fixedRows(theirs).slice(0, 1), fixedRows(mine).slice(0, 1)),
  ...together(lineRows(theirs.blend), lineRows(mine.blend)),
  ...together(fixedRows(theirs).slice(1), fixedRows(mine).slice(1)),
];

const headRows = ({ name, hair }: { name: string; hair: Head }): (readonly [string, string])[] => [
  ["name", name],
  ["hair", hairWords(hair)],
  ["cut", CUT_NAME[hair.cut]],
  ["age", AGE_NAME[hair.age]],
  [
    "to mind",
    [
      hair.pregnant && "pregnant",
      hair.soreScalp && "a sore scalp",
      hair.asthma && "asthma",
      ...hair.allergies.map((id) => `allergic to ${materialName(id)}`),
    ]
      .filter(Boolean)
      .join(", ") || "nothing",
  ],
];

/** Two versions of a head, row by row. */
export const headSides = (theirs: { name: string; hair: Head }, mine: { name: string; hair: Head }): SideRow[] =>
  together(headRows(theirs), headRows(mine));
