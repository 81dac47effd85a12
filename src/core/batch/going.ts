import type { RestWindow } from "./restWindow";

/** One thing on the ribbon: what it is, whose, and when it matters. */
export interface Going {
  readonly batchId: string;
  readonly blendName: string;
  readonly headName: string;
  readonly stage: "planned" | "mixing" | "resting" | "onHead" | "rinsed";
  readonly startsMs: number;
  readonly window?: RestWindow;
  /** While it is on the head: since when, and when it may come off. */
  readonly onHeadMs?: number;
  readonly rinseMs?: number;
  /** Of a dye that is rinsed out: when. */
  readonly dyedMs?: number;
  readonly colour: readonly [number, number, number];
}
