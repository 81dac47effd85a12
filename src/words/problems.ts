import type { Problem, ProblemCode } from "@/core/problem";

const SENTENCE: Readonly<Record<ProblemCode, (detail: Readonly<Record<string, string | number>>) => string>> = {
  required: () => "This is missing.",
  notANumber: () => "This wants a number, such as 2 or 1.5.",
  tooSmall: ({ min }) => `This is too small; it starts at ${min}.`,
  tooLarge: ({ max }) => `This is too much; it ends at ${max}.`,
  unknownMaterial: () => "This is not on the shelf. Choose one from the list.",
  unknownChoice: () => "This is none of the choices.",
  noPowder: () => "There is no powder in the bowl yet. Add one, and its parts decide the rest.",
  grindFirst: () => "This is whole or fresh: grind, mash or brew it first, or take its powder.",
  meltFirst: () => "This melts into a lotion; it does nothing in a cold paste.",
  containsItself: () => "This mixture would contain itself.",
  sharesDoNotAddUp: ({ percent }) => `The shares come to ${percent} %; they should come to 100.`,
  notAWeight: () => "No spoon of anything weighs that. Look again at the scale, and at how many spoons it was.",
  inTheFuture: () => "That day has not come yet.",
  notADay: () => "This wants a day, such as 2026-03-14.",
  notALiquid: () => "A paste cannot be made up with this. Choose water, a tea, milk or yoghurt.",
  oilAlone: () => "Oil alone makes no paste: it does not wet a powder. Add a powder and something watery.",
  unitNotForThis: () => "This is not measured that way. Try grams or spoons.",
  tooMany: ({ max }) => `That is too many; ${max} is the most.`,
  unknownField: () => "This is not something that can be set here.",
  notText: () => "This wants words.",
  taken: () => "This id is used in another household.",
  nameTaken: () => "Something in this house is called that already. Choose another name.",
  repeated: () => "This stands in the file twice.",
  noBook: () => "This is no book file, or one of a newer kind than this house reads.",
  notFound: () => "This is not in the household's book.",
};

/** One clear line for a problem. */
export const problemWords = ({ code, detail }: Problem): string => SENTENCE[code](detail ?? {});
