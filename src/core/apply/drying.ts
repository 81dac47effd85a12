import { BY_AIR, evaporationGPerM2S, HUMIDITY, wetSurfaceC, type Air } from "../air";
import { estimate, exact, practice, propagate, type Band } from "../figure";
import { PASTE_DENSITY } from "../flow";
import { PURPOSE, TOOL_TAKES, type PurposeId, type Tool } from "../head";
import { contentsOf, type PasteAnswer, type PasteQuestion } from "../paste";

/** Heat that a scalp brings to a wet film, W/m²K between the body's core and the film. */
const BY_BLOOD = estimate(25, 15, 40, "a scalp's conductance with its blood vessels open");
/** Share of its water that a paste has lost when it is almost dry: it is matt and still gives. */
const ALMOST = estimate(0.8, 0.7, 0.9, "matt, and still gives under a finger");

export interface Drying {
  /** Minutes until the paste on the scalp is almost dry, left open. */
  readonly scalpMin: Band;
  /** Minutes until the coat on the lengths is dry through; undefined where there is none. */
  readonly lengthsMin?: Band;
}
/** No film dries slower than this in a page's sense: the air of a bath full of steam takes nothing. */
const LONGEST_MIN = 24 * 60;

/** Share of a bowl that is water, by mass. */
export function waterShareOf(question: PasteQuestion, answer: PasteAnswer): number {
  let [waterG, totalG] = [0, 0];
  for (const { material, massG } of contentsOf(question, answer)) {
    totalG += massG;
    waterG += massG * material.water.value;
  }
  return totalG > 0 ? waterG / totalG : 0;
}

/**
 * How long a paste takes to dry where it lies open: a film on a warm scalp, and the coat on lengths, which nothing
 * warms.
 *
 * @param roomC   °C; `coatMm` on each side of the lengths, as `coverage` gives it
 * @source evaporation into still air; held to practice (a film of 0.2 mm almost dry in 15–35 min, a mask of 0.5 mm in
 *         40–85) and to the saturation and wet bulb of `psychrolib`
 */
export function dryingOf(
  purpose: PurposeId,
  tool: Tool,
  waterShare: number,
  coatMm: Band,
  roomC: number,
  air: Air,
): Drying {
  const inputs = [
    PURPOSE[purpose].filmMm,
    TOOL_TAKES[tool].onScalp,
    PASTE_DENSITY,
    ALMOST,
    HUMIDITY[air],
    BY_AIR,
    BY_BLOOD,
    { value: coatMm.mid, low: coatMm.low, high: coatMm.high },
    practice(roomC, roomC - 1.5, roomC + 1.5, "the house's kitchen"),
    exact(waterShare, "what is in the bowl"),
  ];
  const [scalp, lengths] = propagate(inputs, 2, (x, out) => {
    const [film, tool, density, almost, humidity, byAir, byBlood, coat, room, water] = x;
    const waterG = (mm: number) => mm * 1000 * density * water;
    const minutes = (grams: number, blood: number) => {
      const rate = evaporationGPerM2S(wetSurfaceC(room, humidity, byAir, blood), room, humidity, byAir);
      return Math.min(LONGEST_MIN, rate > 0 ? grams / rate / 60 : LONGEST_MIN);
    };
    out[0] = minutes(almost * waterG(film * tool), byBlood);
    out[1] = minutes(waterG(Math.max(0, coat)), 0);
  });
  const cut = ({ low, mid, high }: Band): Band => ({ low: Math.max(1, low), mid, high: Math.min(LONGEST_MIN, high) });
  return { scalpMin: cut(scalp), ...(coatMm.mid > 0.05 ? { lengthsMin: cut(lengths) } : {}) };
}
