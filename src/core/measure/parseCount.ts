const GLYPHS: Readonly<Record<string, string>> = { "¼": "1/4", "½": "1/2", "¾": "3/4", "⅓": "1/3", "⅔": "2/3" };

/**
 * A typed count as a number: `2`, `1.5`, `0,25`, `1/2`, `1 1/2`, `2½`. Anything else is undefined; never NaN.
 * Signs are read, so that a negative amount is refused for being negative.
 */
export function parseCount(text: string): number | undefined {
  const plain = text
    .trim()
    .replace(/[¼½¾⅓⅔]/g, (glyph) => ` ${GLYPHS[glyph]}`)
    .trim()
    .replace(",", ".");
  const match = /^([+-]?)(?:(\d+(?:\.\d*)?|\.\d+)|(?:(\d+)\s+)?(\d+)\s*\/\s*(\d+))$/.exec(plain);
  if (!match) return undefined;
  const [, sign, decimal, whole, top, bottom] = match;
  const value = decimal !== undefined ? Number(decimal) : Number(whole ?? 0) + Number(top) / Number(bottom);
  return Number.isFinite(value) ? (sign === "-" ? -value : value) : undefined;
}
