import { estimate } from "../figure";
import type { StrandSize } from "../head";
import { strengthAt } from "../rest";
import { takenUp, WORN_C } from "./crank";
import { DYE, dyeOf, type DyeId } from "./dyes";

/** Grams of dye powder in a gram of a paste that is made to dye. */
export const DYE_PASTE_G_PER_G = estimate(0.24, 0.2, 0.3, "100 g of henna to about 300 ml");

export const TINTS = ["none", "breath", "tint", "colour"] as const;
export type Tint = (typeof TINTS)[number];
/** From so much K/S on light hair it is called so. Estimates. */
const FROM: Readonly<Record<Exclude<Tint, "none">, number>> = { breath: 0.05, tint: 0.25, colour: 1.2 };

interface Bowl {
  readonly lines: readonly { readonly materialId: string; readonly massG: { readonly mid: number } }[];
  readonly totalG: { readonly mid: number };
  readonly rest: { readonly restMin: number };
  readonly leaveOnMin: { readonly mid: number };
}
/**
 * What dyes in a bowl that is not to dye may leave on grey, blond or bleached hair.
 * @param kitchenTempC where it rests
 */
export function tintsOf(bowl: Bowl, kitchenTempC: number, strand: StrandSize): { dye: DyeId; tint: Tint }[] {
  const hours = bowl.rest.restMin / 60;
  const grams = new Map<DyeId, number>();
  for (const { materialId, massG } of bowl.lines) {
    const dye = dyeOf(materialId);
    if (dye) grams.set(dye, (grams.get(dye) ?? 0) + massG.mid);
  }
  const free = (dye: DyeId): number => {
    const clock = {
      acidPerG: 0,
      startC: kitchenTempC,
      coolingH: 1,
      ...(dye === "indigo" ? { quick: true as const } : {}),
    };
    const waits = DYE[dye].comes === "released" || DYE[dye].comes === "minutes";
    return waits ? strengthAt(clock, [{ fromH: 0, tempC: kitchenTempC }], [hours])[0] : 1;
  };
  return [...grams].map(([dye, massG]) => {
    const share = Math.min(1, massG / Math.max(1, bowl.totalG.mid) / DYE_PASTE_G_PER_G.value);
    const gone = takenUp(bowl.leaveOnMin.mid / 60, strand, WORN_C.open);
    const amount = DYE[dye].full.value * share * free(dye) * gone;
    const tint = TINTS.findLast((one) => one === "none" || amount >= FROM[one])!;
    return { dye, tint };
  });
}
