import { wrongWay } from "../bowl";
import { FREE_AMOUNT, GRAMS, timesOfFree } from "../figures";
import { pullG, solveScale } from "../solve";
import { type FreeKind } from "./kind";

/** All parts together follow the target, with the liquid that is given. */
export const parts: FreeKind = {
  amounts: (bowl, liquidG) => {
    const rest = [...bowl.fixed, { ...bowl.liquid, massG: liquidG }];
    const scale = solveScale(bowl.parts, rest, bowl.phi);
    return scale === undefined
      ? {
          scale: 1,
          liquidG,
          obstruction: wrongWay(bowl, pullG(rest, bowl.phi), (_, role) => role === "part"),
        }
      : { scale, liquidG };
  },
  drawn: (sums, phi, out) => {
    const factor = timesOfFree(sums, phi);
    const times = factor >= 0 ? factor : NaN;
    out[FREE_AMOUNT] = times;
    out[GRAMS] = sums.whole.grams + (times - 1) * sums.freed.grams + sums.liquidG;
  },
};
