import type { Family, Form } from "@/core/material";

/** Outline of a vessel in a box 100 wide and 120 high, and where its inside begins and ends. */
export interface Vessel {
  readonly outline: string;
  readonly lid: string;
  readonly topY: number;
  readonly bottomY: number;
}

const JAR: Vessel = {
  outline: "M22 24 H78 Q86 28 86 38 V106 Q86 114 78 114 H22 Q14 114 14 106 V38 Q14 28 22 24 Z",
  lid: "M20 10 H80 V24 H20 Z",
  topY: 30,
  bottomY: 114,
};
const BOTTLE: Vessel = {
  outline:
    "M42 22 H58 V38 Q58 44 66 50 Q74 56 74 66 V106 Q74 114 66 114 H34 Q26 114 26 106 V66 Q26 56 34 50 Q42 44 42 38 Z",
  lid: "M41 10 H59 V22 H41 Z",
  topY: 44,
  bottomY: 114,
};
const TUB: Vessel = {
  outline: "M10 62 H90 L84 108 Q83 114 76 114 H24 Q17 114 16 108 Z",
  lid: "M7 52 H93 V62 H7 Z",
  topY: 64,
  bottomY: 114,
};
const SACK: Vessel = {
  outline: "M26 34 Q12 60 16 92 Q18 114 32 114 H68 Q82 114 84 92 Q88 60 74 34 Z",
  lid: "M30 18 Q40 28 34 34 H66 Q60 28 70 18 Q50 26 30 18 Z",
  topY: 38,
  bottomY: 114,
};

export function vesselOf(form: Form, family: Family): Vessel {
  if (form === "soft" || form === "butter") return TUB;
  if (form === "liquid" || family === "oil" || family === "essentialOil") return BOTTLE;
  return form === "whole" || form === "fresh" ? SACK : JAR;
}

/** Where the contents stand, for what is left of a full one; never above the shoulder nor below the floor. */
export const levelY = ({ topY, bottomY }: Vessel, leftG: number, fullG: number): number =>
  bottomY - (bottomY - topY) * Math.min(1, Math.max(0, fullG > 0 ? leftG / fullG : 0));

/**
 * How large a vessel is drawn, 0–1, by what it holds: volumes go with the cube, so a kilo is about twice a hundred
 * grams.
 */
export const sizeOf = (fullG: number, bulkGPerMl: number): number =>
  Math.min(1, Math.max(0.42, Math.cbrt(fullG / bulkGPerMl / 2000)));
