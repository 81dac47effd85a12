import { checkChoice } from "../checkChoice";
import { LIMITS } from "../limits";
import type { Lookup, Phase } from "../material";
import type { Problem } from "../problem";

/** What of the plan is in the bowl by an event: one of its lines, all of a phase, or everything. */
export type InByThen = { readonly line: number } | { readonly phase: Phase } | "everything";

/** What of a bowl an event's kind writes, while the bowl is being folded. */
export type Making<S> = {
  -readonly [K in keyof S]: S[K] extends readonly (infer T)[]
    ? T[]
    : S[K] extends object
      ? { -readonly [L in keyof S[K]]: S[K][L] }
      : S[K];
};

/** The event that happened, beside what it says. */
export interface Happened {
  readonly eventId: string;
  /** By the last word on when it was, ms since the epoch. */
  readonly atMs: number;
}

/**
 * One kind of event of a bowl: everything that the house does with it, but the words for it. `P` is what it says, a
 * written interface, since the API's schema is made from it; `S` is what of the bowl it writes and reads.
 */
export interface EventKind<P extends { readonly kind: string }, S> {
  readonly kind: P["kind"];
  /** What it says beside its kind; anything more is refused, since events are kept for good. */
  readonly fields: readonly Exclude<Names<P>, "kind">[];
  /** Every problem with it, of an unknown client; their fields begin with `field`. */
  readonly check: (payload: P, field: string, find: Lookup) => Problem[];
  /** Writes it into the bowl; left out by kinds that are about other events, which the fold minds itself. */
  readonly apply?: (bowl: Making<S>, payload: P, event: Happened) => void;
  /** What of the plan it says is in; it is drawn off the shelf then. */
  readonly saysIn?: (payload: P, bowl: S) => InByThen | undefined;
  /** Liquid that it pours, ml. */
  readonly poursMl?: (payload: P) => number;
  /** It can change what the bowl took off the shelf. */
  readonly movesStock?: true;
  /** It can change the terms that the log is searched by. */
  readonly searched?: true;
  /** Where it is about another event: what it changes counts whenever it came. */
  readonly aboutEvent?: true;
}
type Names<P> = P extends unknown ? keyof P : never;

/** Writes a kind down; its types are held together here. */
export const define = <P extends { readonly kind: string }, S = object>(kind: EventKind<P, S>): EventKind<P, S> => kind;

/** The problem with a value that should be one of a list, as a list. */
export const among = (field: string, value: unknown, list: readonly unknown[]): Problem[] => {
  const problem = checkChoice(field, value, list);
  return problem ? [problem] : [];
};

/** Index of a line of the plan. */
export const checkLine = (line: number, field: string): Problem[] =>
  Number.isInteger(line) && line >= 0 && line < LIMITS.lineCount.max ? [] : [{ field, code: "unknownChoice" }];
