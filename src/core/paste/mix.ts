import { massG, type Material } from "../material";
import type { Uncertain } from "../figure";
import { holdingMlPerG, pullPerG, thing, type Thing } from "./bowl";
import { lookupIn, type BlendLine, type PasteQuestion, type Role } from "./blend";
import { pullG, solveAmountG } from "./solveAmount";
import { solveForTotal } from "./solveForTotal";

export interface MixedLine {
  readonly line: BlendLine;
  readonly material: Material;
  /** As typed, scaled to the head. */
  readonly count: number;
  /** Grams as it should go in, with the error of the spoon or scale it is measured by. */
  readonly mass: Uncertain;
}

/** Why no amount of this liquid brings the bowl to its target. */
export type Obstacle =
  /** What is in the bowl is thinner than the target before any liquid. */
  | "alreadyThin"
  /** The liquid is itself at least as thick as the target. */
  | "cannotThin"
  /** It would take several times the powder. */
  | "hardlyThins"
  /** The fixed things alone are more than this head takes, or want more liquid than it has room for. */
  | "fixedTooMuch"
  /** The target is met only with oil, and oil does not wet a powder. */
  | "oilDoesNotWet";

export interface Obstruction {
  readonly why: Obstacle;
  /** The line that stands in the way most; undefined where it is the liquid itself. */
  readonly line?: number;
  /** Grams of that line with which it would work, where there is such an amount. */
  readonly lineWouldBeG?: number;
  /** Grams of powder in the blend's own proportions to add instead. */
  readonly powderToAddG?: number;
}

export interface Mix {
  readonly lines: readonly MixedLine[];
  readonly liquidMaterial: Material;
  readonly liquidG: number;
  readonly obstruction?: Obstruction;
}

/** How far the parts are scaled, how much liquid goes in, and why it may be none. */
interface Amounts {
  readonly scale: number;
  readonly liquidG: number;
  readonly obstruction?: Obstruction;
}

/** A liquid that holds water itself is no use beyond this many grams per gram of powder. */
const HARDLY = 8;

/** A material as it stands after soaking: `soaked` is the share of its holding it has by then. */
export const soakedThing = (material: Material, grams: number, soaked: number): Thing =>
  thing(material, grams, holdingMlPerG(material) * soaked);

/**
 * Scales the parts and solves the liquid at the middle figures.
 * @param phi     the wanted share when the paste goes on
 * @param totalG  the paste wanted, or undefined to leave the parts as typed
 * @param soaked  share of its holding each material has when the paste goes on
 */
export function mix(
  blend: PasteQuestion, phi: number, totalG: number | undefined, soaked: (material: Material) => number,
): Mix {
  const find = lookupIn(blend);
  const { spoons } = blend;
  const entered = blend.lines.map((line) => {
    const material = find(line.materialId, line.jarId)!;
    const mass = massG(material, line.amount, line.unit, line.fill, spoons)!;
    return { line, material, role: line.role, mass, thing: soakedThing(material, mass.value, soaked(material)) };
  });
  const liquidMaterial = find(blend.liquid.materialId, blend.liquid.jarId)!;
  const liquid = soakedThing(liquidMaterial, 1, 1);
  const parts = entered.filter((e) => e.role === "part").map((e) => e.thing);
  const fixed = entered.filter((e) => e.role === "fixed").map((e) => e.thing);
  const sum = (things: readonly Thing[]) => things.reduce((total, t) => total + t.massG, 0);
  const roles = entered.map((e) => e.role);
  const tooMuch: Obstruction = { why: "fixedTooMuch", line: heaviest(entered.map((e) => (e.role === "fixed" ? e.thing.massG : 0))) };
  const partsG = sum(parts);
  const fixedG = sum(fixed);
  const givenG = blend.liquid.amountMl === undefined ? undefined : blend.liquid.amountMl * liquidMaterial.bulkDensityGPerMl.value;

  const amounts = (): Amounts => {
    if (givenG !== undefined) {
      const scale = totalG === undefined ? 1 : (totalG - fixedG - givenG) / partsG;
      return scale > 0 ? { scale, liquidG: givenG } : { scale: 1, liquidG: givenG, obstruction: tooMuch };
    }
    if (totalG === undefined) {
      const solved = solveAmountG(entered.map((e) => e.thing), liquid, phi);
      return solved === undefined ? { scale: 1, liquidG: 0, obstruction: obstructionIn(entered.map((e) => e.thing), liquid, phi, roles) } : { scale: 1, liquidG: solved };
    }
    const cannotThin = pullPerG(liquid, phi) >= 0;
    const solved = solveForTotal(parts, fixed, liquid, phi, totalG);
    if (!cannotThin && (!solved || solved.scale <= 0)) return { scale: 1, liquidG: 0, obstruction: tooMuch };
    if (!cannotThin && solved && solved.liquidG >= 0) return solved;
    // No liquid helps: the bowl is shown without any, the parts making up the weight.
    const scale = (totalG - fixedG) / partsG;
    if (scale <= 0) return { scale: 1, liquidG: 0, obstruction: tooMuch };
    const scaled = entered.map((e) => (e.role === "part" ? { ...e.thing, massG: e.thing.massG * scale } : e.thing));
    return { scale, liquidG: 0, obstruction: cannotThin ? { why: "cannotThin" } : obstructionIn(scaled, liquid, phi, roles) };
  };
  const { scale, liquidG, obstruction: found } = amounts();
  const hardly = givenG === undefined && liquid.holdingMlPerG > 0 && liquidG > HARDLY * partsG * scale;
  const obstruction: Obstruction | undefined = found ?? (hardly ? { why: "hardlyThins" } : undefined);

  const lines = entered.map(({ line, material, role, mass }): MixedLine => {
    if (role === "fixed" || scale === 1) return { line, material, count: line.amount, mass };
    const count = line.amount * scale;
    return { line, material, count, mass: massG(material, count, line.unit, line.fill, spoons)! };
  });
  return { lines, liquidMaterial, liquidG, obstruction };
}

const heaviest = (weights: readonly number[]): number | undefined => {
  const most = Math.max(...weights, 0);
  return most > 0 ? weights.indexOf(most) : undefined;
};

/** Names the amount that stands in the way, and the two exact ways out. */
function obstructionIn(things: readonly Thing[], liquid: Thing, phi: number, roles: readonly Role[]): Obstruction {
  if (pullPerG(liquid, phi) >= 0 && pullG(things, phi) > 0) return { why: "cannotThin" };
  const thinning = things.map((t, i) => (roles[i] === "fixed" ? Math.max(0, -t.massG * pullPerG(t, phi)) : 0));
  const line = heaviest(thinning);
  const parts = things.filter((_, i) => roles[i] === "part");
  const perGram = pullG(parts, phi) / parts.reduce((sum, t) => sum + t.massG, 0);
  const powderToAddG = perGram > 0 ? -pullG(things, phi) / perGram : undefined;
  const lineWouldBeG = line === undefined ? undefined : solveAmountG(things.filter((_, i) => i !== line), things[line], phi);
  return { why: "alreadyThin", line, lineWouldBeG, powderToAddG };
}
