import { LIMITS } from "../limits";
import { massG, phaseOf, type Material } from "../material";
import type { Uncertain } from "../figure";
import { holdingMlPerG, pullPerG, thing, type Thing } from "./bowl";
import { lookupIn, type BlendLine, type PasteQuestion, type Role } from "./blend";
import { pullG, solveAmountG, solveScale } from "./solveAmount";
import { solveForTotal } from "./solveForTotal";

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

/** What the target decides: the liquid, one line, or how much of the parts. */
export type Free =
  { readonly kind: "liquid" } | { readonly kind: "line"; readonly line: number } | { readonly kind: "parts" };

/** Why no amount of what is free brings the bowl to its target. */
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
  | "oilDoesNotWet"
  /** The bowl is thinner than the target, and the thing that is free thins it as well. */
  | "stillThinner"
  /** The bowl is thicker than the target, and the thing that is free thickens it as well. */
  | "stillThicker";

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
  readonly liquid: MixedLiquid;
  readonly liquidG: number;
  /** Undefined where everything is given and only the outcome is asked. */
  readonly free?: Free;
  readonly obstruction?: Obstruction;
}

/** How far the parts are scaled, how much liquid and how much of a solved line goes in, and why it may be none. */
interface Amounts {
  readonly scale: number;
  readonly liquidG: number;
  readonly lineG?: number;
  readonly obstruction?: Obstruction;
}

/** A liquid that holds water itself is no use beyond this many grams per gram of powder. */
const HARDLY = 8;

/** A material as it stands after soaking: `soaked` is the share of its holding it has by then. */
export const soakedThing = (material: Material, grams: number, soaked: number): Thing =>
  thing(material, grams, holdingMlPerG(material) * soaked);

