import { asMade, foldBatch, kindOf, type BatchEvent } from "../batch";
import { inOrder } from "../happening";
import type { Uncertain } from "../figure";
import { massG, type Material } from "../material";
import type { Fill, Spoons, Unit } from "../measure";
import { checkNumber } from "../checkNumber";
import { checkAmount, liquidOf, lookupIn, type PasteAnswer, type PasteQuestion } from "../paste";
import type { Problem } from "../problem";
import { checkReading, OUT_OF_REACH, type Reading } from "../reading";
import { evidenceOf, type Judged, type Sample } from "./evidence";

/** A jug is read to 3 ml and 2 %. Estimate. */
const pouredG = (ml: number, density: number): Uncertain => {
  const half = Math.hypot(3, 0.02 * ml);
  return { value: ml * density, low: Math.max(0, ml - half) * density, high: (ml + half) * density };
};

/** One test of a bowl: when, what was read, and what it says. */
export interface BowlReading {
  readonly eventId: string;
  readonly atMs: number;
  readonly reading: Reading;
  readonly judged: Judged;
}

/**
 * What the tests in a bowl's history say, each for the bowl as it was then: what had been poured and added by that
 * moment; how a planned line was really measured counts whenever it was told.
 */
export function readingsOf(question: PasteQuestion, answer: PasteAnswer, events: readonly BatchEvent[]): BowlReading[] {
  const unique = [...new Map(events.map((event) => [event.id, event])).values()].sort(inOrder);
  if (!unique.some(({ payload }) => payload.kind === "tested")) return [];
  const whole = foldBatch(unique);
  const find = lookupIn(question);
  const liquid = liquidOf(question);
  return whole.tests.map(({ eventId, reading, atMs }): BowlReading => {
    const place = unique.findIndex(({ id }) => id === eventId);
    // What is said of other events counts whenever it came.
    const then = foldBatch([
      ...unique.slice(0, place + 1),
      ...unique.slice(place + 1).filter(({ payload }) => kindOf(payload)?.aboutEvent),
    ]);
    const made = asMade(question, answer, { ...whole, pouredMl: then.pouredMl, added: then.added });
    const wetMs = then.reachedMs.mixed ?? then.firstPourMs ?? atMs;
    // More of what is in the bowl already comes from the same jar.
    const jarOf = (materialId: string) => question.lines.find((line) => line.materialId === materialId)?.jarId;
    const sample: Sample = {
      lines: made.lines
        .map(({ materialId, jarId = jarOf(materialId), really }) => ({
          material: find(materialId)!,
          ...(jarId === undefined ? {} : { jarId }),
          mass: really,
        }))
        .filter(({ material }) => material !== undefined),
      liquid,
      liquidG: pouredG(then.pouredMl, liquid.densityGPerMl),
      minutes: Math.max(0, (atMs - wetMs) / 60_000),
      tempC: question.kitchenTempC,
    };
    return { eventId, atMs, reading, judged: evidenceOf(sample, reading) };
  });
}

/** A powder tested by itself: so much of a jar, so much water. */
export interface JarTest {
  readonly amount: number;
  readonly unit: Unit;
  readonly fill: Fill;
  readonly waterMl: number;
  readonly minutes: number;
  readonly tempC: number;
  readonly reading: Reading;
}

/**
 * Every problem with a test of one powder and water, with paths below `field`.
 * @param material the jar's, as the tables have it
 */
export function checkJarTest(test: JarTest, material: Material, field = ""): Problem[] {
  const at = (name: string) => (field ? `${field}.${name}` : name);
  return [
    ...(material.holding.kind === "perGram" ? [] : [{ field: at("amount"), code: "unitNotForThis" } as const]),
    ...checkAmount(test, "test", material.id, (id) => (id === material.id ? material : undefined)).map((problem) => ({
      ...problem,
      field: at(problem.field.replace(/^test\./, "")),
    })),
    ...(
      [
        ["waterMl", "liquidMl"],
        ["minutes", "soakedMin"],
        ["tempC", "kitchenTempC"],
      ] as const
    ).flatMap(([name, limit]) => checkNumber(at(name), test[name], limit) ?? []),
    ...checkReading(test.reading)
      .filter(({ code }) => !OUT_OF_REACH.includes(code))
      .map((problem) => ({ ...problem, field: at(`reading.${problem.field}`) })),
  ];
}

/**
 * What a test of one powder and water says of its jar.
 * @param material as the jar has it, for its spoons
 * @param base     as the tables have it, for its holding
 */
export function jarReading(test: JarTest, jarId: string, material: Material, base: Material, spoons: Spoons): Judged {
  const mass = massG(material, test.amount, test.unit, test.fill, spoons);
  if (!mass) return { learns: false, why: "noJar" };
  const liquid = liquidOf({ liquid: { materialId: "water", tempC: test.tempC } });
  return evidenceOf(
    {
      lines: [{ material: base, jarId, mass }],
      liquid,
      liquidG: pouredG(test.waterMl, liquid.densityGPerMl),
      minutes: test.minutes,
      tempC: test.tempC,
    },
    test.reading,
  );
}
