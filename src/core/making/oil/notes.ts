import type { Gauged, Ingredient, MakingNote } from "../method";
import { CEILING, FRESH_CEILING, isBuried, type Way } from "./figures";

/** Oils that warmth spoils: they are drawn cold. Common practice. */
const NOT_HEATED: readonly string[] = ["flax-oil", "hemp-oil", "rosehip-oil", "pumpkin-seed-oil", "wheat-germ-oil"];

/** °C that it is not to pass: a powder darkens, a fresh leaf's water boils out of it. Common practice. */
const lidC = (fresh: boolean): number => (fresh ? 110 : 70);
/** What the thermometer said above that. */
export const tooHot = (gauged: readonly Gauged[], fresh: boolean): MakingNote[] => {
  const most = Math.max(-Infinity, ...gauged.flatMap(({ gauge, value }) => (gauge === "tempC" ? [value] : [])));
  return most > lidC(fresh) ? [{ code: "overLid", detail: { tempC: Math.round(most), lid: lidC(fresh) } }] : [];
};

export function notesOf(
  way: Way,
  fats: readonly Ingredient[],
  plants: readonly Ingredient[],
  share: number,
  fresh: boolean,
  wet: boolean,
): MakingNote[] {
  const notes: MakingNote[] = [];
  const delicate = fats.find(({ material }) => NOT_HEATED.includes(material.id));
  if (delicate && way !== "cold") notes.push({ code: "notHeated", detail: { materialId: delicate.material.id } });
  if (way !== "cold") notes.push({ code: "hotOil", detail: { tempC: lidC(fresh) } });
  if (plants.some(({ material }) => isBuried(material))) notes.push({ code: "botulism" });
  else if (fresh) notes.push({ code: "freshInOil" });
  if (wet) notes.push({ code: "wetOil" });
  if (plants.length > 0 && share > (fresh ? FRESH_CEILING : CEILING) * 1.15)
    notes.push({ code: "overCeiling", detail: { percent: Math.round(share * 100), most: fresh ? 60 : 6.5 } });
  if (!fresh) notes.push({ code: "keepDry" });
  if (plants.length > 0) notes.push({ code: "patchTest" });
  return notes;
}
