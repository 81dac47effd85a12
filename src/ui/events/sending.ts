import type { SetAside, Waiting } from "./outbox";

const MOST_AT_ONCE = 100;
/** A house that fails so often over one tap, alone, fails because of it. */
const MOST_FAILURES = 3;

/**
 * What a device has still to send for a bowl or a making, and how the sending goes. A tap is in `queue` or `aside`,
 * or has arrived.
 */
export interface Sending<P = unknown> {
  /** In the order they go out. */
  readonly queue: readonly Waiting<P>[];
  /** Refused for good; kept until somebody decides. */
  readonly aside: readonly SetAside<P>[];
  /** On their way; one lot at a time. */
  readonly underWay: readonly string[];
  /** After a failure nothing goes out until the wait is over or something new is tapped. */
  readonly resting: boolean;
  /** Taps in one lot: one by one after a refusal, since one among them is the trouble. */
  readonly atOnce: number;
  /** How often the house failed over a tap that was alone. */
  readonly failures: Readonly<Record<string, number>>;
  /** Why what is waiting could not be sent yet. */
  readonly trouble?: string;
}

export const NOTHING_TO_SEND: Sending<never> = {
  queue: [],
  aside: [],
  underWay: [],
  resting: false,
  atOnce: MOST_AT_ONCE,
  failures: {},
};

export type SendingEvent<P = unknown> =
  /** What an earlier page of this device left behind. */
  | { readonly kind: "found"; readonly queue: readonly Waiting<P>[]; readonly aside: readonly SetAside<P>[] }
  | { readonly kind: "tapped"; readonly tap: Waiting<P> }
  | { readonly kind: "sent"; readonly ids: readonly string[] }
  | { readonly kind: "arrived" }
  /** HTTP status, 0 where nothing answered; `why` in words. */
  | { readonly kind: "refused"; readonly status: number; readonly title: string; readonly why: string }
  | { readonly kind: "waited" }
  | { readonly kind: "sendAgain"; readonly id: string }
  | { readonly kind: "dropped"; readonly id: string };

/** Refused for what is in it, and not because the house is locked, away, or full. */
const isOverATap = (status: number): boolean => (status >= 400 && status < 500 && status !== 401) || status === 500;

/** What goes out next; none while something is under way or the house is left in peace. */
export const toSend = <P>({ queue, underWay, resting, atOnce }: Sending<P>): readonly Waiting<P>[] =>
  underWay.length > 0 || resting ? [] : queue.slice(0, atOnce);

/** The outbox after something happened to it. Total: what cannot be (an answer to nothing) changes nothing. */
export function nextSending<P>(now: Sending<P>, event: SendingEvent<P>): Sending<P> {
  switch (event.kind) {
    case "found": {
      const left = event.queue.filter(({ id }) => !now.queue.some((tap) => tap.id === id));
      return { ...now, queue: [...left, ...now.queue], aside: event.aside };
    }
    case "tapped":
      return { ...now, queue: [...now.queue, event.tap], resting: false };
    case "sent":
      return { ...now, underWay: event.ids };
    case "arrived":
      return {
        ...now,
        queue: now.queue.filter(({ id }) => !now.underWay.includes(id)),
        underWay: [],
        atOnce: MOST_AT_ONCE,
        trouble: undefined,
      };
    case "refused":
      return refused(now, event);
    case "waited":
      return { ...now, resting: false };
    case "sendAgain": {
      const found = now.aside.find(({ tap }) => tap.id === event.id);
      if (!found) return now;
      const { [event.id]: _, ...failures } = now.failures;
      return { ...without(now, event.id), queue: [...now.queue, found.tap], failures, resting: false };
    }
    case "dropped":
      return without(now, event.id);
  }
}

const without = <P>(now: Sending<P>, id: string): Sending<P> => ({
  ...now,
  aside: now.aside.filter(({ tap }) => tap.id !== id),
});

function refused<P>(now: Sending<P>, { status, title, why }: Extract<SendingEvent, { kind: "refused" }>): Sending<P> {
  const taps = now.queue.filter(({ id }) => now.underWay.includes(id));
  const [tap] = taps;
  const idle = { ...now, underWay: [] };
  if (!tap) return idle;
  // One among them is the trouble; alone, the others still arrive.
  if (isOverATap(status) && taps.length > 1) return { ...idle, atOnce: 1 };
  const failures = status >= 500 ? (now.failures[tap.id] ?? 0) + 1 : 0;
  // Sending it again would change nothing.
  if (isOverATap(status) && (status < 500 || failures >= MOST_FAILURES))
    return {
      ...idle,
      queue: now.queue.filter(({ id }) => id !== tap.id),
      aside: [...without(now, tap.id).aside, { tap, why }],
      trouble: undefined,
    };
  return {
    ...idle,
    resting: true,
    trouble: title,
    failures: status === 500 ? { ...now.failures, [tap.id]: failures } : now.failures,
  };
}
