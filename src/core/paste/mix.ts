import { bowlOf, FREE, gramsOf, nothingFree, soakedThing, type Free, type Obstruction, type Thing } from "../balance";
import type { Uncertain } from "../figure";
import { massG, phaseOf, type Material } from "../material";
import { lookupIn, type BlendLine, type PasteQuestion } from "./blend";

export interface MixedLine {
  readonly line: BlendLine;
  readonly material: Material;
  /** As typed, scaled to the head. */
  readonly count: number;
  /** Grams as it should go in, with the error of the spoon or scale it is measured by. */
  readonly mass: Uncertain;
}

/** Everything that is poured, one liquid or two in a set ratio, as one. */
export interface MixedLiquid {
  readonly parts: readonly { readonly material: Material; readonly massShare: number }[];
  /** One gram of it. */
  readonly perG: Thing;
  readonly densityGPerMl: number;
}

export interface Mix {
  readonly lines: readonly MixedLine[];
  readonly liquid: MixedLiquid;
  readonly liquidG: number;
  /** Undefined where everything is given and only the outcome is asked. */
  readonly free?: Free;
  readonly obstruction?: Obstruction;
}

/** A liquid that holds water itself is no use beyond this many grams per gram of powder. */
const HARDLY = 8;

/**
 * What is poured as one thing: volumes and masses add up, so its figures are means by mass and its density by volume.
 */
export function liquidOf(blend: Pick<PasteQuestion, "liquid" | "own">): MixedLiquid {
  const find = lookupIn(blend);
  const { materialId, jarId, with: second } = blend.liquid;
  const first = find(materialId, jarId)!;
  if (!second)
    return {
      parts: [{ material: first, massShare: 1 }],
      perG: soakedThing(first, 1, 1),
      densityGPerMl: first.bulkDensityGPerMl.value,
    };
  const other = find(second.materialId, second.jarId)!;
  const [a, b] = [(1 - second.share) * first.bulkDensityGPerMl.value, second.share * other.bulkDensityGPerMl.value];
  const parts = [
    { material: first, massShare: a / (a + b) },
    { material: other, massShare: b / (a + b) },
  ];
  const things = parts.map(({ material, massShare }) => soakedThing(material, massShare, 1));
  const sum = (of: (t: Thing) => number) => things.reduce((total, t) => total + t.massG * of(t), 0);
  const solids = sum((t) => t.solids);
  return {
    parts,
    densityGPerMl: a + b,
    perG: {
      massG: 1,
      water: sum((t) => t.water),
      oil: sum((t) => t.oil),
      dissolving: sum((t) => t.dissolving),
      solids,
      solidsDensity: solids > 0 ? solids / sum((t) => t.solids / t.solidsDensity) : 1,
      holdingMlPerG: sum((t) => t.holdingMlPerG),
    },
  };
}

/** What the target decides in a blend. */
function freeIn({ lines, liquid, sizing }: PasteQuestion): Free | undefined {
  const line = lines.findIndex(({ role }) => role === "solved");
  if (line >= 0) return { kind: "line", line };
  if (liquid.amountMl === undefined) return { kind: "liquid" };
  return sizing === "forLiquid" ? { kind: "parts" } : undefined;
}

/**
 * Scales the parts and solves what is free at the middle figures.
 * @param phi     the wanted share when the paste goes on
 * @param totalG  the paste wanted, or undefined to leave the parts as typed
 * @param soaked  share of its holding each material has when the paste goes on
 */
export function mix(
  blend: PasteQuestion,
  phi: number,
  totalG: number | undefined,
  soaked: (material: Material) => number,
): Mix {
  const find = lookupIn(blend);
  const { spoons } = blend;
  const entered = blend.lines.map((line) => {
    const material = find(line.materialId, line.jarId)!;
    const mass = massG(material, line.amount, line.unit, line.fill, spoons)!;
    return { line, material, role: line.role, mass, thing: soakedThing(material, mass.value, soaked(material)) };
  });
  const liquid = liquidOf(blend);
  const bowl = bowlOf(entered, liquid.perG, phi, totalG);
  const { partsG, fixedG } = bowl;
  const free = freeIn(blend);
  const givenG = blend.liquid.amountMl === undefined ? undefined : blend.liquid.amountMl * liquid.densityGPerMl;
  const solved =
    givenG === undefined
      ? FREE.liquid.amounts(bowl, 0, -1)
      : free
        ? FREE[free.kind].amounts(bowl, givenG, free.kind === "line" ? free.line : -1)
        : nothingFree(bowl, givenG);

  const powders = entered.filter((e) => e.role === "part" || (partsG === 0 && phaseOf(e.material) === "dry"));
  const powderG = gramsOf(powders.map((e) => e.thing)) * solved.scale;
  // A liquid that is no use is not poured by the bucket: the bowl is shown without it, the parts making up the weight.
  const hardly = givenG === undefined && liquid.perG.holdingMlPerG > 0 && solved.liquidG > HARDLY * powderG;
  const dryScale = totalG === undefined || !(partsG > 0) ? 1 : (totalG - fixedG) / partsG;
  const [scale, liquidG] = hardly ? [dryScale > 0 ? dryScale : 1, 0] : [solved.scale, solved.liquidG];
  const { lineG } = solved;

  const lines = entered.map(({ line, material, role, mass }): MixedLine => {
    const factor = role === "part" ? scale : role === "solved" && lineG !== undefined ? lineG / mass.value : 1;
    if (factor === 1) return { line, material, count: line.amount, mass };
    const count = line.amount * factor;
    return { line, material, count, mass: massG(material, count, line.unit, line.fill, spoons)! };
  });
  const obstruction = solved.obstruction ?? (hardly ? { why: "hardlyThins" as const } : undefined);
  return { lines, liquid, liquidG, free, obstruction };
}
