import type { BatchEvent, BatchPayload } from "./eventKinds";

/** Columns: what stands often (devices, payloads) stands once, and numbers by how far they are from the one before. */
interface Packed {
  readonly devices: readonly string[];
  readonly payloads: readonly BatchPayload[];
  /** Ids one after the other, with commas between them; of a UUID its digits. */
  readonly ids: string;
  /** For each event: device, payload, and the differences of sequence, rev seen and time. */
  readonly numbers: readonly number[];
}

const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/;
/** Of any other id an equals sign says that it stands as it is. */
const packId = (id: string): string => (UUID.test(id) ? id.replaceAll("-", "") : `=${encodeURIComponent(id)}`);
const unpackId = (text: string): string =>
  text.startsWith("=")
    ? decodeURIComponent(text.slice(1))
    : `${text.slice(0, 8)}-${text.slice(8, 12)}-${text.slice(12, 16)}-${text.slice(16, 20)}-${text.slice(20)}`;

/** The place of each value in a list where it stands once. */
function places<T>(keyOf: (value: T) => string) {
  const place = new Map<string, number>();
  const values: T[] = [];
  return {
    values,
    of: (value: T): number => {
      const key = keyOf(value);
      const known = place.get(key);
      if (known !== undefined) return known;
      place.set(key, values.length);
      return values.push(value) - 1;
    },
  };
}

/** Events as one short text, for a page that is sent thousands of them. */
export function packEvents(events: readonly BatchEvent[]): string {
  const devices = places<string>((id) => id);
  const payloads = places<BatchPayload>((payload) => JSON.stringify(payload));
  const numbers: number[] = [];
  let [seq, rev, at] = [0, 0, 0];
  for (const { deviceId, payload, deviceSeq, revSeen, atMs } of events) {
    numbers.push(devices.of(deviceId), payloads.of(payload), deviceSeq - seq, revSeen - rev, atMs - at);
    [seq, rev, at] = [deviceSeq, revSeen, atMs];
  }
  const ids = events.map(({ id }) => packId(id)).join();
  return JSON.stringify({ devices: devices.values, payloads: payloads.values, ids, numbers } satisfies Packed);
}

/** What `packEvents` was given. */
export function unpackEvents(text: string): BatchEvent[] {
  const { devices, payloads, ids, numbers } = JSON.parse(text) as Packed;
  let [seq, rev, at] = [0, 0, 0];
  return ids === ""
    ? []
    : ids.split(",").map((id, i) => {
        const n = 5 * i;
        seq += numbers[n + 2];
        rev += numbers[n + 3];
        at += numbers[n + 4];
        return {
          id: unpackId(id),
          payload: payloads[numbers[n + 1]],
          deviceId: devices[numbers[n]],
          deviceSeq: seq,
          revSeen: rev,
          atMs: at,
        };
      });
}
