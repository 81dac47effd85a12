import { checkChoice } from "../checkChoice";
import type { Problem } from "../problem";

/** What an event's kind writes of a state, while it is being folded. */
export type Folding<S> = {
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
 * One kind of event: everything that the house does with it, but the words for it. `P` is what it says, a written
 * interface, since the API's schema is made from it; `S` is what of the state it writes and reads; `C` is what it is
 * checked against.
 */
export interface EventKind<P extends { readonly kind: string }, S, C = never> {
  readonly kind: P["kind"];
  /** What it says beside its kind; anything more is refused, since events are kept for good. */
  readonly fields: readonly Exclude<Names<P>, "kind">[];
  /** Every problem with it, of an unknown client; their fields begin with `field`. */
  readonly check: (payload: P, field: string, against: C) => Problem[];
  /** Writes it into the state; left out by kinds that are about other events, which the fold minds itself. */
  readonly apply?: (state: Folding<S>, payload: P, event: Happened) => void;
  /** Where it is about another event: what it changes counts whenever it came. */
  readonly aboutEvent?: true;
}
type Names<P> = P extends unknown ? keyof P : never;

/** Writes a kind down; its types are held together here. */
export const defineKind = <P extends { readonly kind: string }, S = object>(
  kind: EventKind<P, S, unknown>,
): EventKind<P, S, unknown> => kind;

/** The problem with a value that should be one of a list, as a list. */
export const among = (field: string, value: unknown, list: readonly unknown[]): Problem[] => {
  const problem = checkChoice(field, value, list);
  return problem ? [problem] : [];
};

/** Every problem with a payload of an unknown client, by the kinds that there are. */
export function checkKinds<P extends { readonly kind: string }, C>(
  kinds: ReadonlyMap<string, Pick<EventKind<P, never, C>, "fields" | "check">>,
  payload: P,
  field: string,
  against: C,
): Problem[] {
  const known = kinds.get(payload.kind);
  if (!known) return among(`${field}.kind`, payload.kind, [...kinds.keys()]);
  const { fields, check } = known;
  const strange = Object.keys(payload).find((key) => key !== "kind" && !(fields as readonly string[]).includes(key));
  return strange === undefined
    ? check(payload, field, against)
    : [{ field: `${field}.${strange}`, code: "unknownField" }];
}
