import type { KnownOfDye } from "@/core/material";
import { WEAK } from "@/core/rest";

/** From here on a pace is worth a word. */
const APART = 1.08;

/** What dabs said of a bowl, and what to do with weak powder. */
export function dabLine({ pace, strength }: KnownOfDye): string {
  const goes =
    pace.value > APART
      ? "It goes faster than most."
      : pace.value < 1 / APART
        ? "It goes slower than most."
        : "It goes about like most.";
  if (strength.high < WEAK || strength.value < WEAK)
    return (
      `${goes} The powder seems weak, as old powder is: about ${Math.round(strength.value * 20) * 5} % of the usual` +
      " stain. More powder in the same bowl does not help; longer on does, and a second round, or a fresher bag."
    );
  return strength.value > 1.15 ? `${goes} It stains more than most.` : goes;
}
