/** A moment in time with its offset, ISO 8601, in a year that every part of the house can keep. */
export const MOMENT = new RegExp(
  /^(19[7-9]\d|2\d{3})-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])/.source +
    /T([01]\d|2[0-3]):[0-5]\d(:[0-5]\d(\.\d{1,9})?)?(Z|[+-](0\d|1[0-4]):[0-5]\d)$/.source,
);

/** ms since the epoch, or undefined where it is no moment. */
export function momentMs(text: unknown): number | undefined {
  if (typeof text !== "string" || !MOMENT.test(text)) return undefined;
  // eslint-disable-next-line no-restricted-globals -- reads a text, and no clock
  const ms = Date.parse(text);
  return Number.isFinite(ms) ? ms : undefined;
}
