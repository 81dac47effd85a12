import type { Figure, Source } from "@/core/figure";
import { FAMILIES, type Material } from "@/core/material";
import { CATALOGUE } from "@/core/catalogue";
import { withRegional } from "@/core/regional";
import { FAMILY_NAME, FORM_NAME } from "../src/words/families";
import { sourceWords } from "../src/words/sources";

const number = (value: number): string => Number(value.toPrecision(3)).toString();
const figureText = ({ low, value, high }: Figure, scale = 1): string =>
  low === high ? number(value * scale) : `${number(value * scale)} (${number(low * scale)}–${number(high * scale)})`;

function rows(material: Material): (readonly [what: string, unit: string, figure: Figure, scale?: number])[] {
  const { water, oil, dissolving, solidsDensityGPerMl, bulkDensityGPerMl, holding, soak, pieceG, acidity } = material;
  return [
    ["water", "%", water, 100],
    ["oil", "%", oil, 100],
    ["dissolves", "%", dissolving, 100],
    ["solids' density", "g/ml", solidsDensityGPerMl],
    ["level spoon", "g/ml", bulkDensityGPerMl],
    ...(holding.kind === "perGram"
      ? [["holding", "ml/g", holding.mlPerG] as const]
      : holding.kind === "ownStiffness"
        ? [["own stiffness", "Pa", holding.yieldPa] as const]
        : []),
    ...(soak
      ? [["holds at once", "%", soak.firstShare, 100] as const, ["soaking time", "min", soak.timeMin] as const]
      : []),
    ...(acidity ? [["acid, as citric", "%", acidity, 100] as const] : []),
    ...(pieceG ? [["a piece", "g", pieceG] as const] : []),
  ];
}

const ORIGINS = [
  ["definition", "by definition"],
  ["hand", "published and at hand"],
  ["memory", "published and quoted from memory"],
  ["practice", "common practice"],
  ["estimate", "our estimate"],
] as const;
function originOf(source: Source): (typeof ORIGINS)[number][0] | "measured" {
  if (source.kind !== "published") return source.kind;
  if (source.byDefinition) return "definition";
  return source.fromMemory ? "memory" : "hand";
}

/** The figures that decide how much liquid a powder takes. */
const DECIDING = ["level spoon", "holding", "water"];
/** Which of them are estimates without a word why, as "id what". */
export const bareAmongDeciding = (): string[] =>
  CATALOGUE.flatMap((material) =>
    rows(material).flatMap(([what, , { source }]) =>
      DECIDING.includes(what) && source.kind === "estimate" && source.name === undefined
        ? [`${material.id} ${what}`]
        : [],
    ),
  );

/**
 * Every figure of every material with its source, as one Markdown page; generated, and held equal to the data by a
 * check.
 */
export function materialsTable(): string {
  const all = CATALOGUE.flatMap((material) => rows(material).map(([, , figure]) => figure.source));
  const counted = (where: (kind: string) => boolean) => {
    const count = all.filter((source) => where(originOf(source))).length;
    return `${count} (${Math.round((count / all.length) * 100)} %)`;
  };
  const bare = bareAmongDeciding();
  const has = (material: Material, what: string) => rows(material).some(([name]) => name === what);
  const deciding = CATALOGUE.flatMap((material) => DECIDING.filter((what) => has(material, what))).length;
  const lines = [
    "# Materials and the sources of their figures",
    "",
    `Made from \`src/core/catalogue\` by \`./run openapi\`; do not edit. ${CATALOGUE.length} materials, ` +
      `${all.length} figures: ` +
      ORIGINS.map(([origin, words]) => `${counted((one) => one === origin)} ${words}`).join(", ") +
      ".",
    "",
    `Of the figures that decide (level spoon, holding, water) ${bare.length} of ` +
      `${deciding} are bare estimates, without a word why: ${bare.join(", ")}.`,
    "",
    "Regional names: those of foods are in the Indian Food Composition Tables 2017; the others are from memory," +
      " after the Ayurvedic Pharmacopoeia of India and the market. INCI names are from memory.",
    "",
    "Ranges are meant as 90 %. The same figures reach every answer; see `models.md` for what each is used for.",
    "",
  ];
  for (const family of FAMILIES) {
    const of = CATALOGUE.filter((material) => material.family === family);
    if (of.length === 0) continue;
    lines.push(`## ${FAMILY_NAME[family]}`, "");
    for (const material of of) {
      const [first, ...others] = withRegional(material).names;
      lines.push(
        `### ${first.text}`,
        "",
        `\`${material.id}\`, ${FORM_NAME[material.form]}; ${material.use}.` +
          (others.length > 0
            ? " Also: " + others.map(({ text, language }) => `${text} (${language})`).join(", ") + "."
            : "") +
          `${material.inci ? ` INCI: ${material.inci}.` : ""}` +
          `${material.notToConfuse ? ` ${material.notToConfuse}` : ""}`,
        "",
        "| figure | value | unit | source |",
        "|---|---|---|---|",
      );
      for (const [what, unit, figure, scale] of rows(material))
        lines.push(`| ${what} | ${figureText(figure, scale)} | ${unit} | ${sourceWords(figure.source)} |`);
      lines.push("");
    }
  }
  return `${lines.join("\n").trimEnd()}\n`;
}
