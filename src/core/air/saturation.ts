/**
 * Pressure of saturated steam, kPa, from 1 to 130 °C; below it that of water that has not frozen.
 * @source Antoine's equation for water, constants 8.07131, 1730.63, 233.426 (mmHg, °C; from memory)
 */
export const saturationKPa = (tempC: number): number => 10 ** (8.07131 - 1730.63 / (233.426 + tempC)) * 0.133322;
