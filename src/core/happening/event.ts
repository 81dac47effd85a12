/** Something that happened to what is kept by its events, as it came from a device. */
export interface Happening<P> {
  /** UUIDv7 made by the client; a repeat adds nothing. */
  readonly id: string;
  readonly payload: P;
  readonly deviceId: string;
  readonly deviceSeq: number;
  /** The household's rev that the device had seen; orders events with device and sequence, never a device's clock. */
  readonly revSeen: number;
  /** When it happened by the server's clock, ms since the epoch: its arrival less how long the device had kept it. */
  readonly atMs: number;
}

/** The order that all devices agree on: rev seen, then device, then its own sequence. */
export const inOrder = (a: Happening<unknown>, b: Happening<unknown>): number =>
  a.revSeen - b.revSeen ||
  (a.deviceId < b.deviceId ? -1 : a.deviceId > b.deviceId ? 1 : 0) ||
  a.deviceSeq - b.deviceSeq ||
  (a.id < b.id ? -1 : a.id > b.id ? 1 : 0);
