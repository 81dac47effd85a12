/** Clock times in the household's zone; `nowMs` decides what counts as today. */
const formats = new Map<string, Intl.DateTimeFormat>();

/** Making a format is a hundred times the work of using it, so each is made once. */
function part(ms: number, timeZone: string, options: Intl.DateTimeFormatOptions, language = "en-GB"): string {
  const key = `${language} ${timeZone} ${Object.entries(options).join()}`;
  let format = formats.get(key);
  if (!format) formats.set(key, (format = new Intl.DateTimeFormat(language, { timeZone, ...options })));
  return format.format(ms);
}
const DAY_MS = 86_400_000;

export const clockWords = (ms: number, timeZone: string): string =>
  part(ms, timeZone, { hour: "2-digit", minute: "2-digit" });

export const dateKey = (ms: number, timeZone: string): string =>
  part(ms, timeZone, { year: "numeric", month: "2-digit", day: "2-digit" }, "en-CA");

/** "Sunday 4 October 2026". Put together here: browsers and servers differ in their commas. */
export const dateWords = (ms: number, timeZone: string): string =>
  ([{ weekday: "long" }, { day: "numeric" }, { month: "long" }, { year: "numeric" }] as const)
    .map((one) => part(ms, timeZone, one))
    .join(" ");

/** "today", "yesterday", "Sunday", or "Sunday 4 October"; with the year when it is another. */
export function dayWords(ms: number, timeZone: string, nowMs: number): string {
  const day = dateKey(ms, timeZone);
  if (day === dateKey(nowMs, timeZone)) return "today";
  if (day === dateKey(nowMs - DAY_MS, timeZone)) return "yesterday";
  if (day === dateKey(nowMs + DAY_MS, timeZone)) return "tomorrow";
  const whole = dateWords(ms, timeZone);
  return day.slice(0, 4) === dateKey(nowMs, timeZone).slice(0, 4) ? whole.replace(/ \d{4}$/, "") : whole;
}

/** "19:30" today; "tomorrow 02:00"; "Sunday 4 October 10:00". */
export function momentWords(ms: number, timeZone: string, nowMs: number): string {
  const day = dayWords(ms, timeZone, nowMs);
  return day === "today" ? clockWords(ms, timeZone) : `${day} ${clockWords(ms, timeZone)}`;
}

/** A moment as a wall clock in this zone shows it, for a field of a form: 2026-03-01T10:00. */
export function wallTimeOf(ms: number, timeZone: string): string {
  const parts = Object.fromEntries(
    new Intl.DateTimeFormat("en-CA", {
      timeZone,
      year: "numeric",
      month: "2-digit",
      day: "2-digit",
      hour: "2-digit",
      minute: "2-digit",
      hourCycle: "h23",
    })
      .formatToParts(new Date(ms))
      .map(({ type, value }) => [type, value]),
  );
  return `${parts.year}-${parts.month}-${parts.day}T${parts.hour}:${parts.minute}`;
}

/** A wall clock in the house as a moment that can be counted with; no zone is in it. */
export const wallMs = (wall: string): number => Date.parse(`${wall}Z`);

/** "tomorrow 10:00", "Sunday 4 October 10:00". @param today ISO day in the same house */
export const wallWords = (wall: string | number, today: string): string => {
  const ms = typeof wall === "number" ? wall : wallMs(wall);
  return Number.isFinite(ms) ? momentWords(ms, "UTC", wallMs(`${today}T12:00`)) : "?";
};
