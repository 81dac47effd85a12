import { chosen, type FeelAnswer } from "../feel";
import { isTagged, phaseOf, type Material } from "../material";
import { lookupIn, wordFor, type PasteAnswer, type PasteQuestion } from "../paste";

/** What the kitchen has, ml. */
export interface Vessels {
  /** The blender's beaker; undefined where there is none. */
  readonly blenderMl?: number;
  /** The nozzle bottle; undefined where there is none. */
  readonly bottleMl?: number;
}

/** One step of mixing. `things` are indexes of the bowl's lines. */
export type MixingStep =
  /** Grind, mash or press beforehand; whether the blender turns such a quantity. */
  | {
      readonly id: "mash";
      readonly things: readonly number[];
      readonly volumeMl: number;
      readonly blender?: "fits" | "tooLittle" | "tooMuch";
    }
  /** Warm until it flows or dissolves. */
  | { readonly id: "warm"; readonly things: readonly number[]; readonly toC: number }
  /** Fine, clumping things are stirred into a powder first, so that each grain stands apart. */
  | { readonly id: "lumps"; readonly things: readonly number[] }
  | { readonly id: "dry"; readonly things: readonly number[]; readonly dusty: boolean }
  | { readonly id: "oilFirst"; readonly things: readonly number[] }
  | { readonly id: "wet"; readonly things: readonly number[] }
  | { readonly id: "pour" }
  | { readonly id: "strain" }
  | { readonly id: "oilLast"; readonly things: readonly number[] }
  | { readonly id: "scent"; readonly things: readonly number[] }
  /** Whether it leaves a nozzle, and how many bottles it fills. */
  | { readonly id: "bottle"; readonly bottles: number; readonly flows: boolean };

/** °C by which it flows or dissolves. Common practice; cocoa butter and beeswax melt highest. */
const WARM_C: Readonly<Record<string, number>> = { butter: 45, crystals: 50, honey: 40 };
/** A blender's knives reach what fills a fifth of it; above three quarters it throws. Common practice. */
const BLENDER = { least: 0.2, most: 0.75 };

/**
 * The order of mixing for a bowl: what is mashed or warmed beforehand, dry things together with little dust and what
 * lumps first among them, wet things smooth, the pour, a sieve before the oil where it pays, oil by either school,
 * scent last, and whether it goes through a bottle.
 * @source common practice
 */
export function mixingOrder(
  question: PasteQuestion,
  answer: PasteAnswer,
  feel: FeelAnswer,
  vessels: Vessels = {},
): MixingStep[] {
  const find = lookupIn(question);
  const materials = answer.lines.map(({ materialId, jarId }) => find(materialId, jarId));
  const which = (holds: (material: Material) => boolean) =>
    materials.flatMap((material, i) => (material && answer.lines[i].massG.mid > 0 && holds(material) ? [i] : []));
  const volumeOf = (indexes: readonly number[]) =>
    indexes.reduce((sum, i) => sum + answer.lines[i].massG.mid / materials[i]!.bulkDensityGPerMl.value, 0);
  const steps: MixingStep[] = [];

  const mash = which(
    (material) =>
      material.form === "soft" &&
      (material.tags.includes("fruit") || (material.tags.includes("fresh") && !material.jobs.includes("slip"))),
  );
  if (mash.length > 0) {
    const volumeMl = volumeOf(mash);
    const { blenderMl } = vessels;
    steps.push({
      id: "mash",
      things: mash,
      volumeMl,
      ...(blenderMl === undefined
        ? {}
        : {
            blender:
              volumeMl < BLENDER.least * blenderMl
                ? ("tooLittle" as const)
                : volumeMl > BLENDER.most * blenderMl
                  ? ("tooMuch" as const)
                  : ("fits" as const),
          }),
    });
  }
  const warm = which(
    (material) => material.form === "butter" || material.form === "crystals" || material.tags.includes("honey"),
  );
  if (warm.length > 0)
    steps.push({
      id: "warm",
      things: warm,
      toC: Math.max(...warm.map((i) => WARM_C[materials[i]!.form] ?? WARM_C.honey)),
    });
  const dry = which((material) => phaseOf(material) === "dry");
  const lumps = dry.filter((i) => isTagged(materials[i]!, "clumps") || materials[i]!.family === "clay");
  if (lumps.length > 0 && lumps.length < dry.length) steps.push({ id: "lumps", things: lumps });
  if (dry.length > 0)
    steps.push({ id: "dry", things: dry, dusty: dry.some((i) => materials[i]!.tags.includes("dust")) });
  const oil = which((material) => phaseOf(material) === "oil" && material.family !== "essentialOil");
  const scent = which((material) => material.family === "essentialOil");
  const oilFirst = question.choices?.oil === "first";
  if (oil.length > 0 && oilFirst) steps.push({ id: "oilFirst", things: oil });
  const wet = which((material) => phaseOf(material) === "wet");
  if (wet.length > 0) steps.push({ id: "wet", things: wet });
  if (answer.liquid.state !== "unreachable" && answer.liquid.ml.mid > 0) steps.push({ id: "pour" });
  if (chosen("strain", feel, question.choices)) steps.push({ id: "strain" });
  if (oil.length > 0 && !oilFirst) steps.push({ id: "oilLast", things: oil });
  if (scent.length > 0) steps.push({ id: "scent", things: scent });
  if (vessels.bottleMl !== undefined) {
    const { mid } = answer.on;
    steps.push({
      id: "bottle",
      bottles: Math.ceil(answer.totalMl / vessels.bottleMl),
      flows: mid.state === "runny" || (mid.state === "paste" && wordFor(mid.yieldPa) === "drizzle"),
    });
  }
  return steps;
}
