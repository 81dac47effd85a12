import { estimate, exact, type Figure, type Uncertain } from "../../figure";
import type { Ingredient } from "../method";
import { NET_W, OPEN_AT_90, UNDER_A_LID } from "../steam";
import { cutOf, DRAWING } from "./drawing";
import { wattsOf, type Measured } from "./measured";
import type { Brew } from "./said";

/** Hours in which half a litre loses 63 % of what separates it from the room: open, covered, and in a fridge. */
const OPEN_TAU_H = estimate(0.6, 0.4, 0.9, "a bowl of half a litre");
const COVERED_TAU_H = estimate(1.1, 0.8, 1.5, "a covered bowl or closed jar of half a litre");
const FRIDGE_TAU_H = estimate(1.2, 0.8, 2, "a jar of half a litre put in the fridge");
/** What a fresh leaf takes along besides its own water, ml/g. */
const CLINGS_MLPERG = 0.1;
/** From so much water on a thing is fresh: it is full already. */
const FRESH_FROM = 0.2;

/** One set of the uncertain figures. */
export interface Draw {
  readonly netW: number;
  readonly lidShare: number;
  readonly openAt90: number;
  readonly tau500H: number;
  readonly things: readonly {
    readonly massG: number;
    readonly ratePerH: number;
    readonly keptG: number;
    readonly solubleG: number;
  }[];
}

export const tauFor = ({ way, lid }: Brew): Figure =>
  way === "fridge" ? FRIDGE_TAU_H : way === "closedJar" || lid ? COVERED_TAU_H : OPEN_TAU_H;

/** Half a litre's time of cooling, by that of so much in this pot. */
const ofHalfALitre = ({ value, low, high, source }: Figure, ml: number): Figure => {
  const by = Math.cbrt(500 / Math.max(50, ml));
  return { value: value * by, low: low * by, high: high * by, source };
};
/** What was read has the lid in it. */
const AS_READ = exact(1, "read with the lid as it lies");

/** The uncertain figures of a brew in the order `drawFrom` reads them: as they were read on the way, or as they are. */
export function figuresOf(
  brew: Brew,
  things: readonly Ingredient[],
  { steamGPerH, coolingH }: Measured = {},
): readonly Uncertain[] {
  return [
    steamGPerH ? wattsOf(steamGPerH) : NET_W[brew.heat],
    steamGPerH ? AS_READ : UNDER_A_LID,
    OPEN_AT_90,
    coolingH ? ofHalfALitre(coolingH, brew.wantMl) : tauFor(brew),
    ...things.flatMap(({ material }) => {
      const { ratePerH, keptMlPerG, pressedMlPerG } = DRAWING[cutOf(material)];
      return [ratePerH, brew.pressed ? pressedMlPerG : keptMlPerG, material.dissolving];
    }),
  ];
}

/** The figures, drawn: their middles, or with one of them moved. */
export function drawFrom(things: readonly Ingredient[], values: ArrayLike<number>): Draw {
  return {
    netW: values[0],
    lidShare: values[1],
    openAt90: values[2],
    tau500H: values[3],
    things: things.map(({ material, massG }, i) => {
      const [ratePerH, kept, soluble] = [values[4 + 3 * i], values[5 + 3 * i], values[6 + 3 * i]];
      const wet = material.water.value;
      const keptG =
        wet < FRESH_FROM ? kept * massG : Math.max(CLINGS_MLPERG * massG, kept * massG * (1 - wet) - wet * massG);
      return { massG, ratePerH, keptG, solubleG: soluble * massG };
    }),
  };
}

/** g of liquid that all of it keeps. */
export const keptBy = (draw: Draw): number => draw.things.reduce((sum, { keptG }) => sum + keptG, 0);

/** Every figure as it most likely is. */
export const middleOf = (figures: readonly Uncertain[], things: readonly Ingredient[]): Draw =>
  drawFrom(
    things,
    figures.map(({ value }) => value),
  );
