import type { Problem } from "@/core/problem";

export type Sent<T> =
  | { readonly ok: true; readonly value: T }
  | {
      readonly ok: false;
      readonly status: number;
      readonly title: string;
      readonly errors: readonly (Problem & { message: string })[];
    };

const UNREACHED = "The house cannot be reached just now. Nothing is lost here; try again in a moment.";
/** A house that takes longer is counted as not there, so that nothing waits for ever. */
const LONGEST_MS = 15_000;

async function ask<T>(path: string, init: RequestInit, longestMs: number): Promise<Sent<T>> {
  try {
    const response = await fetch(`/api/v1/${path}`, { ...init, signal: AbortSignal.timeout(longestMs) });
    const answer = await response.json().catch(() => ({}));
    if (response.ok) return { ok: true, value: answer as T };
    return { ok: false, status: response.status, title: answer.title ?? UNREACHED, errors: answer.errors ?? [] };
  } catch {
    return { ok: false, status: 0, title: UNREACHED, errors: [] };
  }
}

/** Sends a write and never throws; a repeat with the same ids is the same write. */
export const send = <T>(
  method: "POST" | "PUT",
  path: string,
  body: unknown,
  longestMs = LONGEST_MS,
): Promise<Sent<T>> =>
  ask(
    path,
    {
      method,
      headers: { "content-type": "application/json" },
      body: typeof body === "string" ? body : JSON.stringify(body),
    },
    longestMs,
  );

/** Reads, and never throws. */
export const fetchJson = <T>(path: string): Promise<Sent<T>> => ask(path, {}, LONGEST_MS);
