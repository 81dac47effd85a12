/**
 * Zones by the names they have today; the runtime lists some by the names they had.
 * @source IANA time zone database, file `backward` (from memory)
 */
const TODAY: Readonly<Record<string, string>> = {
  "Asia/Calcutta": "Asia/Kolkata",
  "Asia/Katmandu": "Asia/Kathmandu",
  "Asia/Rangoon": "Asia/Yangon",
  "Asia/Saigon": "Asia/Ho_Chi_Minh",
  "Europe/Kiev": "Europe/Kyiv",
  "America/Godthab": "America/Nuuk",
  "America/Buenos_Aires": "America/Argentina/Buenos_Aires",
  "Atlantic/Faeroe": "Atlantic/Faroe",
  "Africa/Asmera": "Africa/Asmara",
  "Pacific/Enderbury": "Pacific/Kanton",
  "Pacific/Ponape": "Pacific/Pohnpei",
  "Pacific/Truk": "Pacific/Chuuk",
};

/** Every zone to choose from, with the one that is chosen whatever it is called. */
export const timeZones = (chosen: string): string[] =>
  [...new Set([chosen, "UTC", ...Intl.supportedValuesOf("timeZone").map((zone) => TODAY[zone] ?? zone)])].sort((a, b) =>
    a.localeCompare(b),
  );
