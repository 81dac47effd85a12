// A blend and jars for it, for the checks that need a shelf.
import type { Blend } from "@/core/paste";
import type { Jar, Shelf } from "@/core/shelf";

export const jar = (materialId: string, of: Partial<Jar> = {}): Jar => ({
  id: `${materialId}-1`,
  materialId,
  name: materialId,
  fullG: 500,
  leftG: 500,
  madeHere: false,
  weighings: [],
  ...of,
});
export const blend: Blend = {
  purpose: "mask",
  lines: [
    { materialId: "amla", role: "part", amount: 2, unit: "tbsp", fill: "level" },
    { materialId: "brahmi", role: "part", amount: 1, unit: "tbsp", fill: "level" },
    { materialId: "yoghurt", role: "fixed", amount: 4, unit: "tbsp", fill: "level" },
  ],
  liquid: { materialId: "water", tempC: 40 },
  target: { word: "cream" },
  kitchenTempC: 21,
  sizing: "likely",
};
export const shelfWith = (...jars: Jar[]): Shelf => ({ own: [], jars });
