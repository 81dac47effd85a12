import { momentMs } from "../text";
import type { WithdrawnState } from "./aboutEvents";
import { inOrder, type Happening } from "./event";
import type { EventKind, Folding } from "./kind";

/** Any payload, as far as the fold minds it itself. */
interface Said {
  readonly kind: string;
  readonly eventId?: string;
  readonly at?: string;
}

/**
 * Folds events, in any order and with repeats, to one state. A withdrawn event counts for nothing; withdrawing a
 * withdrawal brings it back. An event of a kind that nobody knows does nothing.
 */
export function foldEvents<P extends { readonly kind: string }, S>(
  events: readonly Happening<P>[],
  empty: Folding<S>,
  kindOf: (payload: P) => Pick<EventKind<P, S>, "apply"> | undefined,
): S & WithdrawnState {
  const unique = [...new Map(events.map((event) => [event.id, event])).values()].sort(inOrder);
  const withdrawn = withdrawnIds(unique);
  const dates = datesOf(unique, withdrawn);
  for (const event of unique) {
    const { id, payload } = event;
    if (withdrawn.has(id)) continue;
    const atMs = dates.get(id) ?? event.atMs;
    kindOf(payload)?.apply?.(empty, payload, { eventId: id, atMs });
  }
  return { ...(empty as S), withdrawn: [...withdrawn] };
}

/** When events happened by what was said later, by event; the last word on each counts. */
export function datesOf(
  events: readonly Happening<Said>[],
  withdrawn: ReadonlySet<string>,
): ReadonlyMap<string, number> {
  const dates = new Map<string, number>();
  for (const { id, payload } of events) {
    const ms = payload.kind === "dated" && !withdrawn.has(id) ? momentMs(payload.at) : undefined;
    if (ms !== undefined) dates.set(payload.eventId!, ms);
  }
  return dates;
}

/** Latest first, so that a withdrawal that is itself withdrawn takes nothing back. */
function withdrawnIds(events: readonly Happening<Said>[]): Set<string> {
  const withdrawn = new Set<string>();
  for (let i = events.length - 1; i >= 0; i--) {
    const { id, payload } = events[i];
    if (payload.kind === "withdrawn" && !withdrawn.has(id)) withdrawn.add(payload.eventId!);
  }
  return withdrawn;
}
