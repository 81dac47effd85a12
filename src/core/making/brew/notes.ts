import type { Material, Tag } from "../../material";
import type { Ingredient, MakingNote } from "../method";
import { DONE_SHARE, doneMin, onAClock } from "./done";
import type { Draw } from "./figures";
import type { Measured } from "./measured";
import type { Outcome } from "./outcome";
import { isSlimy } from "./product";
import { heated, type Brew } from "./said";

/** A pot is stirred and boils over from so full. */
const FULL = 0.8;

/** Stiffer than this no sieve lets it through, hot or cold. Common practice. */
const STRAINS_TO_PA = 8;

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
  if (things.some(({ material }) => isSlimy(material))) notes.push({ code: "slimy" });
  const { holding } = product;
  if (holding.kind === "ownStiffness" && holding.yieldPa.value > STRAINS_TO_PA)
    notes.push({ code: "tooThickToStrain", detail: { pa: Math.round(holding.yieldPa.value) } });
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

/** A thing that is done in so much less than the pot's time goes in late. */
const LATE_SHARE = 0.5;
const LEAST_WAIT_MIN = 5;
/** What goes into a boiling pot later than the rest, and how long before the end. */
export function laterNotes(brewed: Brew, things: readonly Ingredient[], draw: Draw, { holdH }: Outcome): MakingNote[] {
  if (!heated(brewed.way) || things.length < 2) return [];
  return things.flatMap(({ material }, i): MakingNote[] => {
    const minutes = onAClock(doneMin({ ...brewed, way: "boiled" }, { ...draw, things: [draw.things[i]] }).minutes);
    return minutes < LATE_SHARE * holdH * 60 && holdH * 60 - minutes >= LEAST_WAIT_MIN
      ? [{ code: "later", detail: { materialId: material.id, minutes } }]
      : [];
  });
}

/** What was read on the way, and is reckoned with. */
export const measuredNotes = ({ steamGPerH, coolingH }: Measured): MakingNote[] => [
  ...(steamGPerH ? [{ code: "measuredSteam" as const, detail: { gPerH: Math.round(steamGPerH.value) } }] : []),
  ...(coolingH ? [{ code: "measuredCooling" as const, detail: { minutes: Math.round(coolingH.value * 60) } }] : []),
];
