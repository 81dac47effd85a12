const DAY = /^(\d{4})-(\d{2})-(\d{2})$/;
const MONTH_DAYS = [31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];
const isLeap = (year: number): boolean => (year % 4 === 0 && year % 100 !== 0) || year % 400 === 0;

/**
 * An ISO day as a count of days, so that days can be compared without a clock; undefined where it is no day.
 * @source proleptic Gregorian calendar, days from civil (Hinnant, from memory); 1970-01-01 is 0
 */
export function dayNumber(text: string): number | undefined {
  const match = DAY.exec(text);
  if (!match) return undefined;
  const [year, month, day] = match.slice(1).map(Number);
  if (month < 1 || month > 12 || day < 1 || day > MONTH_DAYS[month - 1] + (month === 2 && isLeap(year) ? 1 : 0))
    return undefined;
  const y = month <= 2 ? year - 1 : year;
  const era = Math.floor(y / 400);
  const yearOfEra = y - era * 400;
  const dayOfYear = Math.floor((153 * (month > 2 ? month - 3 : month + 9) + 2) / 5) + day - 1;
  return (
    era * 146_097 + yearOfEra * 365 + Math.floor(yearOfEra / 4) - Math.floor(yearOfEra / 100) + dayOfYear - 719_468
  );
}

/** The ISO day of a count of days; the inverse of `dayNumber`, which it undoes for every whole number. */
export function dayText(days: number): string {
  const z = Math.floor(days) + 719_468;
  const era = Math.floor(z / 146_097);
  const dayOfEra = z - era * 146_097;
  const yearOfEra = Math.floor(
    (dayOfEra - Math.floor(dayOfEra / 1460) + Math.floor(dayOfEra / 36_524) - Math.floor(dayOfEra / 146_096)) / 365,
  );
  const dayOfYear = dayOfEra - (365 * yearOfEra + Math.floor(yearOfEra / 4) - Math.floor(yearOfEra / 100));
  const fromMarch = Math.floor((5 * dayOfYear + 2) / 153);
  const month = fromMarch < 10 ? fromMarch + 3 : fromMarch - 9;
  const year = yearOfEra + era * 400 + (month <= 2 ? 1 : 0);
  const two = (n: number) => String(n).padStart(2, "0");
  return `${String(year).padStart(4, "0")}-${two(month)}-${two(dayOfYear - Math.floor((153 * fromMarch + 2) / 5) + 1)}`;
}

const MONTH_DAYS_MEAN = 30.44;
/** Months between two ISO days; 0 where one is none. */
export const monthsBetween = (from: string, to: string): number =>
  ((dayNumber(to) ?? 0) - (dayNumber(from) ?? dayNumber(to) ?? 0)) / MONTH_DAYS_MEAN;

/** The day some months on, by months of the mean length; undefined where there is no day to begin with. */
export function monthsOn(day: string, months: number): string | undefined {
  const from = dayNumber(day);
  return from === undefined ? undefined : dayText(from + months * MONTH_DAYS_MEAN);
}

/** The first day from this one on that is so in the week, 1 Monday to 7; the day itself where it is no day. */
export function weekdayFrom(day: string, weekday: number): string {
  const from = dayNumber(day);
  if (from === undefined) return day;
  // 1970-01-01 was a Thursday.
  const is = ((((from + 3) % 7) + 7) % 7) + 1;
  return dayText(from + ((((weekday - is) % 7) + 7) % 7));
}
