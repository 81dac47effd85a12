import { estimate, type Figure } from "../figure";
import { saturationKPa } from "./saturation";

/** How damp the air of the room is, as noses know it. */
export const AIRS = ["dry", "usual", "damp"] as const;
export type Air = (typeof AIRS)[number];
/** Relative humidity, 0–1. */
export const HUMIDITY: Readonly<Record<Air, Figure>> = {
  dry: estimate(0.33, 0.25, 0.4, "heated rooms in winter"),
  usual: estimate(0.5, 0.4, 0.6, "a lived-in room"),
  damp: estimate(0.72, 0.62, 0.85, "a bathroom after a shower, rainy summers"),
};

/** Heat that still air gives to a head or takes from it, W/m²K. */
export const BY_AIR = estimate(5, 3.5, 7, "free convection and a little draught round a head, handbooks (from memory)");
const CORE_C = 37;

/** Heat capacity of moist air, J/m³K at 25 °C, and the Lewis number's 2/3 power. @source handbooks (from memory) */
const AIR_J_PER_M3K = 1200;
const LEWIS_TO_TWO_THIRDS = 0.91;
/** Latent heat of water at 25–30 °C, J/g. @source steam tables (from memory) */
const LATENT_J_PER_G = 2430;
const GAS_J_PER_MOL_K = 8.314;
const WATER_G_PER_MOL = 18.015;

/** g/m³ of water in air that is full of it. @source ideal gas, Antoine */
const fullAir = (tempC: number): number =>
  (saturationKPa(tempC) * 1000 * WATER_G_PER_MOL) / (GAS_J_PER_MOL_K * (tempC + 273.15));

/**
 * °C of a wet surface that gets heat from the air and from the body, and loses it as vapour. With nothing from the body
 * it is the room's wet bulb.
 *
 * @param humidity 0–1; `byAir`, `byBlood` W/m²K
 * @source balance of heat on a wet surface, vapour by the analogy of Chilton and Colburn (from memory)
 */
export function wetSurfaceC(roomC: number, humidity: number, byAir = BY_AIR.value, byBlood = 0): number {
  const gains = (tempC: number) =>
    byAir * (roomC - tempC) +
    byBlood * (CORE_C - tempC) -
    LATENT_J_PER_G * evaporationGPerM2S(tempC, roomC, humidity, byAir);
  let [low, high] = [-15, Math.max(roomC, CORE_C)];
  for (let i = 0; i < 40; i++) {
    const middle = (low + high) / 2;
    if (gains(middle) > 0) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
/** g/m²s that go from a wet surface; below zero where the air would wet it. */
export const evaporationGPerM2S = (tempC: number, roomC: number, humidity: number, byAir = BY_AIR.value): number =>
  (byAir / (AIR_J_PER_M3K * LEWIS_TO_TWO_THIRDS)) * (fullAir(tempC) - humidity * fullAir(roomC));
