import { PASTE_DENSITY, phiOf } from "../flow";
import { seeded } from "../figure";
import { findMaterial, type Material } from "../material";
import { CATALOGUE } from "../catalogue";
import { bowlState, holdingMlPerG, solveAmountG, thing, type Thing } from "../balance";
import {
  consistencyOf,
  layersOf,
  TARGET_PA,
  TARGETS,
  wordFor,
  type Consistency,
  type Layer,
  type TargetWord,
} from "../paste";

/** A bowl to practise on: a powder nobody names, so much of it, and how thick it should become. */
export interface PracticeBowl {
  readonly powder: Material;
  readonly powderG: number;
  /** What this powder holds against the tables. */
  readonly factor: number;
  readonly target: TargetWord;
  /** ml of water at which it is right. */
  readonly rightMl: number;
}

/** Powders that make a paste by themselves. */
const POWDERS = CATALOGUE.filter(
  ({ form, holding }) =>
    form === "powder" && holding.kind === "perGram" && holding.mlPerG.value >= 0.8 && holding.mlPerG.value <= 4,
);
const AMOUNTS_G = [20, 30, 40, 50, 60, 80, 100];
const WATER = findMaterial("water")!;

const powderIn = ({ powder, powderG, factor }: Omit<PracticeBowl, "rightMl" | "target">): Thing =>
  thing(powder, powderG, holdingMlPerG(powder) * factor);

/** The bowl of a seed; the same seed is the same bowl. */
export function practiceBowl(seed: number): PracticeBowl {
  const random = seeded(seed);
  const pick = <T>(list: readonly T[]): T => list[Math.min(list.length - 1, Math.floor(random() * list.length))];
  const hidden = { powder: pick(POWDERS), powderG: pick(AMOUNTS_G), factor: 0.8 + 0.45 * random() };
  const target = pick(TARGETS.filter((word) => word !== "drizzle"));
  const rightMl = solveAmountG([powderIn(hidden)], thing(WATER, 1), phiOf(TARGET_PA[target])) ?? 0;
  return { ...hidden, target, rightMl };
}

/** What one sees of it with so much poured. */
export interface PracticeState {
  readonly consistency: Consistency;
  readonly layers: readonly Layer[];
  readonly totalMl: number;
  readonly densityGPerMl: number;
}
export function practiceState(bowl: PracticeBowl, pouredMl: number): PracticeState {
  const powder = powderIn(bowl);
  const water = thing(WATER, pouredMl);
  const { massG, volumeMl } = bowlState([powder, water]);
  return {
    consistency: consistencyOf([powder, water]),
    totalMl: volumeMl,
    densityGPerMl: volumeMl > 0 ? massG / volumeMl : PASTE_DENSITY.value,
    layers: layersOf([{ material: bowl.powder, thing: powder }], {
      materials: [{ material: WATER, massShare: 1 }],
      thing: water,
    }),
  };
}

/** How far off one stopped. */
export interface PracticeResult {
  readonly offMl: number;
  /** Of what would have been right, 0.1 is a tenth too much. */
  readonly off: number;
  readonly landed: Consistency;
  /** True where it stands in the word that was asked for. */
  readonly hit: boolean;
}
export function practiceResult(bowl: PracticeBowl, pouredMl: number): PracticeResult {
  const landed = practiceState(bowl, pouredMl).consistency;
  return {
    offMl: pouredMl - bowl.rightMl,
    off: pouredMl / bowl.rightMl - 1,
    landed,
    hit: landed.state === "paste" && wordFor(landed.yieldPa) === bowl.target,
  };
}
