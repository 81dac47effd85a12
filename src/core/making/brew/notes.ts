import type { Material, Tag } from "../../material";
import type { Ingredient, MakingNote } from "../method";
import { DONE_SHARE } from "./done";
import type { Outcome } from "./outcome";
import { heated, type Brew } from "./said";

const SLIMY_SEEDS: readonly string[] = ["flax-seed", "chia", "fenugreek-seed", "okra", "marshmallow-root"];
/** A pot is stirred and boils over from so full. */
const FULL = 0.8;

const STAINS: readonly Tag[] = ["stainsRed", "stainsYellow", "stainsBlue", "stainsBrown"];

/** What may go wrong, or is dangerous. */
export function notesOf(
  brewed: Brew,
  product: Material,
  things: readonly Ingredient[],
  { pourG }: Outcome,
  drawn: number,
): MakingNote[] {
  const notes: MakingNote[] = [];
  if (things.some(({ material: { plant = "" } }) => SLIMY_SEEDS.includes(plant))) notes.push({ code: "slimy" });
  if (things.some(({ material: { form } }) => form === "powder")) notes.push({ code: "throughCloth" });
  // As deep as it is wide.
  const potMl = (Math.PI / 4) * brewed.potCm ** 2 * brewed.potCm * 0.6;
  if ((heated(brewed.way) || brewed.way === "poured") && pourG > FULL * potMl)
    notes.push({ code: "potTooFull", detail: { ml: Math.round(pourG), potMl: Math.round(potMl / 50) * 50 } });
  if (drawn < DONE_SHARE - 0.1) notes.push({ code: "weak", detail: { percent: Math.round(drawn * 100) } });
  if (brewed.way !== "cold" && brewed.way !== "fridge") notes.push({ code: "hot" });
  if (product.tags.some((tag) => STAINS.includes(tag))) notes.push({ code: "stains" });
  notes.push({ code: "keepCold" });
  return notes;
}
