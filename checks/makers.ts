import "@/core/catalogue";
import { normals, seeded } from "@/core/figure";
import { PLAIN_HEAD } from "@/core/head";
import { evidenceOf, tablesSay, type Judged } from "@/core/readings";
import { learn } from "@/core/learn";
import { findMaterial, massG } from "@/core/material";
import { computePaste, liquidOf, type Blend, type PasteQuestion } from "@/core/paste";
import { checkReading, expectedReading, METHOD, reachOf, type Reading } from "@/core/reading";
import { questionOn, type Jar, type Shelf } from "@/core/shelf";
import { soakedShare } from "@/core/rest";

/**
 * Makers who are not the model: each has a powder of its own holding, and a physics that the application does not know,
 * written here from scratch: **another yield law** (see `ownYieldPa`), its constants each their own, another solids
 * density and moisture, spoons that are all off to one side, a ring or plate that reads off. Nothing of this is drawn
 * from the application's own prior: holdings are spread evenly in ln over a wider range than the tables', the rest is
 * uniform. The law's middle is set so that 100 g in 320 ml stand at 40 Pa, as practice has it; it is calibrated.
 */
export interface Maker {
  readonly holding: number;
  readonly phiMax: number;
  /** Below this share there is no yield stress at all. */
  readonly phiPercolates: number;
  /** Pa; how strongly the grains hold to one another. */
  readonly bondPa: number;
  readonly moisture: number;
  readonly solidsDensity: number;
  readonly spoonBias: number;
  readonly methodBias: number;
}
export type Dosing = "scale" | "spoon";

export interface Row {
  readonly dosing: Dosing;
  readonly tests: number;
  readonly held: number;
  readonly width: number;
  readonly makers: number;
}

const JAR: Jar = {
  id: "0198f000-0000-7000-8000-000000000001",
  materialId: "henna",
  name: "henna",
  fullG: 5000,
  leftG: 5000,
  madeHere: false,
  weighings: [],
};
const HENNA = findMaterial("henna")!;
const RING_MM = 50;
const DROP_ML = 15;

/** 100 g or so of henna by the scale, or as many level tablespoons, made up for a thick cream. */
const blendFor = (dosing: Dosing): Blend => ({
  purpose: "dyePacked",
  sizing: "asGiven",
  kitchenTempC: 21,
  restMin: 60,
  lines: [
    {
      materialId: "henna",
      role: "part",
      amount: dosing === "scale" ? 100 : 14,
      unit: dosing === "scale" ? "g" : "tbsp",
      fill: "level",
    },
  ],
  liquid: { materialId: "water", tempC: 40 },
  target: { yieldPa: 40 },
});

export function makerOf(seed: number): Maker {
  const random = seeded(seed);
  const between = (low: number, high: number) => low + (high - low) * random();
  return {
    // Wider than the tables' 1.25–1.9 on both sides.
    holding: Math.exp(between(Math.log(1.24), Math.log(1.94))),
    phiMax: between(0.615, 0.665),
    phiPercolates: between(0.15, 0.25),
    bondPa: Math.exp(between(Math.log(20), Math.log(52))),
    moisture: between(0.06, 0.1),
    solidsDensity: between(1.38, 1.62),
    spoonBias: between(0.88, 1.12),
    methodBias: Math.exp(between(-0.15, 0.15)),
  };
}

/**
 * Yield stress of grains that touch: m φ (φ − φ₀)² / (φm (φm − φ)), none below φ₀, endless at φm.
 * @source the form of Flatt & Bowen 2006, J. Am. Ceram. Soc. 89:1244 (from memory); not what the application uses
 */
function ownYieldPa(phi: number, { phiMax, phiPercolates, bondPa }: Maker): number | undefined {
  if (phi >= phiMax) return undefined;
  const over = Math.max(0, phi - phiPercolates);
  return (bondPa * phi * over * over) / (phiMax * (phiMax - phi));
}

/** The maker's own bowl of powder and water, by volumes. Undefined where it is still dry. */
function trueYieldPa(maker: Maker, grams: number, ml: number, soaked: number): number | undefined {
  const solidsMl = (grams * (1 - maker.moisture)) / maker.solidsDensity;
  const waterMl = grams * maker.moisture + ml;
  const heldMl = grams * maker.holding * soaked;
  return waterMl <= heldMl ? undefined : ownYieldPa((solidsMl + heldMl) / (solidsMl + waterMl), maker);
}

/** The ml that really give the target, by bisection on the maker's own bowl. */
function trueMl(maker: Maker, grams: number, targetPa: number, soaked: number): number {
  let [low, high] = [0, 2000];
  for (let i = 0; i < 60; i++) {
    const ml = (low + high) / 2;
    const pa = trueYieldPa(maker, grams, ml, soaked);
    if (pa === undefined || pa > targetPa) low = ml;
    else high = ml;
  }
  return (low + high) / 2;
}

/**
 * Runs makers through tests, each at the bowl that the application told them to make, and looks at the next bowl's
 * band.
 */
