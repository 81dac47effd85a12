import { coverage, type Head } from "../head";
import { LIMITS } from "../limits";
import type { Unit } from "../measure";
import { appliedAs } from "./applied";
import type { Blend } from "./blend";

/** As a kitchen measures: pieces by halves, whole drops, three digits of the rest. */
export function tidyAmount(amount: number, unit: Unit): number {
  if (unit === "piece") return Math.max(0.5, Math.round(amount * 2) / 2);
  return unit === "drop" ? Math.max(LIMITS.dropCount.min, Math.round(amount)) : Number(amount.toPrecision(3));
}

/**
 * The same recipe for another amount of paste: fixed things go along in proportion (pieces to the half, the rest to
 * three digits), parts need no change since they are scaled anyway. A fixed amount of liquid is solved anew, unless
 * something else is solved from it.
 * @param factor wanted paste over the paste it was written for, > 0
 */
export function scaleBlend(blend: Blend, factor: number): Blend {
  const { amountMl, ...bare } = blend.liquid;
  // Where something else is solved for, the liquid is what it is solved from.
  const pinned =
    amountMl !== undefined && (blend.sizing === "forLiquid" || blend.lines.some(({ role }) => role === "solved"));
  return {
    ...blend,
    liquid: pinned ? { ...bare, amountMl: tidyAmount(amountMl * factor, "ml") } : bare,
    lines: blend.lines.map((line) =>
      line.role === "fixed" || blend.sizing === "asGiven"
        ? { ...line, amount: tidyAmount(line.amount * factor, line.unit) }
        : line,
    ),
  };
}

/** A blend for a head: on the head it was written for as it stands, on another scaled by what the two heads take. */
export function blendForHead(blend: Blend, own: Head | undefined, head: Head): Blend {
  if (!own) return blend;
  const takes = (whose: Head) => coverage(whose, blend.purpose, blend.roots, appliedAs(blend)).pasteG.mid;
  const factor = takes(head) / takes(own);
  return Math.abs(factor - 1) < 1e-9 ? blend : scaleBlend(blend, factor);
}
