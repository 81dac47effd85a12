import { cautionsFor, strengthOf, type Caution } from "../caution";
import { bandOf, point, scaleBand, type Band } from "../figure";
import { LEFT_IN_BOWL, PURPOSE, sectionCount, type Coverage } from "../head";
import { inSpoons, type SpoonAmount, type Spoons, type Unit } from "../measure";
import { ok, refuse, type Result } from "../problem";
import type { RestPlan } from "../rest";
import { phaseOf, type Material, type Phase } from "../material";
import { mixBands } from "./bands";
import type { PasteQuestion } from "./blend";
import { bowlState, type Thing, soakedThing, type Obstruction } from "../balance";
import { checkQuestion } from "./checkBlend";
import { heldCoatMm } from "./coat";
import { asWorn, hangingLoose } from "./stays";
import { consistencyAt, type Consistency } from "./consistency";
import { layersOf, type Layer } from "./layers";
import { pourPlan, type PourPlan } from "./pourPlan";
import { settle } from "./settle";
import { verdictOf, type Verdict } from "./verdict";
import { PHI_MAX } from "../flow";

/** Raised whenever a change of figures or equations may change an answer; saved with every batch. */
export const PASTE_MODEL = 8;

export interface LineAnswer {
  readonly materialId: string;
  readonly jarId?: string;
  /** When it goes in: with the dry things, the wet ones, or last. */
  readonly phase?: Phase;
  readonly massG: Band;
  /** Level spoons of it, whatever it was typed in. */
  readonly spoons: SpoonAmount;
  /** As typed, scaled: pieces, drops, spoons. */
  readonly count: number;
  readonly unit: Unit;
}

export type LiquidAnswer =
  | { readonly state: "solved"; readonly ml: Band; readonly plan: PourPlan; readonly spoons: SpoonAmount }
  | { readonly state: "given"; readonly ml: Band; readonly spoons: SpoonAmount }
  | ({ readonly state: "unreachable" } & Obstruction);

/** Consistency at the middle and at both ends of what the figures allow. */
export interface ConsistencyBand {
  readonly mid: Consistency;
  readonly thinnest: Consistency;
  readonly thickest: Consistency;
}

export interface PasteAnswer {
  readonly model: number;
  readonly head: Coverage;
  readonly lines: readonly LineAnswer[];
  readonly liquid: LiquidAnswer;
  readonly totalG: Band;
  readonly totalMl: number;
  readonly targetYieldPa: number;
  readonly mixed: ConsistencyBand;
  readonly on: ConsistencyBand;
  /** An hour after it went on. Bowls computed before model 3 have none. */
  readonly later?: ConsistencyBand;
  /** What the target decided, where it was not the liquid: the index of a line, or all parts together. */
  readonly solvedFor?: number | "parts";
  /** mm that this bowl lays on the lengths where it hangs, and mm that hold; undefined while the bowl is dry. */
  readonly coat: { readonly needMm: Band; readonly holdsMm?: number };
  readonly verdict: Verdict;
  readonly rest: RestPlan;
  readonly leaveOnMin: Band;
  readonly sections: { readonly count: number; readonly eachG: Band };
  readonly layers: readonly Layer[];
  readonly cautions: readonly Caution[];
}

const consistencyBand = ({ low, mid, high }: Band): ConsistencyBand => ({
  mid: consistencyAt(mid * PHI_MAX.value),
  thinnest: consistencyAt(low * PHI_MAX.value),
  thickest: consistencyAt(high * PHI_MAX.value),
});

const DRY: ConsistencyBand = { mid: { state: "dry" }, thinnest: { state: "dry" }, thickest: { state: "dry" } };

/**
 * The whole answer for a bowl: how much the head takes, each amount, the liquid as a band, how thick it is at
 * mixing and when it goes on, whether it clings, how long it rests and stays on, and what to be careful of.
 * The liquid is solved for the moment the paste goes on, since powders go on swelling.
 *
 * @param question amounts in the units they were typed in; temperatures °C; rest in minutes
 * @returns bands in the units of their names, or every problem with the question; never NaN, and no yield stress
 *          for a bowl that is still dry
 */
