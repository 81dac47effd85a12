"use client";
import { useCallback, useEffect, useRef, useState } from "react";
import { v7 as uuid } from "uuid";
import { foldBatch, type BatchEvent, type BatchPayload, type BatchState } from "@/core/batch";
import { send } from "../api";

interface Waiting {
  readonly id: string;
  readonly payload: BatchPayload;
  readonly deviceSeq: number;
  readonly revSeen: number;
  readonly deviceClock: string;
}

const SEQUENCE_KEY = "infusing-sequence";
const RETRY_MS = 2500;
const MOST_AT_ONCE = 100;
/** What has not arrived yet, by bowl; the shape is part of its name. */
const OUTBOX = "infusing-outbox-1:";

function readOutbox(batchId: string): readonly Waiting[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(OUTBOX + batchId) ?? "[]");
    return Array.isArray(kept) ? kept : [];
  } catch {
    return [];
  }
}

function writeOutbox(batchId: string, queue: readonly Waiting[]): void {
  try {
    if (queue.length > 0) localStorage.setItem(OUTBOX + batchId, JSON.stringify(queue));
    else localStorage.removeItem(OUTBOX + batchId);
  } catch {
    // A full or forbidden storage: the page still holds the taps and goes on sending.
  }
}

/** This device's next number; a device's own events are ordered by it. */
function nextSequence(): number {
  const next = Number(localStorage.getItem(SEQUENCE_KEY) ?? 0) + 1;
  localStorage.setItem(SEQUENCE_KEY, String(next));
  return next;
}

export interface Events {
  readonly events: readonly BatchEvent[];
  readonly state: BatchState;
  readonly waiting: number;
  readonly trouble: string | undefined;
  readonly happen: (payload: BatchPayload) => void;
}

/**
 * A bowl's events: each tap shows at once, goes out in order, and is sent again until it arrives. What is still
 * waiting is said on the page, and kept on the device until it arrived, also when the page is closed.
 */
export function useEvents(batchId: string, firstEvents: readonly BatchEvent[], firstRev: number): Events {
  const [arrived, setArrived] = useState(firstEvents);
  const [queue, setQueue] = useState<readonly Waiting[]>([]);
  const [trouble, setTrouble] = useState<string>();
  const rev = useRef(firstRev);
  const sending = useRef(false);
  const atOnce = useRef(MOST_AT_ONCE);

  const happen = useCallback((payload: BatchPayload) => {
    setQueue((now) => [...now, { id: uuid(), payload, deviceSeq: nextSequence(), revSeen: rev.current, deviceClock: new Date().toISOString() }]);
  }, []);

  const opened = useRef(false);
  useEffect(() => {
    if (opened.current) return writeOutbox(batchId, queue);
    opened.current = true;
    const left = readOutbox(batchId);
    if (left.length > 0) setQueue((now) => [...left, ...now]);
  }, [queue, batchId]);

  useEffect(() => {
    if (queue.length === 0 || sending.current) return;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const flush = async () => {
      sending.current = true;
      const batch = queue.slice(0, atOnce.current);
      const answer = await send<{ rev: number; events: BatchEvent[] }>("POST", `batches/${batchId}/events`, { events: batch });
      sending.current = false;
      if (answer.ok) {
        rev.current = answer.value.rev;
        atOnce.current = MOST_AT_ONCE;
        setArrived(answer.value.events);
        setTrouble(undefined);
        setQueue((now) => now.filter((one) => !batch.some((sent) => sent.id === one.id)));
      } else if (answer.status >= 400 && answer.status < 500 && batch.length > 1) {
        // One among them is refused; alone, the others still arrive.
        atOnce.current = 1;
        setQueue((now) => [...now]);
      } else if (answer.status >= 400 && answer.status < 500) {
        // The house refused it for good; sending it again would change nothing.
        setTrouble([answer.title, ...answer.errors.map((error) => error.message)].join(" "));
        setQueue((now) => now.filter((one) => !batch.some((sent) => sent.id === one.id)));
      } else {
        setTrouble(answer.title);
        timer = setTimeout(() => setQueue((now) => [...now]), RETRY_MS);
      }
    };
    void flush();
    return () => clearTimeout(timer);
  }, [queue, batchId]);

  const pending: BatchEvent[] = queue.map(({ id, payload, deviceSeq, revSeen }) => ({ id, payload, deviceId: "\uffff", deviceSeq, revSeen: Math.max(revSeen, rev.current), atMs: Date.now() }));
  const events = [...arrived, ...pending];
  return { events, state: foldBatch(events), waiting: queue.length, trouble, happen };
}
