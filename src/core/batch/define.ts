import type { EventKind } from "../happening";
import { LIMITS } from "../limits";
import type { Lookup, Phase } from "../material";
import type { Problem } from "../problem";

/** What of the plan is in the bowl by an event: one of its lines, all of a phase, or everything. */
export type InByThen = { readonly line: number } | { readonly phase: Phase } | "everything";

/** One kind of event of a bowl: a kind, and what it does to the bowl's jars and to the log. */
export interface BowlEventKind<P extends { readonly kind: string }, S> extends EventKind<P, S, Lookup> {
  /** What of the plan it says is in; it is drawn off the shelf then. */
  readonly saysIn?: (payload: P, bowl: S) => InByThen | undefined;
  /** Liquid that it pours, ml. */
  readonly poursMl?: (payload: P) => number;
  /** It can change what the bowl took off the shelf. */
  readonly movesStock?: true;
  /** It can change the terms that the log is searched by. */
  readonly searched?: true;
}

/** Writes a kind down; its types are held together here. */
export const define = <P extends { readonly kind: string }, S = object>(
  kind: BowlEventKind<P, S>,
): BowlEventKind<P, S> => kind;

/** Index of a line of the plan. */
export const checkLine = (line: number, field: string): Problem[] =>
  Number.isInteger(line) && line >= 0 && line < LIMITS.lineCount.max ? [] : [{ field, code: "unknownChoice" }];
