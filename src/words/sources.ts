import type { Figure, Source } from "@/core/figure";
import { HEAPS, type Material } from "@/core/material";

/** "published: IFCT 2017 G026", "estimate", "common practice, calibrated: …". */
export function sourceWords(source: Source): string {
  const kind = {
    measured: "measured here",
    published: "published",
    practice: "common practice",
    estimate: "our estimate",
  }[source.kind];
  if (source.kind === "published" && source.byDefinition)
    return `by definition: ${source.name.replace(/^by definition: /, "")}`;
  const name = source.name ? `: ${source.name}` : "";
  return `${kind}${name}${source.kind === "published" && source.fromMemory ? ", from memory" : ""}`;
}

const number = (value: number, digits: number): string => Number(value.toFixed(digits)).toString();
const withRange = ({ value, low, high }: Figure, digits: number, scale = 1): string =>
  low === high
    ? number(value * scale, digits)
    : `${number(value * scale, digits)} (${number(low * scale, digits)}–${number(high * scale, digits)})`;

/** What is known of a material and where it comes from, a row a figure. */
export function figureRows(
  material: Material,
): { readonly what: string; readonly is: string; readonly source: string }[] {
  const { water, oil, bulkDensityGPerMl, holding, pieceG, soak, acidity } = material;
  const row = (what: string, figure: Figure, unit: string, digits: number, scale = 1) => ({
    what,
    is: `${withRange(figure, digits, scale)} ${unit}`,
    source: sourceWords(figure.source),
  });
  return [
    row(HEAPS.includes(material.form) ? "a level spoon of it" : "weighs", bulkDensityGPerMl, "g a ml", 2),
    ...(holding.kind === "perGram" ? [row("keeps from flowing", holding.mlPerG, "ml a gram", 2)] : []),
    ...(holding.kind === "ownStiffness" ? [row("by itself as stiff as", holding.yieldPa, "Pa", 0)] : []),
    row("water in it", water, "%", 1, 100),
    ...(oil.value > 0 ? [row("oil in it", oil, "%", 1, 100)] : []),
    ...(acidity ? [row("acid, as citric acid", acidity, "%", 1, 100)] : []),
    ...(pieceG ? [row("one piece", pieceG, "g", 0)] : []),
    ...(soak ? [row("soaks with a time of", soak.timeMin, "min", 0)] : []),
  ];
}
