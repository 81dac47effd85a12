"use client";
import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { v7 as uuid } from "uuid";
import { foldBatch, type BatchEvent, type BatchPayload, type BatchState } from "@/core/batch";
import { fetchJson, send } from "../api";
import { houseTime } from "../clock";
import { useChanges } from "../useChanges";
import { forgetTaps, keepTap, nextSequence, readOutbox, type Waiting } from "./outbox";

const RETRY_MS = 2500;
const MOST_AT_ONCE = 100;
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
  /** Why a tap was refused for good; until the next one. */
  readonly refused: string | undefined;
  readonly happen: (payload: BatchPayload) => void;
}

interface Arrived { readonly rev: number; readonly events: readonly BatchEvent[] }

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
  const [refused, setRefused] = useState<string>();
  const rev = useRef(firstRev);
  const sending = useRef(false);
  const atOnce = useRef(MOST_AT_ONCE);

  const take = useCallback(({ rev: now, events }: Arrived) => {
    rev.current = Math.max(rev.current, now);
    setArrived((known) => together(known, events));
  }, []);

  const happen = useCallback((payload: BatchPayload) => {
    const tap = { id: uuid(), payload, deviceSeq: nextSequence(), revSeen: rev.current, deviceClock: new Date().toISOString() };
    setRefused(undefined);
    if (!keepTap(batchId, tap)) setOnlyHere(true);
    setQueue((now) => [...now, tap]);
  }, [batchId]);

  useEffect(() => {
    const left = readOutbox(batchId);
    if (left.length > 0) setQueue((now) => [...left, ...now.filter((tap) => !left.some(({ id }) => id === tap.id))]);
  }, [batchId]);

  useChanges(firstRev, useCallback((changes, now) => {
    if (!changes.some((change) => change.kind === "batch" && change.id === batchId) || now <= rev.current) return;
    void fetchJson<Arrived>(`batches/${batchId}/events?after=${rev.current}`).then((answer) => { if (answer.ok) take(answer.value); });
  }, [batchId, take]));

  useEffect(() => {
    if (queue.length === 0 || sending.current) return;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const settle = (sent: readonly Waiting[]) => {
      forgetTaps(batchId, sent.map((tap) => tap.id));
      setQueue((now) => now.filter((one) => !sent.some((tap) => tap.id === one.id)));
    };
    const flush = async () => {
      sending.current = true;
      const taps = queue.slice(0, atOnce.current);
      const answer = await send<Arrived>("POST", `batches/${batchId}/events`, { events: taps, sentAt: new Date().toISOString(), after: rev.current });
      sending.current = false;
      if (answer.ok) {
        atOnce.current = MOST_AT_ONCE;
        take(answer.value);
        setTrouble(undefined);
        settle(taps);
      } else if (answer.status >= 400 && answer.status < 500 && answer.status !== 401 && taps.length > 1) {
        // One among them is refused; alone, the others still arrive.
        atOnce.current = 1;
        setQueue((now) => [...now]);
      } else if (answer.status >= 400 && answer.status < 500 && answer.status !== 401) {
        // The house refused it for good; sending it again would change nothing.
        setRefused([answer.title, ...answer.errors.map((error) => error.message)].join(" "));
        settle(taps);
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
    const pending = queue.filter(({ id }) => !known.has(id)).map(({ id, payload, deviceSeq, revSeen, deviceClock }): BatchEvent => ({ id, payload, deviceId: LAST, deviceSeq, revSeen: Math.max(revSeen, latest), atMs: houseTime(Date.parse(deviceClock)) }));
    const all = [...arrived, ...pending];
    return { events: all, state: foldBatch(all) };
  }, [arrived, queue]);
  return { events, state, waiting: queue.length, onlyHere: onlyHere && queue.length > 0, trouble, refused, happen };
}
