import { scaledBy, tooMuch, wrongWay, type Bowl } from "../bowl";
import { FREE_AMOUNT, GRAMS, timesOfFree } from "../figures";
import { pullG, solveAmountG, solveForTotal } from "../solve";
import { type FreeKind } from "./kind";

/** One line follows the target, with the liquid that is given. */
export const line: FreeKind = {
  amounts: (bowl, liquidG, index) => {
    const { lines, parts, fixed, partsG, fixedG, liquid, phi, totalG } = bowl;
    const solvedThing = lines[index].thing;
    const rest = [...fixed, { ...liquid, massG: liquidG }];
    const against = (things: readonly Bowl["liquid"][]) => wrongWay(bowl, pullG(things, phi), (i) => i === index);
    if (totalG === undefined) {
      const lineG = solveAmountG([...parts, ...rest], solvedThing, phi);
      return lineG === undefined
        ? { scale: 1, liquidG, lineG: 0, obstruction: against([...parts, ...rest]) }
        : { scale: 1, liquidG, lineG };
    }
    const solved = solveForTotal(parts, rest, solvedThing, phi, totalG);
    if (solved && solved.scale > 0 && solved.freeG >= 0) return { scale: solved.scale, liquidG, lineG: solved.freeG };
    const scale = (totalG - fixedG - liquidG) / partsG;
    return scale > 0
      ? { scale, liquidG, lineG: 0, obstruction: against([...scaledBy(parts, scale), ...rest]) }
      : { scale: 1, liquidG, lineG: 0, obstruction: tooMuch(bowl) };
  },
  drawn: (sums, phi, out) => {
    const factor = timesOfFree(sums, phi);
    // Less than none of what would be free means none.
    const times = factor >= 0 ? factor : 0;
    out[FREE_AMOUNT] = times * sums.freed.grams;
    out[GRAMS] = sums.whole.grams + (times - 1) * sums.freed.grams + sums.liquidG;
  },
};
