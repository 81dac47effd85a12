import { INSTRUMENTS, type InstrumentId } from "@/core/instrument";
import { roundTo } from "./amounts";

export const INSTRUMENT_NAME: Readonly<Record<InstrumentId, string>> = { scale: "scale", probe: "thermometer" };
const GRAIN: Readonly<Record<(typeof INSTRUMENTS)[InstrumentId]["unit"], readonly [grain: number, unit: string]>> = {
  g: [0.1, "g"],
  C: [0.1, "°C"],
};
/** "312.4 g". */
export function shownWords(id: InstrumentId, value: number): string {
  const [grain, unit] = GRAIN[INSTRUMENTS[id].unit];
  return `${roundTo(value, grain)} ${unit}`;
}
