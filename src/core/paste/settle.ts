import { coverage, type Coverage } from "../head";
import type { Material } from "../material";
import { restPlan, soakedShare, type RestPlan } from "../rest";
import { mixModel, type MixModel } from "./bands";
import type { PasteQuestion } from "./blend";
import { mix, type Mix } from "./mix";
import { TARGET_PA } from "./target";
import { phiOf } from "./yieldStress";

/** A checked question with everything at its middle: what the bands and the draws both start from. */
export interface Settled {
  readonly need: Coverage;
  readonly targetYieldPa: number;
  readonly rest: RestPlan;
  readonly mixed: Mix;
  /** True where the liquid is solved for; false where it was given or nothing gets there. */
  readonly solving: boolean;
  readonly model: MixModel;
  /** Share of its holding that each line has when it goes on. */
  readonly onShares: readonly number[];
}

/** Settles head, rest and mix. The question must have passed `checkQuestion`. */
export function settle(question: PasteQuestion): Settled {
  const need = coverage(question.head, question.purpose, question.roots);
  const wantedG = question.sizing === "asGiven" ? undefined : question.sizing === "generous" ? need.pasteG.high : need.pasteG.mid;
  const targetYieldPa = "yieldPa" in question.target ? question.target.yieldPa : TARGET_PA[question.target.word];
  const phi = phiOf(targetYieldPa);
  const tempC = question.kitchenTempC;

  // The rest depends on the mix and the mix on the rest: a first mix with everything soaked settles the rest.
  const rough = mix(question, phi, wantedG, () => 1);
  const inBowl = rough.lines.map(({ material, mass }) => ({ material, massG: mass.value }));
  const rest = restPlan(inBowl, { massG: rough.liquidG, tempC: question.liquid.tempC }, tempC, question.restMin);
  const soakedOn = (material: Material) => soakedShare(material, rest.restMin, tempC);
  const mixed = mix(question, phi, wantedG, soakedOn);

  const onShares = mixed.lines.map(({ material }) => soakedOn(material));
  const solving = question.liquid.amountMl === undefined && !mixed.obstruction;
  const model = mixModel(mixed, solving ? targetYieldPa : undefined, onShares, mixed.lines.map(({ material }) => soakedShare(material, 0, tempC)));
  return { need, targetYieldPa, rest, mixed, solving, model, onShares };
}
