import fc from "fast-check";
import { AGES, CUTS, LANDMARKS, PURPOSES, SHADES, STRAND_COUNTS, STRAND_SIZES, type Head } from "@/core/head";
import { NOT_IN_A_PASTE, type Material } from "@/core/material";
import { CATALOGUE } from "@/core/catalogue";
import { FILLS, SPOON_SETS } from "@/core/measure";
import { SIZINGS, TARGETS, type BlendLine, type PasteQuestion } from "@/core/paste";

/** Random bowls for the laws; used by tests only. */
const those = (are: (material: Material) => boolean) =>
  CATALOGUE.filter((m) => !NOT_IN_A_PASTE.includes(m.form) && are(m)).map((m) => m.id);

export const anyHead: fc.Arbitrary<Head> = fc.record({
  longest: fc.oneof(
    fc.record({ cm: fc.double({ min: 1, max: 200, noNaN: true }) }),
    fc.record({ landmark: fc.constantFrom(...LANDMARKS) }),
  ),
  amount: fc.oneof(
    fc.record({ ponytailCm: fc.double({ min: 2, max: 25, noNaN: true }) }),
    fc.record({ strands: fc.constantFrom(...STRAND_COUNTS) }),
  ),
  strand: fc.constantFrom(...STRAND_SIZES),
  cut: fc.constantFrom(...CUTS),
  shade: fc.constantFrom(...SHADES),
  greyShare: fc.double({ min: 0, max: 1, noNaN: true }),
  age: fc.constantFrom(...AGES),
  pregnant: fc.boolean(),
  soreScalp: fc.boolean(),
  asthma: fc.boolean(),
  allergies: fc.subarray(
    CATALOGUE.map((m) => m.id),
    { maxLength: 2 },
  ),
});

const powderLine: fc.Arbitrary<BlendLine> = fc.record({
  materialId: fc.constantFrom(...those((m) => m.form === "powder")),
  role: fc.constant("part" as const),
  amount: fc.double({ min: 0.5, max: 12, noNaN: true }),
  unit: fc.constantFrom("tsp" as const, "tbsp" as const),
  fill: fc.constantFrom(...FILLS),
});
const wetLine: fc.Arbitrary<BlendLine> = fc.record({
  materialId: fc.constantFrom(...those((m) => m.form !== "powder" && m.family !== "essentialOil")),
  role: fc.constant("fixed" as const),
  amount: fc.double({ min: 1, max: 80, noNaN: true }),
  unit: fc.constant("g" as const),
  fill: fc.constant("level" as const),
});

export const anyQuestion: fc.Arbitrary<PasteQuestion> = fc.record({
  head: anyHead,
  purpose: fc.constantFrom(...PURPOSES),
  spoons: fc.constantFrom(...SPOON_SETS),
  sizing: fc.constantFrom(...SIZINGS.filter((sizing) => sizing !== "forLiquid")),
  kitchenTempC: fc.double({ min: 0, max: 45, noNaN: true }),
  target: fc.record({ word: fc.constantFrom(...TARGETS) }),
  liquid: fc.record({
    materialId: fc.constantFrom("water", "black-tea", "yoghurt", "coconut-milk"),
    tempC: fc.double({ min: 0, max: 100, noNaN: true }),
    amountMl: fc.option(fc.double({ min: 0, max: 900, noNaN: true }), { nil: undefined, freq: 6 }),
  }),
  restMin: fc.option(fc.integer({ min: 0, max: 2880 }), { nil: undefined }),
  lines: fc
    .tuple(fc.array(powderLine, { minLength: 1, maxLength: 6 }), fc.array(wetLine, { maxLength: 4 }))
    .map(([p, w]) => [...p, ...w]),
});
