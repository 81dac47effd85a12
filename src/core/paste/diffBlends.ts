import type { Blend, BlendLine } from "./blend";

/** One thing that differs between two versions of a blend. */
export type BlendChange =
  | { readonly kind: "added" | "leftOut"; readonly line: BlendLine }
  | { readonly kind: "amount"; readonly from: BlendLine; readonly to: BlendLine }
  | { readonly kind: "purpose"; readonly from: Blend["purpose"]; readonly to: Blend["purpose"] }
  | { readonly kind: "sizing"; readonly from: Blend["sizing"]; readonly to: Blend["sizing"] }
  | { readonly kind: "target"; readonly from: Blend["target"]; readonly to: Blend["target"] }
  | { readonly kind: "liquid"; readonly from: Blend["liquid"]; readonly to: Blend["liquid"] }
  | { readonly kind: "kitchen"; readonly fromC: number; readonly toC: number }
  | { readonly kind: "rest"; readonly fromMin: number | undefined; readonly toMin: number | undefined }
  | { readonly kind: "choices"; readonly from: Blend["choices"]; readonly to: Blend["choices"] }
  | { readonly kind: "roots"; readonly from: Blend["roots"]; readonly to: Blend["roots"] };

/** The same thing in the same order of its occurrences, so that two spoons of one herb are told apart. */
function keyed(lines: readonly BlendLine[]): Map<string, BlendLine> {
  const seen = new Map<string, number>();
  return new Map(
    lines.map((line) => {
      const nth = (seen.get(line.materialId) ?? 0) + 1;
      seen.set(line.materialId, nth);
      return [`${line.materialId} ${nth}`, line];
    }),
  );
}

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);
const sameLine = (a: BlendLine, b: BlendLine): boolean =>
  a.role === b.role && a.amount === b.amount && a.unit === b.unit && a.fill === b.fill && a.jarId === b.jarId;
const sameLiquid = (a: Blend["liquid"], b: Blend["liquid"]): boolean =>
  a.materialId === b.materialId &&
  a.tempC === b.tempC &&
  a.amountMl === b.amountMl &&
  a.jarId === b.jarId &&
  same(a.with, b.with);

/**
 * Everything that differs between two versions; nothing where they make the same bowl. The order of lines does not
 * count.
 */
export function diffBlends(from: Blend, to: Blend): BlendChange[] {
  const [before, after] = [keyed(from.lines), keyed(to.lines)];
  const changes: BlendChange[] = [];
  for (const [key, line] of before) {
    const now = after.get(key);
    if (!now) changes.push({ kind: "leftOut", line });
    else if (!sameLine(line, now)) changes.push({ kind: "amount", from: line, to: now });
  }
  for (const [key, line] of after) if (!before.has(key)) changes.push({ kind: "added", line });
  if (from.purpose !== to.purpose) changes.push({ kind: "purpose", from: from.purpose, to: to.purpose });
  if (!same(from.target, to.target)) changes.push({ kind: "target", from: from.target, to: to.target });
  if (!sameLiquid(from.liquid, to.liquid)) changes.push({ kind: "liquid", from: from.liquid, to: to.liquid });
  if (from.kitchenTempC !== to.kitchenTempC)
    changes.push({ kind: "kitchen", fromC: from.kitchenTempC, toC: to.kitchenTempC });
  if (from.restMin !== to.restMin) changes.push({ kind: "rest", fromMin: from.restMin, toMin: to.restMin });
  if (from.sizing !== to.sizing) changes.push({ kind: "sizing", from: from.sizing, to: to.sizing });
  if (!same(from.choices ?? {}, to.choices ?? {}))
    changes.push({ kind: "choices", from: from.choices, to: to.choices });
  if (!same(from.roots, to.roots)) changes.push({ kind: "roots", from: from.roots, to: to.roots });
  return changes;
}
