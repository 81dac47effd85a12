import { checkChoice } from "../checkChoice";
import { checkNumber } from "../checkNumber";
import { checkHead, PURPOSES } from "../head";
import { LIMITS, type LimitName } from "../limits";
import { findMaterial, HEAPS, NOT_IN_A_PASTE, phaseOf, type Lookup } from "../material";
import { checkSpoons, FILLS, UNITS, type Unit } from "../measure";
import type { Problem } from "../problem";
import { CHOICES, lookupIn, SIZINGS, type Blend, type BlendLine, type Choices, type PasteQuestion } from "./blend";
import { ROLES } from "../balance";
import { TARGETS } from "./target";

const AMOUNT_LIMIT: Readonly<Record<Unit, LimitName>> = {
  g: "amountG",
  ml: "amountMl",
  tsp: "spoonCount",
  tbsp: "spoonCount",
  cup: "spoonCount",
  drop: "dropCount",
  piece: "pieceCount",
};

/**
 * Every problem with an amount as it was measured. With a material, also with measuring that material so.
 * @param materialId of what is measured; undefined where only the amount itself is known
 */
export function checkAmount(
  { amount, unit, fill }: Pick<BlendLine, "amount" | "unit" | "fill">,
  field: string,
  materialId?: string,
  find: Lookup = findMaterial,
): Problem[] {
  const problems: (Problem | undefined)[] = [];
  const material = materialId === undefined ? undefined : find(materialId);
  problems.push(checkChoice(`${field}.fill`, fill, FILLS), checkChoice(`${field}.unit`, unit, UNITS));
  if (UNITS.includes(unit)) {
    problems.push(checkNumber(`${field}.amount`, amount, AMOUNT_LIMIT[unit]));
    if (unit === "piece" && material && !material.pieceG)
      problems.push({ field: `${field}.unit`, code: "unitNotForThis" });
    if (unit === "drop" && material && HEAPS.includes(material.form))
      problems.push({ field: `${field}.unit`, code: "unitNotForThis" });
  }
  return problems.filter((problem) => problem !== undefined);
}

function checkLine(line: BlendLine, field: string, find: Lookup): Problem[] {
  const problems: Problem[] = [];
  const material = find(line.materialId);
  if (!material) problems.push({ field: `${field}.materialId`, code: "unknownMaterial" });
  else if (NOT_IN_A_PASTE.includes(material.form))
    problems.push({ field: `${field}.materialId`, code: material.form === "flakes" ? "meltFirst" : "grindFirst" });
  const role = checkChoice(`${field}.role`, line.role, ROLES);
  return [...problems, ...(role ? [role] : []), ...checkAmount(line, field, line.materialId, find)];
}

function checkPoured(materialId: string, field: string, find: Lookup): Problem[] {
  const material = find(materialId);
  if (!material) return [{ field, code: "unknownMaterial" }];
  return material.makesUp ? [] : [{ field, code: "notALiquid" }];
}

/** Every problem with a blend by itself. */
export function checkBlend(blend: Blend, field = "", find: Lookup = findMaterial): Problem[] {
  const at = (name: string) => (field ? `${field}.${name}` : name);
  const problems: (Problem | undefined)[] = [];
  problems.push(checkChoice(at("purpose"), blend.purpose, PURPOSES), checkChoice(at("sizing"), blend.sizing, SIZINGS));
  if (blend.roots) {
    problems.push(checkNumber(at("roots.months"), blend.roots.months, "rootMonths"));
    problems.push(checkNumber(at("roots.share"), blend.roots.share, "rootShare"));
  }
  if (blend.lines.length > LIMITS.lineCount.max)
    problems.push({ field: at("lines"), code: "tooMany", detail: { max: LIMITS.lineCount.max } });
  else blend.lines.forEach((line, i) => problems.push(...checkLine(line, at(`lines.${i}`), find)));
  const phases = blend.lines.map((line) => {
    const material = find(line.materialId);
    return material && phaseOf(material);
  });
  if (phases.length > 0 && phases.every((phase) => phase === "oil")) {
    problems.push({ field: at("lines"), code: "oilAlone" });
  } else if (!phases.includes("dry")) problems.push({ field: at("lines"), code: "noPowder" });

  problems.push(...checkPoured(blend.liquid.materialId, at("liquid.materialId"), find));
  const second = blend.liquid.with;
  if (second) {
    problems.push(
      ...checkPoured(second.materialId, at("liquid.with.materialId"), find),
      checkNumber(at("liquid.with.share"), second.share, "secondShare"),
    );
    if (second.materialId === blend.liquid.materialId)
      problems.push({ field: at("liquid.with.materialId"), code: "sameLiquidTwice" });
  }
  const solved = blend.lines.flatMap(({ role }, i) => (role === "solved" ? [i] : []));
  if (solved.length > 1) problems.push({ field: at(`lines.${solved[1]}.role`), code: "solvedTwice" });
  else if (solved.length === 1 && blend.sizing === "forLiquid")
    problems.push({ field: at(`lines.${solved[0]}.role`), code: "solvedTwice" });
  if ((solved.length > 0 || blend.sizing === "forLiquid") && blend.liquid.amountMl === undefined)
    problems.push({ field: at("liquid.amountMl"), code: "pinTheLiquid" });
  for (const [name, choice] of Object.entries(blend.choices ?? {})) {
    problems.push(
      Object.hasOwn(CHOICES, name)
        ? checkChoice(at(`choices.${name}`), choice, CHOICES[name as keyof Choices])
        : { field: at(`choices.${name}`), code: "unknownField" },
    );
  }
  problems.push(checkNumber(at("liquid.tempC"), blend.liquid.tempC, "liquidTempC"));
  if (blend.liquid.amountMl !== undefined)
    problems.push(checkNumber(at("liquid.amountMl"), blend.liquid.amountMl, "liquidMl"));
  if ("yieldPa" in blend.target)
    problems.push(checkNumber(at("target.yieldPa"), blend.target.yieldPa, "targetYieldPa"));
  else problems.push(checkChoice(at("target.word"), blend.target.word, TARGETS));
  problems.push(checkNumber(at("kitchenTempC"), blend.kitchenTempC, "kitchenTempC"));
  if (blend.restMin !== undefined) problems.push(checkNumber(at("restMin"), blend.restMin, "restMin"));
  return problems.filter((problem) => problem !== undefined);
}

/** Every problem with a question: its blend, its head, its spoons. */
export function checkQuestion(question: PasteQuestion): Problem[] {
  return [
    ...checkBlend(question, "", lookupIn(question)),
    ...checkHead(question.head),
    ...checkSpoons(question.spoons),
  ];
}
