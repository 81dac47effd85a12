import { pullG, solveAmountG } from "./solve";
import { gramsOf, pullPerG, type Thing } from "./thing";
import { LIMITS } from "../limits";

/**
 * `part` lines keep their proportions and are scaled; `fixed` lines go in as they stand; one line may be `solved`: as
 * much of it as brings the bowl to its target, with the liquid given.
 */
export const ROLES = ["part", "fixed", "solved"] as const;
export type Role = (typeof ROLES)[number];

/** What the target decides: the liquid, one line, or how much of the parts. */
export type Free =
  { readonly kind: "liquid" } | { readonly kind: "line"; readonly line: number } | { readonly kind: "parts" };

/** A bowl to be balanced, at its middle: what goes in as it was typed, soaked as it is when it goes on. */
export interface Bowl {
  readonly lines: readonly { readonly role: Role; readonly thing: Thing }[];
  readonly parts: readonly Thing[];
  readonly fixed: readonly Thing[];
  readonly partsG: number;
  readonly fixedG: number;
  /** A gram of what is poured. */
  readonly liquid: Thing;
  /** Wanted share of what does not flow. */
  readonly phi: number;
  /** Grams of paste wanted; undefined leaves the parts as typed. */
  readonly totalG?: number;
}

/** The bowl of some lines and a liquid. */
export function bowlOf(lines: Bowl["lines"], liquid: Thing, phi: number, totalG: number | undefined): Bowl {
  const of = (role: Role) => lines.filter((one) => one.role === role).map((one) => one.thing);
  const [parts, fixed] = [of("part"), of("fixed")];
  return { lines, parts, fixed, partsG: gramsOf(parts), fixedG: gramsOf(fixed), liquid, phi, totalG };
}

/** How far the parts are scaled, how much liquid and how much of a solved line goes in, and why it may be none. */
export interface Amounts {
  readonly scale: number;
  readonly liquidG: number;
  readonly lineG?: number;
  readonly obstruction?: Obstruction;
}

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
  | "stillThicker"
  /** Nothing but raw starch holds the liquid, and that settles. */
  | "onlyRawStarch";

export interface Obstruction {
  readonly why: Obstacle;
  /** The line that stands in the way most; undefined where it is the liquid itself. */
  readonly line?: number;
  /** Grams of that line with which it would work, where there is such an amount. */
  readonly lineWouldBeG?: number;
  /** Grams of powder in the blend's own proportions to add instead. */
  readonly powderToAddG?: number;
}

export const scaledBy = (things: readonly Thing[], factor: number): Thing[] =>
  things.map((t) => ({ ...t, massG: t.massG * factor }));

const heaviest = (weights: readonly number[]): number | undefined => {
  const most = Math.max(...weights, 0);
  return most > 0 ? weights.indexOf(most) : undefined;
};

/** The fixed things are more than there is room for. */
export const tooMuch = ({ lines }: Bowl): Obstruction => ({
  why: "fixedTooMuch",
  line: heaviest(lines.map(({ role, thing }) => (role === "fixed" ? thing.massG : 0))),
});

/** Names the line that pulls most the way the bowl already leans; what is free is not among them. */
export function wrongWay(
  { lines, phi }: Bowl,
  there: number,
  isFree: (line: number, role: Role) => boolean,
): Obstruction {
  const pulls = lines.map(({ thing: t, role }, i) =>
    isFree(i, role) ? 0 : Math.max(0, Math.sign(there) * t.massG * pullPerG(t, phi)),
  );
  return { why: there > 0 ? "stillThicker" : "stillThinner", line: heaviest(pulls) };
}

/** No liquid helps: names the amount that stands in the way, and the two exact ways out. */
export function alreadyThin({ lines, liquid, phi }: Bowl, things: readonly Thing[]): Obstruction {
  if (pullPerG(liquid, phi) >= 0 && pullG(things, phi) > 0) return { why: "cannotThin" };
  const line = heaviest(
    things.map((t, i) => (lines[i].role === "fixed" ? Math.max(0, -t.massG * pullPerG(t, phi)) : 0)),
  );
  const parts = things.filter((_, i) => lines[i].role === "part");
  const perGram = pullG(parts, phi) / gramsOf(parts);
  const wanted = perGram > 0 ? -pullG(things, phi) / perGram : undefined;
  const others = things.filter((_, i) => i !== line);
  return {
    why: "alreadyThin",
    line,
    lineWouldBeG: line === undefined ? undefined : solveAmountG(others, things[line], phi),
    powderToAddG: wanted !== undefined && wanted <= LIMITS.amountG.max ? wanted : undefined,
  };
}
