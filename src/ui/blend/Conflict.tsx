"use client";
import type { Blend } from "@/core/paste";
import { blendSides } from "@/words/sides";
import { Sides, type SidesProps } from "../forms/Sides";

type Side = { readonly name: string; readonly blend: Blend };
export interface ConflictProps extends Omit<SidesProps, "rows"> {
  readonly theirs: Side;
  readonly mine: Side;
}

/** Somebody saved it in between: both, beside each other. */
export const Conflict = ({ theirs, mine, ...presses }: ConflictProps) => (
  <Sides rows={blendSides(theirs, mine)} {...presses} />
);