export function runMakers(count: number, dosing: Dosing, atTests: readonly number[]): Row[] {
  const held = new Map<number, { hits: number; width: number }>(atTests.map((n) => [n, { hits: 0, width: 0 }]));
  for (let m = 0; m < count; m++) {
    const maker = makerOf(1000 + m);
    const random = seeded(9_000_000 + m);
    const normal = normals(random);
    const readings: { id: string; judged: Judged }[] = [];
    const blend = blendFor(dosing);
    for (let n = 0; n <= Math.max(...atTests); n++) {
      const { learnt } = learn(readings, () => tablesSay(HENNA));
      const shelf: Shelf = { own: [], jars: [JAR], learnt };
      const question: PasteQuestion = questionOn(blend, PLAIN_HEAD, "metric", shelf);
      const answer = computePaste(question);
      if (!answer.ok || answer.value.liquid.state !== "solved") throw new Error("expected a solved liquid");
      const band = answer.value.liquid.ml;
      const said = answer.value.lines[0].massG.mid;
      const grams = () => (dosing === "scale" ? said + normal() * 0.5 : said * maker.spoonBias * (1 + 0.05 * normal()));
      const soaked = soakedShare(HENNA, 60, 21);
      const found = held.get(n);
      if (found) {
        const ml = trueMl(maker, grams(), 40, soaked);
        found.hits += ml >= band.low && ml <= band.high ? 1 : 0;
        found.width += (band.high - band.low) / band.mid;
      }
      // This bowl is made as told, and tested after its hour.
      const reallyG = grams();
      const reading = readOff(trueYieldPa(maker, reallyG, band.mid, soaked), maker, normal);
      if (!reading) continue;
      const line = question.lines[0];
      const mass = massG(HENNA, line.amount, line.unit, line.fill, "metric")!;
      readings.push({
        id: String(n),
        judged: evidenceOf(
          {
            lines: [{ material: HENNA, jarId: JAR.id, mass }],
            liquid: liquidOf(question),
            liquidG: { value: band.mid, low: band.mid - 3, high: band.mid + 3 },
            minutes: 60,
            tempC: 21,
          },
          reading,
        ),
      });
    }
  }
  return atTests.map((tests) => {
    const { hits, width } = held.get(tests)!;
    return { dosing, tests, held: hits / count, width: width / count, makers: count };
  });
}

/** What the maker reads: the ring where it reaches, else the plate, else nothing. Read to about 1.2 mm. */
function readOff(yieldPa: number | undefined, maker: Maker, normal: () => number): Reading | undefined {
  if (yieldPa === undefined) return undefined;
  const seen = yieldPa / maker.methodBias / METHOD.value;
  const ring = reachOf({ by: "ring", heightMm: RING_MM });
  const reading: Reading =
    seen >= ring.fromPa && seen <= ring.toPa
      ? {
          by: "ring",
          heightMm: RING_MM,
          slumpMm: Math.max(0, expectedReading.ringSlumpMm(seen, 1.1, RING_MM) + 1.2 * normal()),
        }
      : plate(expectedReading.plateAcrossMm(seen, DROP_ML * (1 + 0.05 * normal()), 1.1));
  return checkReading(reading).length === 0 ? reading : undefined;

  function plate(across: number): Reading {
    return {
      by: "plate",
      volumeMl: DROP_ML,
      acrossMm: Math.max(5, across + 1.2 * normal()),
      alongMm: Math.max(5, across + 1.2 * normal()),
    };
  }
}

export const LEARNING_TESTS = [0, 1, 3, 10];
const percent = (share: number): string => `${Math.round(share * 100)} %`;

/** The table for `docs/learning.md`. */
export const allMakers = (): Row[] =>
  (["scale", "spoon"] as const).flatMap((dosing) => runMakers(500, dosing, LEARNING_TESTS));

export function learningDocument(rows: readonly Row[] = allMakers()): string {
  return [
    "# How a jar is learnt",
    "",
    `Made by \`./run openapi\` from \`checks/makers.ts\`, checked in \`checks/learning.test.ts\`. ` +
      `${rows[0].makers} simulated makers whose paste does not follow our model: it has another yield law, in code` +
      " of its own, set so that 100 g of henna in about 320 ml stand as practice has them (calibrated, and no check" +
      " of that amount);",
    "the powder's holding is anywhere between 1.24 and 1.94 ml/g (our tables say 1.55, 1.25–1.9), the share at" +
      " which it jams between 0.615 and 0.665, its bonds between 20 and 52 Pa, moisture between 6 and 10 %,",
    "solids between 1.38 and 1.62 g/ml, level spoons all up to 12 % too big or too small, ring and plate up to 15" +
      " % off all the time, and read to a millimetre or so.",
    "Each makes the bowl that Infusing asks for (henna, 40 Pa), tests it after an hour, and asks for the next.",
    "",
    "“Held” is how often the next bowl's 90 % band held the ml that this maker's powder really takes; aimed at" +
      " 85–95 %. “Width” is the band over its middle.",
    "",
    "| measured by | tests | held | width of the band |",
    "|---|---|---|---|",
    ...rows.map(
      ({ dosing, tests, held, width }) =>
        `| ${dosing === "scale" ? "a scale" : "level spoons"} | ${tests} | ${percent(held)} | ${percent(width)} |`,
    ),
    "",
  ].join("\n");
}
