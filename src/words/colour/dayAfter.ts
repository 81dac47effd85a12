import type { Tending } from "@/core/batch";

export const AFTER_NAME: Readonly<Record<Tending, string>> = {
  stains: "Skin, towel and basin",
  dry: "Dry, by air",
  oil: "A little oil",
  shampoo: "The first shampoo",
  moisture: "Something moist, for loosened curl",
  judge: "Judge it",
};
/** What to do and why, for each. */
export const AFTER_TEXT: Readonly<Record<Tending, string>> = {
  stains: "Water only in the hair, no shampoo yet. Wipe skin with a little oil, rinse basin and towel cold at once.",
  dry: "It may still come off on a pillow: an old cloth tonight. The colour looks raw now and deepens for two days.",
  oil: "A few drops on the lengths once it is dry; it was a drying paste.",
  shampoo: "Mild, and not before. Until then sweat and rain may still run coloured.",
  moisture: "Curl hangs looser for some washes after henna. A slippery mask without protein brings it back sooner.",
  judge: "By daylight, beside the sketch: colour, grey, evenness. If it is too light, a second round a week on.",
};
