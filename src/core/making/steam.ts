import { saturationKPa } from "../air";
import { estimate, exact, practice } from "../figure";

/** Latent heat of water at the boil, kJ/kg. */
export const LATENT_KJ_PER_KG = exact(2257, "IAPWS, saturated steam at 100 °C, 2256.5 rounded");
/** Heat that a litre of water takes for a degree, kJ. */
const WATER_KJ_PER_KG_K = 4.19;

/** What of a ring's power ends in the pot, W. */
export const HEATS = ["low", "medium", "high"] as const;
export type Heat = (typeof HEATS)[number];
export const NET_W = {
  low: practice(400, 280, 560, "a ring turned down so that it just boils"),
  medium: practice(1000, 700, 1400, "a ring at its middle"),
  high: practice(1600, 1200, 2200, "a ring turned up, less what goes past the pot"),
} as const;
/** What a lid lets out of what would boil off. */
export const UNDER_A_LID = estimate(0.15, 0.08, 0.3, "a lid that lies loose");
/** Evaporation from open hot water in still air, kg/m²h at 90 °C. */
export const OPEN_AT_90 = estimate(20, 12, 30, "still kitchen air");

/**
 * Where water boils at a height above the sea, °C; 0–5000 m.
 * @source ICAO standard atmosphere for the pressure (from memory), Antoine for the steam
 */
export function boilingC(altitudeM: number): number {
  const kPa = 101.325 * (1 - 2.25577e-5 * Math.max(0, altitudeM)) ** 5.2559;
  return 1730.63 / (8.07131 - Math.log10(kPa / 0.133322)) - 233.426;
}

/** g/h that boil off, whatever the pot: what is put in goes out as steam. */
export const boilOffGPerH = (netW: number, lidShare = 1): number =>
  ((netW * 3.6) / LATENT_KJ_PER_KG.value) * 1000 * lidShare;

/** Hours until so much water boils, heated evenly. */
export const heatingH = (waterG: number, fromC: number, toC: number, netW: number): number =>
  Math.max(0, (waterG * WATER_KJ_PER_KG_K * (toC - fromC)) / (netW * 3600));

const AT_90_KPA = saturationKPa(90);
/**
 * g/h that go from an open surface below the boil, by its warmth: as the steam's pressure over the room's half-wet air.
 * @param at90 kg/m²h at 90 °C
 */
export function openSurface(roomC: number, areaCm2: number, at90: number): (tempC: number) => number {
  const air = 0.5 * saturationKPa(roomC);
  const gPerHKPa = (at90 * (areaCm2 / 10_000) * 1000) / (AT_90_KPA - air);
  return (tempC) => gPerHKPa * Math.max(0, saturationKPa(Math.min(tempC, 100)) - air);
}