/** What is poured as one thing: volumes and masses add up, so its figures are means by mass and its density by volume. */
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
  const poured = liquidOf(blend);
  const liquid = poured.perG;
  const parts = entered.filter((e) => e.role === "part").map((e) => e.thing);
  const fixed = entered.filter((e) => e.role === "fixed").map((e) => e.thing);
  const sum = (things: readonly Thing[]) => things.reduce((total, t) => total + t.massG, 0);
  const roles = entered.map((e) => e.role);
  const tooMuch: Obstruction = {
    why: "fixedTooMuch",
    line: heaviest(entered.map((e) => (e.role === "fixed" ? e.thing.massG : 0))),
  };
  const partsG = sum(parts);
  const fixedG = sum(fixed);
  const givenG = blend.liquid.amountMl === undefined ? undefined : blend.liquid.amountMl * poured.densityGPerMl;
  const solvedLine = roles.indexOf("solved");
  const free: Free | undefined =
    solvedLine >= 0
      ? { kind: "line", line: solvedLine }
      : givenG === undefined
        ? { kind: "liquid" }
        : blend.sizing === "forLiquid"
          ? { kind: "parts" }
          : undefined;

  const amounts = (): Amounts => {
    if (givenG !== undefined) return withLiquid(givenG);
    if (totalG === undefined) {
      const solved = solveAmountG(
        entered.map((e) => e.thing),
        liquid,
        phi,
      );
      return solved === undefined
        ? {
            scale: 1,
            liquidG: 0,
            obstruction: obstructionIn(
              entered.map((e) => e.thing),
              liquid,
              phi,
              roles,
            ),
          }
        : { scale: 1, liquidG: solved };
    }
    const cannotThin = pullPerG(liquid, phi) >= 0;
    const solved = solveForTotal(parts, fixed, liquid, phi, totalG);
    if (!cannotThin && (!solved || solved.scale <= 0)) return { scale: 1, liquidG: 0, obstruction: tooMuch };
    if (!cannotThin && solved && solved.freeG >= 0) return { scale: solved.scale, liquidG: solved.freeG };
    // No liquid helps: the bowl is shown without any, the parts making up the weight.
    const scale = (totalG - fixedG) / partsG;
    if (scale <= 0) return { scale: 1, liquidG: 0, obstruction: tooMuch };
    const scaled = entered.map((e) => (e.role === "part" ? { ...e.thing, massG: e.thing.massG * scale } : e.thing));
    return {
      scale,
      liquidG: 0,
      obstruction: cannotThin ? { why: "cannotThin" } : obstructionIn(scaled, liquid, phi, roles),
    };
  };
  /** The liquid stands; what else is free follows the target, or the outcome is what is asked. */
  const withLiquid = (liquidG: number): Amounts => {
    const inBowl = { ...liquid, massG: liquidG };
    if (free?.kind === "parts") {
      const scale = solveScale(parts, [...fixed, inBowl], phi);
      return scale === undefined
        ? { scale: 1, liquidG, obstruction: wrongWay(pullG([...fixed, inBowl], phi)) }
        : { scale, liquidG };
    }
    if (free?.kind === "line") {
      const solvedThing = entered[free.line].thing;
      const rest = [...fixed, inBowl];
      if (totalG === undefined) {
        const lineG = solveAmountG([...parts, ...rest], solvedThing, phi);
        return lineG === undefined
          ? { scale: 1, liquidG, lineG: 0, obstruction: wrongWay(pullG([...parts, ...rest], phi), free.line) }
          : { scale: 1, liquidG, lineG };
      }
      const solved = solveForTotal(parts, rest, solvedThing, phi, totalG);
      if (solved && solved.scale > 0 && solved.freeG >= 0) return { scale: solved.scale, liquidG, lineG: solved.freeG };
      const scale = (totalG - fixedG - liquidG) / partsG;
      return scale > 0
        ? {
            scale,
            liquidG,
            lineG: 0,
            obstruction: wrongWay(
              pullG([...parts.map((t) => ({ ...t, massG: t.massG * scale })), ...rest], phi),
              free.line,
            ),
          }
        : { scale: 1, liquidG, lineG: 0, obstruction: tooMuch };
    }
    const scale = totalG === undefined ? 1 : (totalG - fixedG - liquidG) / partsG;
    return scale > 0 ? { scale, liquidG } : { scale: 1, liquidG, obstruction: tooMuch };
  };
  /** Names the line that pulls most the way the bowl already leans. */
  const wrongWay = (there: number, but?: number): Obstruction => {
    const pulls = entered.map(({ thing: t, role }, i) =>
      i === but || (role === "part" && free?.kind === "parts")
        ? 0
        : Math.max(0, Math.sign(there) * t.massG * pullPerG(t, phi)),
    );
    return { why: there > 0 ? "stillThicker" : "stillThinner", line: heaviest(pulls) };
  };
  const { scale: solvedScale, liquidG: solvedG, lineG, obstruction: found } = amounts();
  const powderG = sum(
    entered.filter((e) => e.role === "part" || (partsG === 0 && phaseOf(e.material) === "dry")).map((e) => e.thing),
  );
  const hardly = givenG === undefined && liquid.holdingMlPerG > 0 && solvedG > HARDLY * powderG * solvedScale;
  const obstruction: Obstruction | undefined = found ?? (hardly ? { why: "hardlyThins" } : undefined);
  // A liquid that is no use is not poured by the bucket: the bowl is shown without it, the parts making up the weight.
  const dryScale = totalG === undefined || !(partsG > 0) ? 1 : (totalG - fixedG) / partsG;
  const [scale, liquidG] = hardly ? [dryScale > 0 ? dryScale : 1, 0] : [solvedScale, solvedG];

  const lines = entered.map(({ line, material, role, mass }): MixedLine => {
    const factor = role === "part" ? scale : role === "solved" && lineG !== undefined ? lineG / mass.value : 1;
    if (factor === 1) return { line, material, count: line.amount, mass };
    const count = line.amount * factor;
    return { line, material, count, mass: massG(material, count, line.unit, line.fill, spoons)! };
  });
  return { lines, liquid: poured, liquidG, free, obstruction };
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
  const wanted = perGram > 0 ? -pullG(things, phi) / perGram : undefined;
  const powderToAddG = wanted !== undefined && wanted <= LIMITS.amountG.max ? wanted : undefined;
  const lineWouldBeG =
    line === undefined
      ? undefined
      : solveAmountG(
          things.filter((_, i) => i !== line),
          things[line],
          phi,
        );
  return { why: "alreadyThin", line, lineWouldBeG, powderToAddG };
}
