"use client";
import { useCallback, useRef, useState } from "react";
import { v7 as uuid } from "uuid";
import { fetchJson, send, type Sent } from "../api";

type Refused = Extract<Sent<unknown>, { readonly ok: false }>;

interface How {
  /** Where the thing stands that somebody else may have saved in between. */
  readonly theirsAt?: string;
  readonly longestMs?: number;
}

export interface Writing<T> {
  readonly busy: boolean;
  /** What was answered where it was not taken; undefined from the next try on. */
  readonly refused: Refused | undefined;
  /** Why it was not taken, in one line; empty where it was, and with everything that is wrong with it. */
  readonly trouble: string;
  readonly wholeTrouble: string;
  /** What is wrong at one field. */
  readonly at: (field: string) => string | undefined;
  /** What somebody else saved in between. */
  readonly theirs: T | undefined;
  /** Takes what was said off the page, since something was changed or decided. */
  readonly settle: () => void;
  /** One id for one thing to be written: the same content asks for the same id again, until it worked. */
  readonly idFor: (content: unknown) => string;
  readonly write: <A>(method: "POST" | "PUT", path: string, body: unknown, how?: How) => Promise<Sent<A>>;
}

/**
 * Writing to the house as every form does it: one at a time, safe to try again, and what was refused is kept to be
 * shown.
 */
export function useWrite<T = never>(): Writing<T> {
  const [busy, setBusy] = useState(false);
  const [refused, setRefused] = useState<Refused>();
  const [theirs, setTheirs] = useState<T>();
  const ids = useRef<Record<string, string>>({});
  const settle = useCallback(() => {
    setRefused(undefined);
    setTheirs(undefined);
  }, []);
  const idFor = useCallback((content: unknown) => (ids.current[JSON.stringify(content)] ??= uuid()), []);
  const write = useCallback(
    async <A>(method: "POST" | "PUT", path: string, body: unknown, { theirsAt, longestMs }: How = {}) => {
      setBusy(true);
      settle();
      const answer = await send<A>(method, path, body, longestMs);
      const now = !answer.ok && answer.status === 412 && theirsAt ? await fetchJson<T>(theirsAt) : undefined;
      setBusy(false);
      if (answer.ok) ids.current = {};
      else setRefused(answer);
      if (now?.ok) setTheirs(now.value);
      return answer;
    },
    [settle],
  );
  return {
    busy,
    refused,
    trouble: refused?.title ?? "",
    wholeTrouble: refused ? [refused.title, ...refused.errors.map(({ message }) => message)].join(" ") : "",
    at: (field) => refused?.errors.find((error) => error.field === field)?.message,
    theirs,
    settle,
    idFor,
    write,
  };
}
