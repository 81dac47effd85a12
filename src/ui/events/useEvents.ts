"use client";
import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { v7 as uuid } from "uuid";
import type { Happening } from "@/core/happening";
import { fetchJson, send } from "../api";
import { houseTime } from "../clock";
import { useChanges } from "../useChanges";
import {
  dropAside,
  forgetTaps,
  keepTap,
  nextSequence,
  ownerOf,
  readAside,
  readOutbox,
  setAside,
  type Owner,
  type SetAside,
  type Waiting,
} from "./outbox";
import { sayWaiting } from "./waiting";
import { nextSending, NOTHING_TO_SEND, toSend, type Sending, type SendingEvent } from "./sending";

const RETRY_MS = 2500;
/** What has not arrived stands after all that has. */
const LAST = "\uffff";

/** What is kept by its events: where the house has it, by which name it changes, and how it is folded. */
export interface Stream<P, S> {
  readonly path: "batches" | "makings";
  readonly kind: "batch" | "making";
  readonly fold: (events: readonly Happening<P>[]) => S;
}

export interface Events<P, S> {
  readonly events: readonly Happening<P>[];
  /** How many of them the house has. */
  readonly arrived: number;
  /** Something is waiting, and the house did not take it. */
  readonly stuck: boolean;
  /** Some of what is waiting could not be kept on the device: it lives as long as this page. */
  readonly onlyHere: boolean;
  readonly state: S;
  /** Taps that the house cannot take; they are kept until somebody decides. */
  readonly aside: readonly SetAside<P>[];
  readonly sendAgain: (id: string) => void;
  readonly drop: (id: string) => void;
  readonly happen: (payload: P) => void;
}

interface Arrived<P> {
  readonly rev: number;
  readonly events: readonly Happening<P>[];
}

const together = <P>(known: readonly Happening<P>[], more: readonly Happening<P>[]): readonly Happening<P>[] =>
  more.length === 0 ? known : [...new Map([...known, ...more].map((event) => [event.id, event])).values()];

/**
 * The events of a bowl or a making: each tap shows at once, goes out in order, and is sent again until it arrives.
 * What is still
 * waiting is said in the foot, and kept on the device until it arrived, also when the page is closed. What other
 * devices tap arrives by the change feed.
 */
export function useEvents<P, S>(
  { path, kind, fold }: Stream<P, S>,
  id: string,
  firstEvents: readonly Happening<P>[],
  firstRev: number,
): Events<P, S> {
  const owner = ownerOf(path, id);
  const [arrived, setArrived] = useState(firstEvents);
  const [sending, setSending] = useState<Sending<P>>(NOTHING_TO_SEND);
  const [onlyHere, setOnlyHere] = useState(false);
  const rev = useRef(firstRev);
  const box = useRef<Sending<P>>(NOTHING_TO_SEND);
  const open = useRef(false);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);

  const take = useCallback(({ rev: now, events }: Arrived<P>) => {
    rev.current = Math.max(rev.current, now);
    setArrived((known) => together(known, events));
  }, []);

  /** One thing happened to the outbox: it is kept on the device, shown, and what can go out goes out. */
  const step = useCallback(
    (event: SendingEvent<P>) => {
      const before = box.current;
      box.current = nextSending(before, event);
      storeDifference(owner, before, box.current);
      setSending(box.current);
      const taps = open.current ? toSend(box.current) : [];
      clearTimeout(timer.current);
      if (box.current.resting && open.current) timer.current = setTimeout(() => step({ kind: "waited" }), RETRY_MS);
      if (taps.length === 0) return;
      step({ kind: "sent", ids: taps.map(({ id }) => id) });
      const body = { events: taps, sentAt: new Date().toISOString(), after: rev.current };
      void send<Arrived<P>>("POST", `${path}/${id}/events`, body).then((answer) => {
        if (answer.ok) take(answer.value);
        step(
          answer.ok
            ? { kind: "arrived" }
            : {
                kind: "refused",
                status: answer.status,
                title: answer.title,
                why: [answer.title, ...answer.errors.map((error) => error.message)].join(" "),
              },
        );
      });
    },
    [owner, path, id, take],
  );

  const keep = useCallback((tap: Waiting<P>) => keepTap(owner, tap) || setOnlyHere(true), [owner]);
  const happen = useCallback(
    (payload: P) => {
      const tap = {
        id: uuid(),
        payload,
        deviceSeq: nextSequence(),
        revSeen: rev.current,
        deviceClock: new Date().toISOString(),
      };
      keep(tap);
      step({ kind: "tapped", tap });
    },
    [keep, step],
  );
  const sendAgain = useCallback(
    (id: string) => {
      const found = box.current.aside.find(({ tap }) => tap.id === id);
      if (found) keep(found.tap);
      step({ kind: "sendAgain", id });
    },
    [keep, step],
  );
  const drop = useCallback((id: string) => step({ kind: "dropped", id }), [step]);

  const count = sending.queue.length;
  // The foot says it, which is in view whatever one does above.
  useEffect(
    () => sayWaiting(owner, { count, trouble: sending.trouble, onlyHere: onlyHere && count > 0 }),
    [owner, count, sending.trouble, onlyHere],
  );
  useEffect(() => () => sayWaiting(owner, undefined), [owner]);

  useEffect(() => {
    open.current = true;
    step({ kind: "found", queue: readOutbox<P>(owner), aside: readAside<P>(owner) });
    return () => {
      open.current = false;
      clearTimeout(timer.current);
    };
  }, [owner, step]);

  useChanges(
    firstRev,
    useCallback(
      (changes, now) => {
        if (!changes.some((change) => change.kind === kind && change.id === id) || now <= rev.current) return;
        void fetchJson<Arrived<P>>(`${path}/${id}/events?after=${rev.current}`).then((answer) => {
          if (answer.ok) take(answer.value);
        });
      },
      [path, kind, id, take],
    ),
  );

  const { events, state } = useMemo(() => {
    const known = new Set(arrived.map((event) => event.id));
    const latest = arrived.reduce((most, event) => Math.max(most, event.revSeen), 0);
    const pending = sending.queue
      .filter((tap) => !known.has(tap.id))
      .map(({ id: tapId, payload, deviceSeq, revSeen, deviceClock }): Happening<P> => ({
        id: tapId,
        payload,
        deviceId: LAST,
        deviceSeq,
        revSeen: Math.max(revSeen, latest),
        atMs: houseTime(Date.parse(deviceClock)),
      }));
    const all = [...arrived, ...pending];
    return { events: all, state: fold(all) };
  }, [arrived, sending.queue, fold]);
  return {
    events,
    arrived: arrived.length,
    stuck: count > 0 && sending.trouble !== undefined,
    onlyHere: onlyHere && count > 0,
    state,
    aside: sending.aside,
    sendAgain,
    drop,
    happen,
  };
}

/**
 * The device keeps what has not arrived: what went out of the queue, or was set aside, or decided, is kept no longer.
 */
function storeDifference(owner: Owner, before: Sending, now: Sending): void {
  for (const { tap, why } of now.aside) if (!isAside(before, tap.id)) setAside(owner, tap, why);
  for (const { tap } of before.aside) if (!isAside(now, tap.id)) dropAside(owner, tap.id);
  const gone = before.queue.filter(({ id }) => !isAside(now, id) && !now.queue.some((tap) => tap.id === id));
  if (gone.length > 0)
    forgetTaps(
      owner,
      gone.map(({ id }) => id),
    );
}
const isAside = ({ aside }: Sending, id: string): boolean => aside.some(({ tap }) => tap.id === id);
