import { v7 as uuid } from "uuid";

interface Answer {
  readonly status: number;
  readonly body: { events?: { id: string }[]; title?: string } & Record<string, unknown>;
}

export async function ask(
  base: string,
  method: string,
  path: string,
  body?: unknown,
  headers: Readonly<Record<string, string>> = {},
): Promise<Answer> {
  // A test that waited for another program saw nothing of its connections meanwhile: one that the house has closed is
  // seen to be so before it is used again.
  await new Promise<void>((seen) => setImmediate(() => setImmediate(seen)));
  try {
    const answer = await fetch(`${base}/api/v1/${path}`, {
      method,
      headers: { ...(body === undefined ? {} : { "content-type": "application/json" }), ...headers },
      body: body === undefined ? undefined : JSON.stringify(body),
      signal: AbortSignal.timeout(12_000),
    });
    return { status: answer.status, body: (await answer.json().catch(() => ({}))) as Answer["body"] };
  } catch {
    return { status: 0, body: {} };
  }
}

/** A bowl to write into, in a house that may be empty. */
export async function openBowl(base: string): Promise<string> {
  const [headId, blendId, versionId, batchId] = [uuid(), uuid(), uuid(), uuid()];
  const good = async (method: string, path: string, body: unknown) => {
    const { status, body: said } = await ask(base, method, path, body);
    if (status !== 200) throw new Error(`${path}: ${status} ${JSON.stringify(said)}`);
  };
  await good("POST", "heads", {
    id: headId,
    name: "A head",
    hair: { longest: { cm: 40 }, amount: { strands: "medium" } },
  });
  await good("POST", "blends", {
    id: blendId,
    versionId,
    name: "A blend",
    headId,
    blend: {
      purpose: "mask",
      kitchenTempC: 21,
      target: { word: "cream" },
      liquid: { materialId: "water", tempC: 40 },
      lines: [{ materialId: "amla", role: "part", amount: 2, unit: "tbsp" }],
    },
  });
  await good("POST", "batches", { id: batchId, versionId, headId });
  return batchId;
}

/** Devices that pour a ml at a time, each sending a tap again until it is acknowledged, as a page does. */
export interface Writers {
  /** Ids of taps that were answered with 200. */
  readonly acknowledged: ReadonlySet<string>;
  /** What else was answered, by status. */
  readonly refused: ReadonlyMap<number, number>;
  /** Waits until so many more are acknowledged. */
  readonly more: (count: number, longestMs?: number) => Promise<void>;
  readonly stop: () => Promise<void>;
}

export function writers(base: string, batchId: string, devices = 4): Writers {
  const acknowledged = new Set<string>();
  const refused = new Map<number, number>();
  let going = true;
  const device = async (cookie: string) => {
    for (let seq = 1; going; seq++) {
      const event = {
        id: uuid(),
        payload: { kind: "poured", ml: 1 },
        deviceSeq: seq,
        revSeen: 0,
        deviceClock: new Date().toISOString(),
      };
      for (;;) {
        const { status } = await ask(
          base,
          "POST",
          `batches/${batchId}/events`,
          { events: [event], after: 2 ** 52 },
          { cookie },
        );
        if (status === 200) {
          acknowledged.add(event.id);
          break;
        }
        refused.set(status, (refused.get(status) ?? 0) + 1);
        if (!going) break;
        await new Promise((go) => setTimeout(go, 60));
      }
    }
  };
  const all = Array.from({ length: devices }, () => device(`infusing_device=${uuid()}`));
  return {
    acknowledged,
    refused,
    more: async (count, longestMs = 60_000) => {
      const [want, from] = [acknowledged.size + count, Date.now()];
      while (acknowledged.size < want) {
        if (Date.now() - from > longestMs)
          throw new Error(
            `only ${acknowledged.size - want + count} of ${count} taps arrived in ${longestMs / 1000} s; refused:` +
              ` ${JSON.stringify([...refused])}`,
          );
        await new Promise((go) => setTimeout(go, 50));
      }
    },
    stop: async () => {
      going = false;
      await Promise.all(all);
    },
  };
}

/** What of the acknowledged is not there, and what is there twice or was poured twice. */
export async function lostAndDoubled(
  base: string,
  batchId: string,
  acknowledged: ReadonlySet<string>,
): Promise<{ lost: number; doubled: number }> {
  const { status, body } = await ask(base, "GET", `batches/${batchId}`);
  if (status !== 200) throw new Error(`the bowl: ${status}`);
  const there = (body.events ?? []).map(({ id }) => id);
  const once = new Set(there);
  const pouredMl = (body.state as { pouredMl: number }).pouredMl;
  return {
    lost: [...acknowledged].filter((id) => !once.has(id)).length,
    doubled: there.length - once.size + Math.max(0, pouredMl - once.size),
  };
}
