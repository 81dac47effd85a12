import { parseAmount, parseCount } from "@/core/measure";

/** A number as one would type it; never with an exponent. */
export const textOf = (value: number): string => String(Number(value.toFixed(6)));

/** What was typed as a number: missing stays missing, nonsense becomes NaN, which the core refuses at its field. */
export const typed = (text: string): number =>
  text.trim() === "" ? (undefined as unknown as number) : (parseCount(text) ?? NaN);

/** cm to the inch. @source definition of 1959 */
const INCH_CM = 2.54;
/** A length as one types it, in cm: "34", "13,5 in", "20 inches". */
export function typedCm(text: string): number {
  const inches = /^\s*([\d.,½¼¾ /]+?)\s*(in|inch|inches|″|")\s*$/i.exec(text);
  return inches ? typed(inches[1]) * INCH_CM : typed(text.replace(/\s*cm\s*$/i, ""));
}

/** A weight as one types it, in grams: "250", "1,5 kg", "8 oz". Nonsense and volumes become NaN. */
export function typedGrams(text: string): number {
  if (!/\p{L}/u.test(text)) return typed(text);
  const reading = parseAmount(text);
  return reading.kind === "understood" && reading.amount.unit === "g" && reading.amount.of === ""
    ? reading.amount.count.value
    : NaN;
}
