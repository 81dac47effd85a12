const KINDS: readonly (readonly [RegExp, string])[] = [
  [/iPad|Tablet/i, "a tablet"],
  [/Mobile|Android|iPhone/i, "a phone"],
  [/Windows|Macintosh|X11|Linux|CrOS/i, "a computer"],
];

/** What a device is called until somebody names it, from what its browser says. */
export const deviceWords = (userAgent: string): string =>
  KINDS.find(([pattern]) => pattern.test(userAgent))?.[1] ?? "a device";
