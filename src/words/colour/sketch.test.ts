import {
  hairAbsorbs,
  PLAIN_PLAN,
  seenOf,
  sketchOf,
  stepsOf,
  swatchOf,
  type ColourPlan,
  type DyeId,
} from "@/core/colour";
import { colourWord, partsWords, strandsWords } from "./sketch";

const level = (n: number | "grey") => colourWord(swatchOf(hairAbsorbs(n).map(seenOf)).lab);
const grey = (parts: [DyeId, number][], change: Partial<ColourPlan> = {}) => {
  const plan = { ...PLAIN_PLAN, parts: parts.map(([dye, its]) => ({ dye, parts: its })), ...change };
  const strands = { level: 4, greyShare: 0.5, strand: "medium" as const, bleached: false };
  return colourWord(sketchOf(strands, stepsOf(plan, 21), "settled").grey.lab);
};

test("undyed hair is called as hairdressers' levels are (common practice)", () => {
  expect(level(2)).toBe("near black");
  expect(level(4)).toBe("dark brown");
  expect(level(6)).toMatch(/brown|chestnut/);
  expect(level("grey")).toMatch(/ash|silver/);
});

test.each<[[DyeId, number][], Partial<ColourPlan>, RegExp]>([
  [[["henna", 1]], {}, /copper/],
  [
    [
      ["henna", 2],
      ["indigo", 1],
    ],
    {},
    /brown|chestnut/,
  ],
  [
    [
      ["henna", 1],
      ["indigo", 1],
    ],
    {},
    /dark|brown|black/,
  ],
  [
    [
      ["henna", 1],
      ["indigo", 1],
    ],
    { how: "after" },
    /black|very dark/,
  ],
  [[["indigo", 1]], {}, /blue/],
  [[["cassia", 1]], {}, /straw|gold/],
])("grey hair with %j %j is called %s (common practice)", (parts, change, word) => {
  expect(grey(parts, change)).toMatch(word);
});

test("strands of two kinds are called apart, alike ones once", () => {
  const plan = stepsOf(PLAIN_PLAN, 21);
  const of = (greyShare: number) => {
    const strands = { level: 2, greyShare, strand: "fine" as const, bleached: false };
    return strandsWords(sketchOf(strands, plan, "settled"), greyShare);
  };
  expect(of(0)).not.toContain("grey ones");
  expect(of(0.3)).toMatch(/, grey ones .*copper/);
  expect(of(1)).toMatch(/copper/);
  expect(partsWords([{ dye: "henna", parts: 1 }])).toBe("henna");
  expect(
    partsWords([
      { dye: "henna", parts: 1.5 },
      { dye: "indigo", parts: 1 },
    ]),
  ).toBe("henna 1½ : indigo 1");
});
