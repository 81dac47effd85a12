import { PASTE_DENSITY } from "../flow";
import { checkNumber } from "../checkNumber";
import { estimate, propagate, type Band, type Uncertain } from "../figure";
import { ok, refuse, type Problem, type ProblemCode, type Result } from "../problem";
import {
  ballRadiusMm,
  plateRadiusMm,
  plateYieldPa,
  PLATE_LEAST_SHEET_MM,
  PLATE_LEAST_SPREAD,
  spreadOf,
  thinPlateYieldPa,
} from "./plate";
import { RING_TRUSTED, ringYieldPa, slumpShare } from "./ring";

/** What was read off a ring or a plate. Lengths in mm; the drop on the plate in ml, read twice, across and along. */
export type Reading =
  | { readonly by: "ring"; readonly heightMm: number; readonly slumpMm: number }
  | { readonly by: "plate"; readonly volumeMl: number; readonly acrossMm: number; readonly alongMm: number };

export interface Read {
  readonly yieldPa: Band;
}

/** A rule is read to 2 mm. */
const READ_MM = 2;
/** A ring's own height is known to 1 mm. */
const RING_MM = 1;
/** What stays on the spoon. Estimate. */
const DROP = 0.08;
/** Ring and plate assume different flow rules and agree within a quarter: each may be off by half of that. Estimate. */
export const METHOD = estimate(1, 0.87, 1.15, "ring and plate differ by up to a quarter where both hold");

/** What says that a test was fair and cannot be read there; the other test, a taller ring or a bigger drop can. */
export const OUT_OF_REACH: readonly ProblemCode[] = [
  "tooStiffForRing",
  "tooThinForRing",
  "tooStiffForPlate",
  "tooThinForPlate",
];

/** Every problem with a reading: what cannot be, and what lies outside the reach of the test. */
export function checkReading(reading: Reading, densityGPerMl = PASTE_DENSITY.value): Problem[] {
  if (reading.by === "ring") {
    const { heightMm, slumpMm } = reading;
    const found = [checkNumber("heightMm", heightMm, "ringMm"), checkNumber("slumpMm", slumpMm, "slumpMm")].filter(
      (problem) => problem !== undefined,
    );
    if (found.length > 0) return found;
    if (slumpMm >= heightMm) return [{ field: "slumpMm", code: "slumpTallerThanRing", detail: { height: heightMm } }];
    const share = slumpMm / heightMm;
    if (share < RING_TRUSTED.least)
      return [{ field: "slumpMm", code: "tooStiffForRing", detail: { height: Math.min(100, heightMm * 2) } }];
    return share > RING_TRUSTED.most ? [{ field: "slumpMm", code: "tooThinForRing" }] : [];
  }
  if (reading.by !== "plate") return [{ field: "by", code: "unknownChoice", detail: { among: "ring, plate" } }];
  const { volumeMl, acrossMm, alongMm } = reading;
  const found = [
    checkNumber("volumeMl", volumeMl, "dropMl"),
    checkNumber("acrossMm", acrossMm, "acrossMm"),
    checkNumber("alongMm", alongMm, "acrossMm"),
  ].filter((problem) => problem !== undefined);
  if (found.length > 0) return found;
  const ball = 2 * ballRadiusMm(volumeMl);
  const narrow = (
    [
      ["acrossMm", acrossMm],
      ["alongMm", alongMm],
    ] as const
  ).find(([, mm]) => mm < ball);
  if (narrow) return [{ field: narrow[0], code: "narrowerThanDrop", detail: { least: Math.ceil(ball) } }];
  const radius = (acrossMm + alongMm) / 4;
  if (spreadOf(volumeMl, radius) < PLATE_LEAST_SPREAD) return [{ field: "acrossMm", code: "tooStiffForPlate" }];
  const sheetMm = (volumeMl * 1000) / (Math.PI * radius * radius);
  const runs = plateYieldPa(volumeMl, radius, densityGPerMl);
  return sheetMm < PLATE_LEAST_SHEET_MM
    ? [{ field: "acrossMm", code: "tooThinForPlate", detail: { under: Math.max(1, Math.ceil(runs)) } }]
    : [];
}

/**
 * A reading as a yield stress with its band: the rule, the ring or the drop, the paste's weight, the method itself and,
 * on the plate, how far the two directions lie apart and half of what the correction for thick drops takes off.
 * @param density g/ml of the paste with its range
 * @returns Pa, or what cannot be or lies outside the test's reach
 */
export function readYield(reading: Reading, density: Uncertain): Result<Read> {
  const problems = checkReading(reading, density.value);
  if (problems.length > 0) return refuse(...problems);
  const around = (value: number, half: number, least = 0): Uncertain => ({
    value,
    low: Math.max(least, value - half),
    high: value + half,
  });
  const [band] =
    reading.by === "ring"
      ? propagate(
          [around(reading.heightMm, RING_MM, 1), around(reading.slumpMm, READ_MM, 0.1), density, METHOD],
          1,
          ([height, slump, rho, method], out) => {
            out[0] = slump < height ? ringYieldPa(slump / height, rho, height) * method : NaN;
          },
        )
      : propagate(
          [...drop(reading), density, METHOD, { value: 0, low: -0.5, high: 0.5 }],
          1,
          ([volume, across, rho, method, half], out) => {
            const thick = plateYieldPa(volume, across / 2, rho);
            out[0] = Math.max(0, thick + half * (thinPlateYieldPa(volume, across / 2, rho) - thick)) * method;
          },
        );
  const low = Math.max(band.low, band.mid / 20);
  return ok({ yieldPa: { ...band, low } });

  function drop({ volumeMl, acrossMm, alongMm }: Extract<Reading, { by: "plate" }>): Uncertain[] {
    const mean = (acrossMm + alongMm) / 2;
    const half = Math.max(READ_MM / Math.SQRT2, Math.abs(acrossMm - alongMm) / 2);
    return [around(volumeMl, DROP * volumeMl), around(mean, half)];
  }
}

/** What a test of this paste would show: the other way round, for pictures and for practice. mm. */
export const expectedReading = {
  ringSlumpMm: (yieldPa: number, densityGPerMl: number, heightMm: number): number =>
    slumpShare(yieldPa, densityGPerMl, heightMm) * heightMm,
  plateAcrossMm: (yieldPa: number, volumeMl: number, densityGPerMl: number): number =>
    2 * plateRadiusMm(yieldPa, volumeMl, densityGPerMl),
};

/** Pa between which each test can be read, for a ring of this height or a drop of this volume. */
export function reachOf(
  test: { readonly by: "ring"; readonly heightMm: number } | { readonly by: "plate"; readonly volumeMl: number },
  densityGPerMl = PASTE_DENSITY.value,
): { readonly fromPa: number; readonly toPa: number } {
  if (test.by === "ring")
    return {
      fromPa: ringYieldPa(RING_TRUSTED.most, densityGPerMl, test.heightMm),
      toPa: ringYieldPa(RING_TRUSTED.least, densityGPerMl, test.heightMm),
    };
  const stiffest = Math.cbrt((PLATE_LEAST_SPREAD * test.volumeMl * 1000) / Math.PI);
  const thinnest = Math.sqrt((test.volumeMl * 1000) / (Math.PI * PLATE_LEAST_SHEET_MM));
  return {
    fromPa: plateYieldPa(test.volumeMl, thinnest, densityGPerMl),
    toPa: plateYieldPa(test.volumeMl, stiffest, densityGPerMl),
  };
}
