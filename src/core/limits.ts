/** Every allowed range, once: forms, inputs and core read it. `code` units are in the names. */
export interface Limit {
  readonly min: number;
  readonly max: number;
}

export const LIMITS = {
  amountG: { min: 0.01, max: 2000 },
  amountMl: { min: 0.01, max: 2000 },
  spoonCount: { min: 0.01, max: 200 },
  pieceCount: { min: 0.1, max: 24 },
  dropCount: { min: 1, max: 400 },
  lineCount: { min: 1, max: 40 },
  jarG: { min: 0.1, max: 20_000 },
  jarLeftG: { min: 0, max: 20_000 },
  price: { min: 0, max: 10_000 },
  weighedSpoons: { min: 0.25, max: 20 },
  teaspoonMl: { min: 2, max: 9 },
  tablespoonMl: { min: 9, max: 30 },
  cupMl: { min: 100, max: 400 },
  kitchenTempC: { min: 0, max: 45 },
  liquidTempC: { min: 0, max: 100 },
  liquidMl: { min: 0, max: 5000 },
  /** Where a bowl can stand. */
  standsC: { min: -30, max: 60 },
  hoursOn: { min: 0.1, max: 24 },
  restMin: { min: 0, max: 2880 },
  targetYieldPa: { min: 2, max: 400 },
  longestCm: { min: 1, max: 200 },
  ponytailCm: { min: 2, max: 25 },
  greyShare: { min: 0, max: 1 },
  baseLevel: { min: 1, max: 10 },
  treatedCount: { min: 0, max: 12 },
  rootShare: { min: 0.05, max: 1 },
  rootMonths: { min: 0.5, max: 24 },
  pouredMl: { min: 0, max: 5000 },
  ringMm: { min: 20, max: 150 },
  slumpMm: { min: 0, max: 150 },
  dropMl: { min: 4, max: 100 },
  acrossMm: { min: 5, max: 500 },
  holdingFactor: { min: 0.4, max: 2.5 },
  soakedMin: { min: 0, max: 1440 },
  secondShare: { min: 0.01, max: 0.99 },
  brewMl: { min: 20, max: 5000 },
  brewMin: { min: 0.5, max: 4320 },
  potCm: { min: 8, max: 40 },
  oilHours: { min: 0.1, max: 1500 },
  hangHours: { min: 0.25, max: 48 },
  waterMl: { min: 0, max: 5000 },
  cookMin: { min: 1, max: 60 },
  yieldPercent: { min: 1, max: 100 },
  levelMm: { min: 0, max: 400 },
  weightG: { min: 0, max: 30_000 },
  /** On a stove, in a pot or an oil. */
  gaugeC: { min: -25, max: 260 },
  keepsDays: { min: 0.1, max: 3660 },
  altitudeM: { min: 0, max: 5000 },
  vesselMl: { min: 20, max: 5000 },
  /** Overdrawn, or overfilled, by many bowls; only files say it. */
  jarLedgerG: { min: -1_000_000, max: 1_000_000 },
  photoChars: { min: 1, max: 90_000 },
  nameChars: { min: 1, max: 120 },
  thingNameChars: { min: 1, max: 50 },
  useChars: { min: 0, max: 200 },
  /** A lot, a place, a day, as they are written on a jar. */
  labelChars: { min: 0, max: 60 },
  materialIdChars: { min: 1, max: 60 },
  allergyChars: { min: 1, max: 60 },
  allergyCount: { min: 0, max: 40 },
  fileNameChars: { min: 0, max: 200 },
  passwordChars: { min: 12, max: 128 },
  importBytes: { min: 0, max: 33_554_432 },
  /** Words of a notebook's line that a house remembers the meaning of. */
  saidChars: { min: 1, max: 80 },
  noteChars: { min: 0, max: 4000 },
  bodyBytes: { min: 0, max: 262144 },
} as const satisfies Record<string, Limit>;

export type LimitName = keyof typeof LIMITS;
