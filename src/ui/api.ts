import type { Problem } from "@/core/problem";

export type Sent<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly status: number; readonly title: string; readonly errors: readonly (Problem & { message: string })[] };

const UNREACHED = "The house cannot be reached just now. Nothing is lost here; try again in a moment.";

/** Sends a write and never throws; a repeat with the same ids is the same write. */
export async function send<T>(method: "POST" | "PUT", path: string, body: unknown): Promise<Sent<T>> {
  try {
    const response = await fetch(`/api/v1/${path}`, { method, headers: { "content-type": "application/json" }, body: JSON.stringify(body) });
    const answer = await response.json().catch(() => ({}));
    if (response.ok) return { ok: true, value: answer as T };
    return { ok: false, status: response.status, title: answer.title ?? UNREACHED, errors: answer.errors ?? [] };
  } catch {
    return { ok: false, status: 0, title: UNREACHED, errors: [] };
  }
}
