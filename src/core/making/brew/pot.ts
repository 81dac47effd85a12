import { boilingC, boilOffGPerH, heatingH, openSurface } from "../steam";
import { overLegs, type Leg } from "../warmth";
import type { Draw } from "./figures";
import { heated, type Brew } from "./said";

/** Water from the tap, from the kettle when it meets the pot, and in the fridge, °C. */
const TAP_C = 15;
const FROM_KETTLE_C = 95;
const FRIDGE_C = 4;

/** Hours until a pot boils. */
export const heatUpH = ({ altitudeM }: Brew, draw: Draw, pourG: number): number =>
  heatingH(pourG, TAP_C, boilingC(altitudeM), draw.netW);
/** g an hour that boil off. */
export const boilOff = (brew: Brew, draw: Draw): number => boilOffGPerH(draw.netW, brew.lid ? draw.lidShare : 1);

/** The stretches of warmth from the first to the straining. */
export function legsOf(brew: Brew, draw: Draw, pourG: number, holdH: number): readonly Leg[] {
  const tauH = draw.tau500H * Math.cbrt(Math.max(50, pourG) / 500);
  const boilC = boilingC(brew.altitudeM);
  switch (brew.way) {
    case "boiled":
    case "reduced":
      return [
        { by: "ramp", fromC: TAP_C, toC: boilC, hours: heatUpH(brew, draw, pourG) },
        { by: "hold", atC: boilC, hours: holdH },
      ];
    case "poured":
    case "closedJar":
      return [{ by: "cool", fromC: Math.min(FROM_KETTLE_C, boilC), roomC: brew.roomC, tauH, hours: holdH }];
    case "cold":
      return [{ by: "hold", atC: brew.roomC, hours: holdH }];
    case "fridge":
      return [{ by: "cool", fromC: brew.roomC, roomC: FRIDGE_C, tauH, hours: holdH }];
  }
}

/** g that leave as steam. At the boil it is the ring's power, whatever the pot; below it the open surface. */
export function steamOf(brew: Brew, draw: Draw, legs: readonly Leg[], holdH: number): number {
  if (brew.way === "closedJar" || brew.way === "cold" || brew.way === "fridge") return 0;
  const area = (Math.PI / 4) * brew.potCm ** 2;
  const lidShare = brew.lid ? draw.lidShare : 1;
  const below = heated(brew.way) ? legs.slice(0, 1) : legs;
  const open = overLegs(below, openSurface(brew.roomC, area, draw.openAt90)) * lidShare;
  return open + (heated(brew.way) ? boilOff(brew, draw) * holdH : 0);
}
