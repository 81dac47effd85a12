"use client";
import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { v7 as uuid } from "uuid";
import { foldBatch, type BatchEvent, type BatchPayload, type BatchState } from "@/core/batch";
import { fetchJson, send } from "../api";
import { houseTime } from "../clock";
import { useChanges } from "../useChanges";
import {
  dropAside,
  forgetTaps,
  keepTap,
  nextSequence,
  readAside,
  readOutbox,
  setAside,
  type SetAside,
  type Waiting,
} from "./outbox";
import { sayWaiting } from "./waiting";
import { nextSending, NOTHING_TO_SEND, toSend, type Sending, type SendingEvent } from "./sending";

const RETRY_MS = 2500;
/** What has not arrived stands after all that has. */
const LAST = "\uffff";

export interface Events {
  readonly events: readonly BatchEvent[];
  /** How many of them the house has. */
  readonly arrived: number;
  /** Something is waiting, and the house did not take it. */
  readonly stuck: boolean;
  /** Some of what is waiting could not be kept on the device: it lives as long as this page. */
  readonly onlyHere: boolean;
  readonly state: BatchState;
  /** Taps that the house cannot take; they are kept until somebody decides. */
  readonly aside: readonly SetAside[];
  readonly sendAgain: (id: string) => void;
  readonly drop: (id: string) => void;
  readonly happen: (payload: BatchPayload) => void;
}

interface Arrived {
  readonly rev: number;
  readonly events: readonly BatchEvent[];
}

const together = (known: readonly BatchEvent[], more: readonly BatchEvent[]): readonly BatchEvent[] =>
  more.length === 0 ? known : [...new Map([...known, ...more].map((event) => [event.id, event])).values()];

/**
 * A bowl's events: each tap shows at once, goes out in order, and is sent again until it arrives. What is still
 * waiting is said in the foot, and kept on the device until it arrived, also when the page is closed. What other
 * devices tap arrives by the change feed.
 */
export function useEvents(batchId: string, firstEvents: readonly BatchEvent[], firstRev: number): Events {
  const [arrived, setArrived] = useState(firstEvents);
  const [sending, setSending] = useState(NOTHING_TO_SEND);
  const [onlyHere, setOnlyHere] = useState(false);
  const rev = useRef(firstRev);
  const box = useRef(NOTHING_TO_SEND);
  const open = useRef(false);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);

  const take = useCallback(({ rev: now, events }: Arrived) => {
    rev.current = Math.max(rev.current, now);
    setArrived((known) => together(known, events));
  }, []);

  /** One thing happened to the outbox: it is kept on the device, shown, and what can go out goes out. */
  const step = useCallback(
    (event: SendingEvent) => {
      const before = box.current;
      box.current = nextSending(before, event);
      storeDifference(batchId, before, box.current);
      setSending(box.current);
      const taps = open.current ? toSend(box.current) : [];
      clearTimeout(timer.current);
      if (box.current.resting && open.current) timer.current = setTimeout(() => step({ kind: "waited" }), RETRY_MS);
      if (taps.length === 0) return;
      step({ kind: "sent", ids: taps.map(({ id }) => id) });
      const body = { events: taps, sentAt: new Date().toISOString(), after: rev.current };
      void send<Arrived>("POST", `batches/${batchId}/events`, body).then((answer) => {
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
    [batchId, take],
  );

  const keep = useCallback((tap: Waiting) => keepTap(batchId, tap) || setOnlyHere(true), [batchId]);
  const happen = useCallback(
    (payload: BatchPayload) => {
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
    () => sayWaiting(batchId, { count, trouble: sending.trouble, onlyHere: onlyHere && count > 0 }),
    [batchId, count, sending.trouble, onlyHere],
  );
  useEffect(() => () => sayWaiting(batchId, undefined), [batchId]);

  useEffect(() => {
    open.current = true;
    step({ kind: "found", queue: readOutbox(batchId), aside: readAside(batchId) });
    return () => {
      open.current = false;
      clearTimeout(timer.current);
    };
  }, [batchId, step]);

  useChanges(
    firstRev,
    useCallback(
      (changes, now) => {
        if (!changes.some((change) => change.kind === "batch" && change.id === batchId) || now <= rev.current) return;
        void fetchJson<Arrived>(`batches/${batchId}/events?after=${rev.current}`).then((answer) => {
          if (answer.ok) take(answer.value);
        });
      },
      [batchId, take],
    ),
  );

  const { events, state } = useMemo(() => {
    const known = new Set(arrived.map((event) => event.id));
    const latest = arrived.reduce((most, event) => Math.max(most, event.revSeen), 0);
    const pending = sending.queue
      .filter(({ id }) => !known.has(id))
      .map(({ id, payload, deviceSeq, revSeen, deviceClock }): BatchEvent => ({
        id,
        payload,
        deviceId: LAST,
        deviceSeq,
        revSeen: Math.max(revSeen, latest),
        atMs: houseTime(Date.parse(deviceClock)),
      }));
    const all = [...arrived, ...pending];
    return { events: all, state: foldBatch(all) };
  }, [arrived, sending.queue]);
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
function storeDifference(batchId: string, before: Sending, now: Sending): void {
  for (const { tap, why } of now.aside) if (!isAside(before, tap.id)) setAside(batchId, tap, why);
  for (const { tap } of before.aside) if (!isAside(now, tap.id)) dropAside(batchId, tap.id);
  const gone = before.queue.filter(({ id }) => !isAside(now, id) && !now.queue.some((tap) => tap.id === id));
  if (gone.length > 0)
    forgetTaps(
      batchId,
      gone.map(({ id }) => id),
    );
}
const isAside = ({ aside }: Sending, id: string): boolean => aside.some(({ tap }) => tap.id === id);
