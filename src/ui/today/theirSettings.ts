/** What the browser knows of where a house is: its clock, its money, its spoons. */
export interface TheirSettings {
  readonly timeZone: string;
  readonly currency?: string;
  readonly spoons: { readonly set: "us" | "metric" | "australian" };
}

/** @param region ISO 3166 of the browser's language, or of where that language is mostly spoken */
export const spoonsIn = (region: string | undefined): TheirSettings["spoons"]["set"] =>
  region === "US" ? "us" : region === "AU" ? "australian" : "metric";

export async function theirSettings(language = navigator.language): Promise<TheirSettings> {
  const { timeZone } = Intl.DateTimeFormat().resolvedOptions();
  const region = new Intl.Locale(language).maximize().region;
  const { default: currencies } = await import("country-to-currency");
  const currency = region === undefined ? undefined : (currencies as Record<string, string | undefined>)[region];
  return { timeZone, ...(currency ? { currency } : {}), spoons: { set: spoonsIn(region) } };
}
