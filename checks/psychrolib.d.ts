/** What `brew.test.ts` and `drying.test.ts` use of the package psychrolib, which has no types of its own. */
declare module "psychrolib" {
  export const SI: number;
  export function SetUnitSystem(system: number): void;
  /** Pa at °C. */
  export function GetSatVapPres(tempC: number): number;
  /** Pa at a height in m. */
  export function GetStandardAtmPressure(altitudeM: number): number;
  /** J/kg of dry air, at °C and kg of water a kg of dry air. */
  export function GetMoistAirEnthalpy(tempC: number, humidityRatio: number): number;
  export function GetDryAirEnthalpy(tempC: number): number;
  /** °C of the wet bulb, at °C, 0–1 and Pa. */
  export function GetTWetBulbFromRelHum(tempC: number, humidity: number, pressurePa: number): number;
  /** kg/m³ of moist air, at °C, kg of water a kg of dry air, and Pa. */
  export function GetMoistAirDensity(tempC: number, humidityRatio: number, pressurePa: number): number;
  export function GetHumRatioFromRelHum(tempC: number, humidity: number, pressurePa: number): number;
}
