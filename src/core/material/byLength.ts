import { practice, type Figure } from "../figure";
import { parseCount } from "../measure";
import type { Material } from "./material";

/** g of one leaf for each cm² of its length squared: a leaf twice as long is twice as wide, and hardly thicker. */
const G_PER_CM2: Readonly<Record<string, Figure>> = {
  "aloe-leaf": practice(0.17, 0.11, 0.27, "leaves of 30, 45 and 60 cm weigh about 150, 350 and 600 g"),
};
const CM: Readonly<Record<string, number>> = { cm: 1, mm: 0.1, in: 2.54, inch: 2.54, inches: 2.54 };
const LENGTH = /^\s*(?:([\d.,/½ ]+)\s*[x×]\s*)?([\d.,/½ ]+)\s*(cm|mm|in|inch|inches)\s*$/i;

/** Whether a piece of it is told by its length where there is no scale. */
export const hasLength = ({ id }: Pick<Material, "id">): boolean => G_PER_CM2[id] !== undefined;

/** g of a leaf by its length as it was typed, "45 cm", "2 × 18 in"; undefined where it is none, or says no length. */
export function gramsByLength({ id }: Pick<Material, "id">, text: string): Figure | undefined {
  const perCm2 = G_PER_CM2[id];
  const found = LENGTH.exec(text);
  if (!perCm2 || !found) return undefined;
  const [count, length] = [found[1] === undefined ? 1 : parseCount(found[1]), parseCount(found[2])];
  if (count === undefined || length === undefined) return undefined;
  const cm2 = count * (length * CM[found[3].toLowerCase()]) ** 2;
  const { value, low, high, source } = perCm2;
  return { value: Math.round(value * cm2), low: low * cm2, high: high * cm2, source };
}
