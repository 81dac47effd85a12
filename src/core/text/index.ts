/** Letters as a search compares them: lower case, without accents. */
export const foldText = (text: string): string => text.normalize("NFKD").replace(/\p{M}/gu, "").toLowerCase();

/** The words of a text, folded, each once: runs of letters and digits in any script, at most `most` of them. */
export function wordsOf(text: string, most = 400): string[] {
  return [...new Set(foldText(text).match(/[\p{L}\p{N}]+/gu) ?? [])].slice(0, most);
}

const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/;
/** A lower-case UUID of any version, which is what every id here is. @source RFC 9562 §4 */
export const isUuid = (text: unknown): text is string => typeof text === "string" && UUID.test(text);
export { checkText, readable, signsIn } from "./checkText";
export { MOMENT, momentMs } from "./moment";
