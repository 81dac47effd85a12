import { leavesSpoon, SPOON_PA, type Consistency } from "@/core/paste";

/** What hangs from the spoon, in picture units; each is monotone in the yield stress. */
export interface SpoonShape {
  readonly kind: "crumbs" | "drip" | "ribbon" | "peak";
  /** Width of what leaves the spoon; thicker pastes leave it wider and break off later. */
  readonly ribbonWidth: number;
  /** How far it falls below the spoon: the whole way while it runs, nothing when it stands. */
  readonly fall: number;
  /** Height of the peak that stands where the spoon was. */
  readonly peak: number;
}

const log = (yieldPa: number) => Math.log10(Math.max(0.1, yieldPa));
const clamp01 = (value: number) => Math.min(1, Math.max(0, value));

/** The shape for a consistency. A dry bowl has no number, and shows crumbs. */
export function spoonShape(consistency: Consistency): SpoonShape {
  if (consistency.state === "dry") return { kind: "crumbs", ribbonWidth: 0, fall: 0, peak: 0 };
  const { yieldPa } = consistency;
  const ribbonWidth = 3 + 27 * clamp01((log(yieldPa) + 1) / 3.4);
  const fall = 1 - clamp01((log(yieldPa) - Math.log10(25)) / (Math.log10(180) - Math.log10(25)));
  const flat = Math.log10(SPOON_PA.ribbon);
  const peak = 44 * clamp01((log(yieldPa) - flat) / (Math.log10(400) - flat));
  return { kind: leavesSpoon(yieldPa), ribbonWidth, fall, peak };
}
