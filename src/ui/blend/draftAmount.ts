import { findMaterial, gramsByLength, HEAPS, type Lookup, type Material } from "@/core/material";
import { parseAmount, type AmountReading } from "@/core/measure";
import { type BlendLine } from "@/core/paste";
import { typed } from "../forms/typed";
import type { DraftLine } from "./document";

export type DraftAmount = Pick<DraftLine, "text" | "unit" | "fill">;

/** An amount as it stands in the form: typed as a number beside its unit, or written out, as in "2 heaped tbsp". */
export function readAmount(
  { materialId, text, unit, fill }: Pick<DraftLine, "materialId" | "text" | "unit" | "fill">,
  find: Lookup = findMaterial,
): Pick<BlendLine, "amount" | "unit" | "fill"> {
  const reading = readingOf(find(materialId), text);
  if (reading?.kind === "understood")
    return { amount: reading.amount.count.value, unit: reading.amount.unit, fill: reading.amount.fill };
  return { amount: reading?.kind === "number" ? reading.count : typed(text), unit, fill };
}

/** How what was written out is understood; undefined where it is only a number. */
export function readingOf(material: Material | undefined, text: string): AmountReading | undefined {
  if (!/\p{L}/u.test(text)) return undefined;
  const count = material && gramsByLength(material, text);
  return count
    ? { kind: "understood", amount: { count, unit: "g", fill: "level", of: "" } }
    : parseAmount(text, !(material && HEAPS.includes(material.form)));
}

/** What a maker would first put in, by family. */
export function firstAmount(material: Material | undefined): Pick<DraftLine, "role" | "text" | "unit"> {
  if (material?.form === "powder") return { role: "part", text: "1", unit: "tbsp" };
  if (material?.family === "essentialOil") return { role: "fixed", text: "5", unit: "drop" };
  if (material?.pieceG) return { role: "fixed", text: "1", unit: "piece" };
  return { role: "fixed", text: "1", unit: material?.family === "acid" ? "tsp" : "tbsp" };
}
