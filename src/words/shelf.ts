import type { Figure } from "@/core/figure";
import { findMaterial, type Conversion, type Material } from "@/core/material";
import { spoonMl, type Spoons, type SpoonAmount } from "@/core/measure";
import type { Mismatch } from "@/core/search";
import type { AgeTest } from "@/core/material";
import type { Freshness, Jar } from "@/core/shelf";
import type { Gathered } from "@/core/stock";
import type { BowlTraits } from "@/core/swap";
import type { Caution } from "@/core/caution";
import { bandWords, gramWords, kitchenNumber, minuteWords, spoonWords } from "./amounts";
import { UNIT_NAME } from "./names";

export const moneyWords = (amount: number, currency: string): string =>
  new Intl.NumberFormat("en", { style: "currency", currency }).format(amount);

/** A day as one says it; the year only where it is another. */
export function calendarDayWords(day: string, today: string): string {
  const sameYear = day.slice(0, 4) === today.slice(0, 4);
  return new Intl.DateTimeFormat("en-GB", {
    day: "numeric",
    month: "long",
    ...(sameYear ? {} : { year: "numeric" }),
    timeZone: "UTC",
  }).format(new Date(`${day}T00:00:00Z`));
}

const TRY: Readonly<Record<AgeTest, string>> = {
  dab: "Wet a pinch and leave a dab on your palm for five minutes: no colour, no dye left.",
  smell: "Smell it and rub it: it should still smell of its herb and have its colour.",
  rancid: "Smell it: a crayon or paint smell is rancid.",
  spoiled: "Look and smell before it goes in; when in doubt it goes out.",
  lumps: "Look for lumps and damp; dry ones crumble, damp ones go out.",
  swell: "Stir half a teaspoon into two spoons of water: in half an hour it should be slippery.",
  fades: "Look and smell: pale and scentless flowers have little left.",
};
const BY = { bestBefore: "past its best-before", opened: "open", bought: "here" } as const;

/** A quiet note where a jar is past the usual, and what to try; empty where it is not. */
export function ageWords(freshness: Freshness): string {
  if (freshness.state !== "past") return "";
  const months = Math.round(freshness.months);
  const long = months < 1 ? "a few days" : months === 1 ? "a month" : `${months} months`;
  return (
    (freshness.by === "bestBefore"
      ? `${long} ${BY.bestBefore}`
      : `${BY[freshness.by]} for ${long}, longer than such things usually keep`) + `. ${TRY[freshness.test]}`
  );
}
export const ageBrief = (freshness: Freshness): string =>
  freshness.state !== "past"
    ? ""
    : freshness.by === "bestBefore"
      ? "past its date"
      : freshness.by === "opened"
        ? "open a long time"
        : "here a long time";

/** "6.4 g (6.1–6.7)" for one level spoon. */
export function spoonfulWords(density: Figure, unit: "tsp" | "tbsp" | "cup", spoons: Spoons): string {
  const ml = spoonMl(spoons)[unit];
  const one = (value: number) => Number((value * ml).toFixed(value * ml < 20 ? 1 : 0)).toString();
  return `${one(density.value)} g (${one(density.low)}–${one(density.high)})`;
}

/** "310 g of 500". */
export const leftWords = ({ leftG, fullG }: Pick<Jar, "leftG" | "fullG">): string =>
  leftG < -0.5
    ? `overdrawn by ${gramWords(-leftG)} g`
    : leftG < 0.5
      ? `used up, of ${gramWords(fullG)} g`
      : `${gramWords(leftG)} g of ${gramWords(fullG)}`;

export function mismatchWords(mismatch: Mismatch): string {
  switch (mismatch.kind) {
    case "disagree":
      return (
        `Those two cannot both be: the spoons are about ${gramWords(mismatch.spoonG.mid)} g (` +
        `${gramWords(mismatch.spoonG.low)}–${gramWords(mismatch.spoonG.high)}), and it says ` +
        `${gramWords(mismatch.saidG)} g.`
      );
    case "spoons":
      return (
        `That is not so: it is ${kitchenNumber(mismatch.really)} ${UNIT_NAME[mismatch.unit]}, not ` +
        `${kitchenNumber(mismatch.said)}.`
      );
    case "total":
      return (
        `The parts come to about ${gramWords(mismatch.sumG.mid)} g (${gramWords(mismatch.sumG.low)}–` +
        `${gramWords(mismatch.sumG.high)}), not ${gramWords(mismatch.saidG)} g.`
      );
  }
}