export function computePaste(question: PasteQuestion): Result<PasteAnswer> {
  const problems = checkQuestion(question);
  if (problems.length > 0) return refuse(...problems);

  const { need, targetYieldPa, rest, mixed, solving, spec, soaked } = settle(question);
  const bands = mixBands(spec);
  const { free } = mixed;

  const lines = mixed.lines.map(({ material, mass }, i) => ({
    material,
    thing: soakedThing(material, mass.value, soaked.on[i]),
  }));
  const liquid = { materials: mixed.liquid.parts, thing: { ...mixed.liquid.perG, massG: mixed.liquidG } };
  const state = bowlState([...lines.map((line) => line.thing), liquid.thing]);
  const standing = (closeness: Band): ConsistencyBand => (state.dry ? DRY : consistencyBand(closeness));
  const on = standing(bands.closenessOn);
  const density = state.massG / state.volumeMl;
  const holdsMm = on.mid.state === "dry" ? undefined : heldCoatMm(on.mid.yieldPa, density);
  const obstruction =
    settlesOut(mixed.lines.map((line) => line.material)) ??
    mixed.obstruction ??
    (solving && state.dry ? oilInTheWay(lines) : undefined);
  const bowl = {
    totalG: bands.totalG.mid,
    need,
    pasteGPerMl: density,
    // Solved for a thickness, she stops when it looks right; poured as given, all that the figures leave open counts.
    thickness: solving && on.mid.state !== "dry" ? { madeForPa: on.mid.yieldPa } : { closeness: bands.closenessOn },
  };
  const loose = hangingLoose(bowl);
  const worn = question.choices?.worn ?? PURPOSE[question.purpose].worn;
  const sections = sectionCount(need.hairG.mid);
  const liquidDensity = mixed.liquid.densityGPerMl;
  // To first order a wide band can reach below nothing; a bowl cannot.
  const freeBand: Band = { ...bands.free, low: Math.max(0, bands.free.low) };
  const liquidG = free?.kind === "liquid" && solving ? freeBand : point(mixed.liquidG);
  const massOf = (i: number): Band => {
    const { mass, line } = mixed.lines[i];
    if (solving && free?.kind === "line" && free.line === i) return freeBand;
    if (solving && free?.kind === "parts" && line.role === "part")
      return scaleBand(freeBand, mass.value / freeBand.mid);
    return bandOf(mass);
  };

  return ok({
    model: PASTE_MODEL,
    head: need,
    lines: mixed.lines.map(({ line, material, mass, count }, i) => ({
      materialId: material.id,
      ...(line.jarId === undefined ? {} : { jarId: line.jarId }),
      phase: phaseOf(material),
      massG: massOf(i),
      spoons: inSpoons(mass.value / material.bulkDensityGPerMl.value, question.spoons),
      count,
      unit: line.unit,
    })),
    liquid: liquidAnswer(
      obstruction,
      solving && free?.kind === "liquid",
      scaleBand(liquidG, 1 / liquidDensity),
      question.spoons,
    ),
    ...(free === undefined || free.kind === "liquid"
      ? {}
      : { solvedFor: free.kind === "line" ? free.line : ("parts" as const) }),
    totalG: bands.totalG,
    totalMl: state.volumeMl,
    targetYieldPa,
    mixed: standing(bands.closenessMixed),
    on,
    later: standing(bands.closenessLater),
    coat: { needMm: asWorn(loose, worn).coatMm, holdsMm },
    verdict: verdictOf({
      lines: lines.map((line) => line.thing),
      liquid: liquid.thing,
      liquidDensity,
      targetYieldPa,
      on: on.mid,
      holdsMm,
      bowl,
      loose,
      worn,
      reachable: obstruction === undefined,
    }),
    rest,
    leaveOnMin: bandOf(PURPOSE[question.purpose].leaveOnMin),
    sections: { count: sections, eachG: scaleBand(bands.totalG, 1 / (1 + LEFT_IN_BOWL.value) / sections) },
    layers: layersOf(lines, liquid),
    cautions: cautionsFor({
      head: question.head,
      purpose: question.purpose,
      kitchenTempC: question.kitchenTempC,
      liquidTempC: question.liquid.tempC,
      materials: [...mixed.lines.map((line) => line.material), ...mixed.liquid.parts.map((part) => part.material)],
      restMin: rest.restMin,
      strength: strengthOf([
        ...mixed.lines.map(({ material, mass }) => ({ material, massG: mass.value })),
        ...mixed.liquid.parts.map(({ material, massShare }) => ({ material, massG: massShare * mixed.liquidG })),
      ]),
    }),
  });
}

/** Raw starch alone settles like sand, whatever is poured on it: no amount is given for it. */
function settlesOut(materials: readonly Material[]): Obstruction | undefined {
  const holds = materials.map(({ holding, tags }) => holding.kind !== "none" && !tags.includes("rawStarch"));
  const line = materials.findIndex(({ tags }) => tags.includes("rawStarch"));
  return line >= 0 && !holds.includes(true) ? { why: "onlyRawStarch", line } : undefined;
}

/** The target was met only with oil; the heaviest oil is what stands in the way. */
function oilInTheWay(lines: readonly { readonly material: Material; readonly thing: Thing }[]): Obstruction {
  const oils = lines.map(({ material, thing }) => (phaseOf(material) === "oil" ? thing.massG : 0));
  const most = Math.max(...oils);
  return { why: "oilDoesNotWet", line: most > 0 ? oils.indexOf(most) : undefined };
}

function liquidAnswer(obstruction: Obstruction | undefined, solved: boolean, ml: Band, spoons: Spoons): LiquidAnswer {
  if (obstruction) return { state: "unreachable", ...obstruction };
  if (!solved) return { state: "given", ml, spoons: inSpoons(ml.mid, spoons) };
  return { state: "solved", ml, plan: pourPlan(ml, spoons), spoons: inSpoons(ml.mid, spoons) };
}
