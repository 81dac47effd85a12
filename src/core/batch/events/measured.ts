import type { Fill, Unit } from "../../measure";
import { checkAmount } from "../../paste";
import { checkLine, define } from "../define";

/** An amount as it was measured out. */
export interface Measured {
  readonly amount: number;
  readonly unit: Unit;
  readonly fill: Fill;
}

/** What really went in of a planned line, all in all. */
export interface MeasuredLine extends Measured {
  readonly kind: "measured";
  readonly line: number;
}
export interface MeasuredState {
  /**
   * What really went in of planned lines, by line. A later measure takes the place of an earlier one and of its heaped
   * spoons.
   */
  readonly measured: Readonly<Record<string, Measured>>;
}

export const measured = define<MeasuredLine, MeasuredState & HeapedLines>({
  kind: "measured",
  fields: ["line", "amount", "unit", "fill"],
  movesStock: true,
  saysIn: ({ line }) => ({ line }),
  check: (payload, field) => [...checkLine(payload.line, `${field}.line`), ...checkAmount(payload, field)],
  apply: (bowl, { line, amount, unit, fill }) => {
    bowl.measured[line] = { amount, unit, fill };
    bowl.heaped = bowl.heaped.filter((spoon) => spoon.line !== line);
  },
});
interface HeapedLines {
  readonly heaped: readonly { readonly line: number }[];
}
