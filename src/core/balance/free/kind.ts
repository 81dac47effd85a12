import { type Amounts, type Bowl } from "../bowl";
import { type Sums } from "../figures";

/** One thing that the target may decide, at the middle figures and for any others. */
export interface FreeKind {
  /** How much goes in of everything, with the liquid that is given. */
  readonly amounts: (bowl: Bowl, givenG: number, line: number) => Amounts;
  /** For figures as they fall: fills in what is free and the grams of the whole; NaN where no amount does it. */
  readonly drawn: (sums: Sums, phi: number, out: Float64Array) => void;
}