/** "about 9 g, 1 tbsp + ½ tsp". */
export const conversionWords = ({ massG, spoons }: Conversion): string =>
  `about ${gramWords(massG.mid)} g (${gramWords(massG.low)}–${gramWords(massG.high)}), ${spoonWords(spoons)}`;

const percent = (share: number): string => `${Math.round(share * 100)} %`;
const TRAITS: readonly {
  readonly of: "stain" | "drying" | "slip" | "protein";
  readonly more: string;
  readonly less: string;
}[] = [
  { of: "stain", more: "stains more", less: "stains less" },
  { of: "drying", more: "dries more", less: "dries less" },
  { of: "slip", more: "more slip", less: "less slip" },
  { of: "protein", more: "more protein", less: "less protein" },
];
const NOTABLE = 0.03;

/** What a swap changes, recomputed, the plain facts only. */
export function swapWords(before: BowlTraits, after: BowlTraits): string {
  const said = TRAITS.flatMap(({ of, more, less }) =>
    Math.abs(after[of] - before[of]) < NOTABLE
      ? []
      : [`${after[of] > before[of] ? more : less} (${percent(before[of])} → ${percent(after[of])} of the paste)`],
  );
  const ml = before.liquidMl !== undefined && after.liquidMl !== undefined ? after.liquidMl - before.liquidMl : 0;
  if (Math.abs(ml) >= 3) said.push(`${Math.abs(Math.round(ml))} ml ${ml > 0 ? "more" : "less"} liquid`);
  if (Math.abs(after.restMin - before.restMin) >= 5)
    said.push(`rests ${minuteWords(after.restMin)} instead of ${minuteWords(before.restMin)}`);
  if (after.leaveOnMin.mid !== before.leaveOnMin.mid)
    said.push(`stays on ${bandWords(after.leaveOnMin).range} min instead of ${bandWords(before.leaveOnMin).range}`);
  return said.length > 0 ? said.join(", ") : "changes little";
}

/** The cautions that a swap brings, and those that it takes away. */
export function swapCautions(
  before: BowlTraits,
  after: BowlTraits,
): { readonly more: readonly Caution[]; readonly fewer: number } {
  const had = new Map(before.cautions.map(({ id, materialIds }) => [id, materialIds.join(" ")]));
  const has = new Set(after.cautions.map(({ id }) => id));
  // A stop is said anew where it is for another thing.
  const isNew = ({ id, level, materialIds }: Caution) =>
    !had.has(id) || (level === "stop" && had.get(id) !== materialIds.join(" "));
  return { more: after.cautions.filter(isNew), fewer: before.cautions.filter(({ id }) => !has.has(id)).length };
}

/** One row of a shopping list. */
export function shoppingWords(
  { materialId, shortG }: Gathered,
  find: (id: string) => Material | undefined = findMaterial,
): string {
  const grain = shortG < 20 ? 5 : shortG < 200 ? 10 : 50;
  return `${find(materialId)?.names[0].text ?? materialId}, ${Math.ceil(shortG / grain) * grain} g`;
}

/** "In this bowl 133 g: 1¼ cups + 1 tbsp hold 131 g, 1 % less." */
export function roundingWords(spoons: SpoonAmount, densityGPerMl: number, massG: number): string {
  const held = spoons.volumeMl * densityGPerMl;
  const off = Math.round((held / massG - 1) * 100);
  return (
    `In this bowl ${gramWords(massG)} g: ${spoonWords(spoons)} ` +
    (spoons.cups + spoons.tbsp + spoons.tsp > 1 ? "hold" : "holds") +
    ` ${gramWords(held)} g, ` +
    (off === 0 ? "within half a percent" : `${Math.abs(off)} % ${off > 0 ? "more" : "less"}`) +
    "."
  );
}
