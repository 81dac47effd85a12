import type { Band } from "../figure";
import { massG, type Material } from "../material";
import { parseAmount, volumeMl, type Spoons, type TypedAmount } from "../measure";

/** Something on a page that cannot be right, or cannot be both. */
export type Mismatch =
  /** Spoons and grams of one thing that no spoon reconciles. */
  | { readonly kind: "disagree"; readonly spoonG: Band; readonly saidG: number }
  /** Spoons made equal that are not: what the first is in the second's unit. */
  | { readonly kind: "spoons"; readonly said: number; readonly really: number; readonly unit: TypedAmount["unit"] }
  /** A total that its parts do not come to. */
  | { readonly kind: "total"; readonly saidG: number; readonly sumG: Band };

/** How far a spoon can be off beyond its own band before two amounts contradict each other. */
const GENEROUS = 1.25;
const apartFrom = (saidG: number, { low, high }: Band): boolean => saidG < low / GENEROUS || saidG > high * GENEROUS;

/**
 * Spoons made equal: what one side holds in the other's unit. Undefined where it is no equation of spoons, or right.
 */
export function spoonMismatch(left: TypedAmount, right: TypedAmount, spoons: Spoons): Mismatch | undefined {
  const [a, b] = [left, right].map(({ count, unit }) => volumeMl(count.value, unit, spoons));
  const one = volumeMl(1, right.unit, spoons);
  if (a === undefined || b === undefined || !one || Math.abs(a / b - 1) < 0.04) return undefined;
  return { kind: "spoons", said: right.count.value, really: a / one, unit: right.unit };
}

/** A total in grams that the lines above do not come to. */
export function totalMismatch(text: string, sumG: Band): Mismatch | undefined {
  const reading = parseAmount(text);
  if (reading.kind !== "understood" || reading.amount.unit !== "g" || !(sumG.mid > 0)) return undefined;
  const saidG = reading.amount.count.value;
  return apartFrom(saidG, sumG) ? { kind: "total", saidG, sumG } : undefined;
}

/** What stands behind a typed amount, in brackets or after a comma, and contradicts it: "2 tbsp (60 g)". */
export function mismatchIn(amount: TypedAmount, material: Material | undefined, spoons: Spoons): Mismatch | undefined {
  const behind = /^[(=,]?\s*(.+?)\)?$/.exec(amount.of)?.[1] ?? "";
  const second = behind === "" ? undefined : parseAmount(behind);
  if (second?.kind !== "understood" || second.amount.of !== "" || second.amount.unit === "piece") return undefined;
  return mismatchBetween(amount, second.amount, material, spoons);
}

/** Two amounts of one thing that contradict each other. */
export function mismatchBetween(
  amount: TypedAmount,
  second: TypedAmount,
  material: Material | undefined,
  spoons: Spoons,
): Mismatch | undefined {
  const [spooned, said] = amount.unit === "g" ? [second, amount] : [amount, second];
  if (said.unit !== "g") return spoonMismatch(amount, second, spoons);
  const mass =
    spooned.unit === "g" || !material
      ? undefined
      : massG(material, spooned.count.value, spooned.unit, spooned.fill, spoons);
  const spoonG = mass && { low: mass.low, mid: mass.value, high: mass.high };
  return spoonG && apartFrom(said.count.value, spoonG)
    ? { kind: "disagree", spoonG, saidG: said.count.value }
    : undefined;
}
