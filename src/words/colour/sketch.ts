import type { ColourPlan, DyeId, How, Lab, Moment, Sketch, WornWarm } from "@/core/colour";
import { kitchenNumber } from "../amounts";
import { DYE_NAME } from "./dyeNames";

/** What it really does, and how its colour comes. */
export const DYE_DOES: Readonly<Record<DyeId, string>> = {
  henna: "colours for good; its colour comes with hours of rest",
  indigo: "colours, and fades first where no henna is under it; its colour comes within the quarter hour, without acid",
  katam: "colours; rests like henna, and wants no salt",
  cassia: "conditions, and tints grey and blond straw; rests like henna for that, half an hour for the rest",
  madder: "a warm cast for some weeks; grey takes little without a mordant",
  alkanet: "gives its red to oil, not to water; on hair it is a breath that washes out",
  walnut: "a brown tint, deeper with each time; it stains skin for weeks and can irritate",
  turmeric: "a yellow tint on grey that light takes away; it stains everything else for longer",
  blackTea: "a shade that washes out in a week or two",
  coffee: "a shade that washes out within days",
  hibiscus: "a blush on grey and blond that is gone with the next wash or two",
  beet: "a blush that is gone with the next wash",
};
export const HOW_NAME: Readonly<Record<How, string>> = {
  stirredIn: "indigo wetted last and stirred in",
  after: "one after the other, rinsed between",
  together: "all wetted at once",
};
export const WORN_WARM_NAME: Readonly<Record<WornWarm, string>> = {
  open: "open",
  cap: "under a cap",
  heat: "under a warm towel or cap",
};
export const MOMENT_NAME: Readonly<Record<Moment, string>> = {
  before: "before",
  rinsed: "rinsed and dried",
  settled: "two days after",
  worn: "a week of washing later",
};

/** Warm browns by how light they are, from the darkest. */
type Steps = readonly (readonly [below: number, name: string])[];
const named = (steps: Steps, l: number): string => steps.find(([below]) => l < below)?.[1] ?? "";
const GREYS: Steps = [
  [24, "near black"],
  [33, "soft black"],
  [50, "dark grey"],
  [66, "grey"],
  [101, "silver"],
];
const DULL: Steps = [
  [21, "near black"],
  [26, "very dark brown"],
  [37, "dark brown"],
  [51, "brown"],
  [64, "dark ash blond"],
  [101, "pale ash"],
];
const WARM: Steps = [
  [30, "dark warm brown"],
  [42, "chestnut"],
  [55, "light brown"],
  [101, "honey"],
];
/** Hues from red round to violet, where a colour is strong. */
const STRONG: readonly (readonly [belowHue: number, steps: Steps])[] = [
  [
    15,
    [
      [38, "dark wine"],
      [101, "rose"],
    ],
  ],
  [
    44,
    [
      [36, "deep red-brown"],
      [48, "red copper"],
      [101, "salmon"],
    ],
  ],
  [
    58,
    [
      [36, "red-brown"],
      [47, "deep copper"],
      [60, "copper"],
      [101, "apricot"],
    ],
  ],
  [
    76,
    [
      [40, "golden brown"],
      [62, "orange gold"],
      [101, "gold"],
    ],
  ],
  [
    108,
    [
      [45, "olive"],
      [101, "straw gold"],
    ],
  ],
  [170, [[101, "green"]]],
  [235, [[101, "blue-green"]]],
  [
    300,
    [
      [34, "dark blue-grey"],
      [101, "blue-grey"],
    ],
  ],
  [345, [[101, "violet"]]],
  [
    361,
    [
      [38, "dark wine"],
      [101, "rose"],
    ],
  ],
];

/** A colour as one would call it. Our own words; a sketch is no closer than they are. */
export function colourWord({ l, a, b }: Lab): string {
  const chroma = Math.hypot(a, b);
  const hue = ((Math.atan2(b, a) * 180) / Math.PI + 360) % 360;
  if (chroma < 7) return named(GREYS, l);
  const isWarm = hue > 30 && hue < 100;
  if (isWarm && chroma < 14) return named(DULL, l);
  if (isWarm && chroma < 26) return named(WARM, l);
  const steps = STRONG.find(([below]) => hue < below)?.[1] ?? GREYS;
  return chroma < 10 ? `${named(GREYS, l)}, a breath of ${named(steps, 60)}` : named(steps, l);
}

/** Hair of two kinds of strands in words: "near black, grey ones copper". */
export function strandsWords({ own, grey }: Sketch, greyShare: number): string {
  const [its, greys] = [colourWord(own.lab), colourWord(grey.lab)];
  if (greyShare < FEW || its === greys) return its;
  return greyShare > 1 - FEW ? greys : `${its}, grey ones ${greys}`;
}
const FEW = 0.02;

/** "henna 2 : indigo 1". */
export const partsWords = (parts: ColourPlan["parts"]): string =>
  parts.length === 1
    ? DYE_NAME[parts[0].dye]
    : parts.map(({ dye, parts: its }) => `${DYE_NAME[dye]} ${kitchenNumber(its)}`).join(" : ");
