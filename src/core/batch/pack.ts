import type { BatchEvent, BatchPayload } from "./eventKinds";

/** id, device by its place in the list, its sequence, rev seen, time, payload. */
type Packed = readonly [string, number, number, number, number, BatchPayload];

/** Events as one short text, for a page that is sent thousands of them: names and devices stand once. */
export function packEvents(events: readonly BatchEvent[]): string {
  const devices = [...new Set(events.map((event) => event.deviceId))];
  const place = new Map(devices.map((id, i) => [id, i]));
  return JSON.stringify({
    devices,
    events: events.map(({ id, deviceId, deviceSeq, revSeen, atMs, payload }): Packed => [
      id,
      place.get(deviceId)!,
      deviceSeq,
      revSeen,
      atMs,
      payload,
    ]),
  });
}

/** What `packEvents` was given. */
export function unpackEvents(text: string): BatchEvent[] {
  const { devices, events } = JSON.parse(text) as { devices: string[]; events: Packed[] };
  return events.map(([id, device, deviceSeq, revSeen, atMs, payload]) => ({
    id,
    payload,
    deviceId: devices[device],
    deviceSeq,
    revSeen,
    atMs,
  }));
}
