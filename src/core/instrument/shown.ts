import { LIMITS } from "../limits";

/** What stands in a kitchen and is read: what it shows, in which unit, and how far it may say so. */
export const INSTRUMENTS = {
  scale: { unit: "g", least: -30_000, most: LIMITS.weightG.max, stillBy: 1, anotherFrom: 2 },
  probe: { unit: "C", least: -50, most: LIMITS.gaugeC.max, stillBy: 0.5, anotherFrom: 1 },
} as const;
export type InstrumentId = keyof typeof INSTRUMENTS;
export const INSTRUMENT_IDS = Object.keys(INSTRUMENTS) as readonly InstrumentId[];

/** What an instrument shows at a moment. */
export interface Shown {
  readonly value: number;
  /** It stands still, as the instrument itself has it. */
  readonly stable: boolean;
}

/**
 * One message of an instrument, as text. Undefined for whatever is no reading of this instrument: nonsense, another
 * unit, or more than any such thing shows.
 * @source docs/instruments.md
 */
export function readShown(id: InstrumentId, text: string): Shown | undefined {
  let said: unknown;
  try {
    said = JSON.parse(text);
  } catch {
    return undefined;
  }
  if (typeof said !== "object" || said === null) return undefined;
  const { value, unit, stable } = said as Record<string, unknown>;
  const { unit: wanted, least, most } = INSTRUMENTS[id];
  if (unit !== wanted || typeof stable !== "boolean") return undefined;
  if (typeof value !== "number" || !(value >= least && value <= most)) return undefined;
  return { value, stable };
}
