import type { Gauge, MakingPayload } from "@/core/making";
import { kitchenNumber } from "../amounts";
import { MAKING_STEP_NAME } from "./steps";

export const GAUGE_NAME: Readonly<Record<Gauge, string>> = {
  levelMm: "Level on a stick, mm",
  weightG: "On the scale, pot and all, g",
  tempC: "Thermometer, °C",
};
/** "the stick says 84 mm": something read off, as the history has it. */
const GAUGE_SAYS: Readonly<Record<Gauge, (value: string) => string>> = {
  levelMm: (value) => `the stick says ${value} mm`,
  weightG: (value) => `the scale says ${value} g`,
  tempC: (value) => `the thermometer says ${value} °C`,
};
/** One event of a making in words; undefined for what is about another event. */
export function makingEventWords(payload: MakingPayload): string | undefined {
  switch (payload.kind) {
    case "stepDone":
      return `${MAKING_STEP_NAME[payload.step].toLowerCase()}: ${payload.done ? "done" : "not done after all"}`;
    case "gaugeRead":
      return GAUGE_SAYS[payload.gauge](kitchenNumber(payload.value));
    case "noted":
      return payload.text ? `“${payload.text}”` : "a note, erased";
    case "closed":
      return "given up";
    case "reopened":
      return "taken up again";
    case "withdrawn":
    case "dated":
      return undefined;
  }
}
