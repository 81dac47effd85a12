import { estimate, practice, type Figure } from "../figure";

/** What it is put on with, and how much of it that takes beside hands: all estimates of practice. */
export const TOOLS = ["hands", "brush", "nozzle", "spray", "poured"] as const;
export type Tool = (typeof TOOLS)[number];
interface Takes {
  readonly onScalp: Figure;
  readonly onLengths: Figure;
}
const ALL_ALIKE = practice(1, 1, 1, "the loads are of hands");
export const TOOL_TAKES: Readonly<Record<Tool, Takes>> = {
  hands: { onScalp: ALL_ALIKE, onLengths: ALL_ALIKE },
  brush: { onScalp: estimate(1.1, 1, 1.25, "a full root line"), onLengths: estimate(0.85, 0.75, 0.95, "an even coat") },
  nozzle: { onScalp: estimate(0.9, 0.75, 1, "along the partings"), onLengths: estimate(0.95, 0.85, 1.05) },
  spray: { onScalp: estimate(0.6, 0.4, 0.8, "a thin film"), onLengths: estimate(0.6, 0.4, 0.8) },
  poured: { onScalp: estimate(1.1, 0.9, 1.4), onLengths: estimate(1.3, 1.1, 1.6, "a third runs off") },
};
