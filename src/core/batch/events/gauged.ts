import { checkNumber } from "../../checkNumber";
import { define } from "../define";

/** How warm the bowl was, by a thermometer in it. */
export interface Gauged {
  readonly kind: "gauged";
  readonly tempC: number;
}
export interface GaugedState {
  readonly gauges: readonly { readonly tempC: number; readonly atMs: number }[];
}

export const gauged = define<Gauged, GaugedState>({
  kind: "gauged",
  fields: ["tempC"],
  check: ({ tempC }, field) =>
    [checkNumber(`${field}.tempC`, tempC, "liquidTempC")].filter((problem) => problem !== undefined),
  apply: (bowl, { tempC }, { atMs }) => {
    bowl.gauges.push({ tempC, atMs });
  },
});
