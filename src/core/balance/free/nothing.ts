import { tooMuch, type Amounts, type Bowl } from "../bowl";

/** Everything is given, and only the outcome is asked; the parts make up the weight where one is wanted. */
export function nothingFree(bowl: Bowl, liquidG: number): Amounts {
  const { totalG, fixedG, partsG } = bowl;
  const scale = totalG === undefined ? 1 : (totalG - fixedG - liquidG) / partsG;
  return scale > 0 ? { scale, liquidG } : { scale: 1, liquidG, obstruction: tooMuch(bowl) };
}
