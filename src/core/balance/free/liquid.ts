import { alreadyThin, scaledBy, tooMuch } from "../bowl";
import { FREE_AMOUNT, GRAMS } from "../figures";
import { solveAmountG, solveForTotal } from "../solve";
import { pullPerG } from "../thing";
import { type FreeKind } from "./kind";

/** The liquid follows the target; the parts make up the weight that is wanted. Nothing of it is given. */
export const liquid: FreeKind = {
  amounts: (bowl) => {
    const { lines, parts, fixed, partsG, fixedG, liquid: poured, phi, totalG } = bowl;
    const things = lines.map((line) => line.thing);
    if (totalG === undefined) {
      const solved = solveAmountG(things, poured, phi);
      return solved === undefined
        ? { scale: 1, liquidG: 0, obstruction: alreadyThin(bowl, things) }
        : { scale: 1, liquidG: solved };
    }
    const cannotThin = pullPerG(poured, phi) >= 0;
    const solved = solveForTotal(parts, fixed, poured, phi, totalG);
    if (!cannotThin && (!solved || solved.scale <= 0)) return { scale: 1, liquidG: 0, obstruction: tooMuch(bowl) };
    if (!cannotThin && solved && solved.freeG >= 0) return { scale: solved.scale, liquidG: solved.freeG };
    // No liquid helps: the bowl is shown without any, the parts making up the weight.
    const scale = (totalG - fixedG) / partsG;
    if (scale <= 0) return { scale: 1, liquidG: 0, obstruction: tooMuch(bowl) };
    const scaled = lines.flatMap(({ role, thing }) => (role === "part" ? scaledBy([thing], scale) : [thing]));
    return { scale, liquidG: 0, obstruction: cannotThin ? { why: "cannotThin" } : alreadyThin(bowl, scaled) };
  },
  drawn: ({ whole, liquidVolume, liquidSwollen }, phi, out) => {
    const pull = liquidSwollen - phi * liquidVolume;
    const amount = -(whole.on - phi * whole.volume) / pull;
    // Below zero a thinning liquid means "none"; a thickening one has no answer there.
    out[FREE_AMOUNT] = amount >= 0 ? amount : pull < 0 ? 0 : NaN;
    out[GRAMS] = whole.grams + out[FREE_AMOUNT];
  },
};
