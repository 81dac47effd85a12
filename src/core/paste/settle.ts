import { coverage, PURPOSE, type Coverage } from "../head";

import type { Material } from "../material";
import { restPlan, soakedShare, type RestPlan } from "../rest";
import { mixSpec } from "./bands";
import type { PasteQuestion } from "./blend";
import { mix, type Mix } from "./mix";
import { aimedPa, appliedAs } from "./applied";
import { phiOf } from "../flow";
import { type MixSpec } from "../balance";

/** A checked question with everything at its middle: what the bands and the draws both start from. */
export interface Settled {
  readonly need: Coverage;
  readonly targetYieldPa: number;
  readonly rest: RestPlan;
  readonly mixed: Mix;
  /** True where something is solved for the target; false where all is given or nothing gets there. */
  readonly solving: boolean;
  readonly spec: MixSpec;
  /** Share of its holding that each line has, at three moments. */
  readonly soaked: MixSpec["soaked"];
}

/** A bowl is looked at once more this long after it went on. */
export const LATER_MIN = 60;

/** "Generous" is this much of what a head likely takes: what is left over keeps, what is missing does not. */
export const GENEROUS = 1.25;

/** Settles head, rest and mix. The question must have passed `checkQuestion`. */
export function settle(question: PasteQuestion): Settled {
  const need = coverage(question.head, question.purpose, question.roots, appliedAs(question));
  const byHead =
    question.sizing !== "asGiven" &&
    question.sizing !== "forLiquid" &&
    question.lines.some(({ role }) => role === "part");
  const wantedG = !byHead ? undefined : need.pasteG.mid * (question.sizing === "generous" ? GENEROUS : 1);
  const targetYieldPa = aimedPa(question);
  const phi = phiOf(targetYieldPa);
  const tempC = question.kitchenTempC;

  // The rest depends on the mix and the mix on the rest: a first mix with everything soaked settles the rest.
  const rough = mix(question, phi, wantedG, () => 1);
  const inBowl = rough.lines.map(({ material, mass }) => ({ material, massG: mass.value }));
  const poured = rough.liquid.parts.map(({ material, massShare }) => ({ material, massG: massShare * rough.liquidG }));
  const rest = restPlan(
    inBowl,
    { parts: poured, tempC: question.liquid.tempC },
    tempC,
    PURPOSE[question.purpose].dye,
    question.restMin,
  );
  const soakedOn = (material: Material) => soakedShare(material, rest.restMin, tempC);
  const mixed = mix(question, phi, wantedG, soakedOn);

  const after = (minutes: number) => mixed.lines.map(({ material }) => soakedShare(material, minutes, tempC));
  const soaked: MixSpec["soaked"] = {
    on: after(rest.restMin),
    mixed: after(0),
    later: after(rest.restMin + LATER_MIN),
  };
  const solving = mixed.free !== undefined && !mixed.obstruction;
  const spec = mixSpec(mixed, solving ? targetYieldPa : undefined, soaked, question.learnt);
  return { need, targetYieldPa, rest, mixed, solving, spec, soaked };
}
