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

const RETRY_MS = 2500;
const MOST_AT_ONCE = 100;
/** A house that fails so often over one tap, alone, fails because of it. */
const MOST_FAILURES = 3;
/** What has not arrived stands after all that has. */
const LAST = "\uffff";

export interface Events {
  readonly events: readonly BatchEvent[];
  readonly state: BatchState;
  readonly waiting: number;
  /** Some of what is waiting could not be kept on the device: it lives as long as this page. */
  readonly onlyHere: boolean;
  /** Why what is waiting could not be sent yet. */
  readonly trouble: string | undefined;
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

/** Refused for what is in it, and not because the house is locked, away, or full. */
const isOverATap = (status: number): boolean => (status >= 400 && status < 500 && status !== 401) || status === 500;

const together = (known: readonly BatchEvent[], more: readonly BatchEvent[]): readonly BatchEvent[] =>
  more.length === 0 ? known : [...new Map([...known, ...more].map((event) => [event.id, event])).values()];

/**
 * A bowl's events: each tap shows at once, goes out in order, and is sent again until it arrives. What is still
 * waiting is said on the page, and kept on the device until it arrived, also when the page is closed. What other
 * devices tap arrives by the change feed.
 */
export function useEvents(batchId: string, firstEvents: readonly BatchEvent[], firstRev: number): Events {
  const [arrived, setArrived] = useState(firstEvents);
  const [queue, setQueue] = useState<readonly Waiting[]>([]);
  const [onlyHere, setOnlyHere] = useState(false);
  const [trouble, setTrouble] = useState<string>();
  const [aside, setAsides] = useState<readonly SetAside[]>([]);
  const failures = useRef(new Map<string, number>());
  const rev = useRef(firstRev);
  const sending = useRef(false);
  const atOnce = useRef(MOST_AT_ONCE);

  const take = useCallback(({ rev: now, events }: Arrived) => {
    rev.current = Math.max(rev.current, now);
    setArrived((known) => together(known, events));
  }, []);

  const happen = useCallback(
    (payload: BatchPayload) => {
      const tap = {
        id: uuid(),
        payload,
        deviceSeq: nextSequence(),
        revSeen: rev.current,
        deviceClock: new Date().toISOString(),
      };
      if (!keepTap(batchId, tap)) setOnlyHere(true);
      setQueue((now) => [...now, tap]);
    },
    [batchId],
  );

  useEffect(() => {
    const left = readOutbox(batchId);
    if (left.length > 0) setQueue((now) => [...left, ...now.filter((tap) => !left.some(({ id }) => id === tap.id))]);
    setAsides(readAside(batchId));
  }, [batchId]);

  const drop = useCallback(
    (id: string) => {
      dropAside(batchId, id);
      setAsides((now) => now.filter(({ tap }) => tap.id !== id));
    },
    [batchId],
  );
  const sendAgain = useCallback(
    (id: string) => {
      const found = aside.find(({ tap }) => tap.id === id);
      if (!found) return;
      if (!keepTap(batchId, found.tap)) setOnlyHere(true);
      drop(id);
      failures.current.delete(id);
      setQueue((now) => [...now, found.tap]);
    },
    [aside, batchId, drop],
  );

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

  useEffect(() => {
    if (queue.length === 0 || sending.current) return;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const settle = (sent: readonly Waiting[]) => {
      forgetTaps(
        batchId,
        sent.map((tap) => tap.id),
      );
      setQueue((now) => now.filter((one) => !sent.some((tap) => tap.id === one.id)));
    };
    const failed = (id: string): number => {
      failures.current.set(id, (failures.current.get(id) ?? 0) + 1);
      return failures.current.get(id)!;
    };
    const flush = async () => {
      sending.current = true;
      const taps = queue.slice(0, atOnce.current);
      const outOfTheWay = (tap: Waiting, why: string) => {
        setAside(batchId, tap, why);
        setAsides((now) => [...now.filter((one) => one.tap.id !== tap.id), { tap, why }]);
        setTrouble(undefined);
        setQueue((now) => now.filter((one) => one.id !== tap.id));
      };
      const answer = await send<Arrived>("POST", `batches/${batchId}/events`, {
        events: taps,
        sentAt: new Date().toISOString(),
        after: rev.current,
      });
      sending.current = false;
      if (answer.ok) {
        atOnce.current = MOST_AT_ONCE;
        take(answer.value);
        setTrouble(undefined);
        settle(taps);
      } else if (isOverATap(answer.status) && taps.length > 1) {
        // One among them is the trouble; alone, the others still arrive.
        atOnce.current = 1;
        setQueue((now) => [...now]);
      } else if (isOverATap(answer.status) && (answer.status < 500 || failed(taps[0].id) >= MOST_FAILURES)) {
        // Sending it again would change nothing.
        outOfTheWay(taps[0], [answer.title, ...answer.errors.map((error) => error.message)].join(" "));
      } else {
        setTrouble(answer.title);
        timer = setTimeout(() => setQueue((now) => [...now]), RETRY_MS);
      }
    };
    void flush();
    return () => clearTimeout(timer);
  }, [queue, batchId, take]);

  const { events, state } = useMemo(() => {
    const known = new Set(arrived.map((event) => event.id));
    const latest = arrived.reduce((most, event) => Math.max(most, event.revSeen), 0);
    const pending = queue
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
  }, [arrived, queue]);
  return {
    events,
    state,
    waiting: queue.length,
    onlyHere: onlyHere && queue.length > 0,
    trouble,
    aside,
    sendAgain,
    drop,
    happen,
  };
}
