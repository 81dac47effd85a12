const AND = new Intl.ListFormat("en-GB", { type: "conjunction" });
const PLURAL = new Intl.PluralRules("en-GB");

/** "amla", "amla and henna", "amla, henna and indigo"; empty for nothing. */
export const andWords = (parts: readonly string[]): string => AND.format(parts);

/** The word for so many: `plural(2, "jar", "jars")` is "jars". */
export const plural = (count: number, one: string, other: string): string =>
  PLURAL.select(count) === "one" ? one : other;

/** "1 jar", "3 jars". */
export const counted = (count: number, one: string, other: string): string => `${count} ${plural(count, one, other)}`;
