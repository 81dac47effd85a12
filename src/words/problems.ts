import type { Problem, ProblemCode } from "@/core/problem";

const SENTENCE: Readonly<Record<ProblemCode, (detail: Readonly<Record<string, string | number>>) => string>> = {
  required: () => "This is missing.",
  notANumber: () => "This wants a number, such as 2 or 1.5.",
  tooSmall: ({ min }) => `This is too small; it starts at ${min}.`,
  tooLarge: ({ max }) => `This is too much; it ends at ${max}.`,
  unknownMaterial: () => "This is not on the shelf. Choose one from the list.",
  unknownChoice: ({ among }) => (among ? `This is none of the choices: ${among}.` : "This is none of the choices."),
  noPowder: () => "There is no powder in the bowl yet. Add one, and its parts decide the rest.",
  grindFirst: () => "This is whole or fresh: grind, mash or brew it first, or take its powder.",
  meltFirst: () => "This melts into a lotion; it does nothing in a cold paste.",
  containsItself: () => "This mixture would contain itself.",
  sharesDoNotAddUp: ({ percent }) => `The shares come to ${percent} %; they should come to 100.`,
  notAWeight: () => "No spoon of anything weighs that. Look again at the scale, and at how many spoons it was.",
  inTheFuture: () => "That has not come yet.",
  notAPicture: () => "A picture as a JPEG.",
  notAMoment: () => "A day and a time, such as 2026-03-01 10:00.",
  notAMonth: () => "This wants a month, such as 2026-03.",
  notADay: () => "This wants a day, such as 2026-03-14.",
  moreThanWentIn: ({ g, most }) => `That would be ${g} g, and only about ${most} g went in. Look at the jug again.`,
  noOil: () => "There is no oil in it yet. Add one.",
  noStarch: () => "There is no starch or flour in it yet. Add one.",
  noCrystals: () => "There is nothing in it yet that dissolves. Add salt, sugar or crystals.",
  notALiquid: () => "A paste cannot be made up with this. Choose water, a tea, milk or yoghurt.",
  oilAlone: () => "Oil alone makes no paste: it does not wet a powder. Add a powder and something watery.",
  pinTheLiquid: () => "Say how much liquid there is first: pin it at the jug.",
  solvedTwice: () => "Only one thing can be “as much as it takes”.",
  sameLiquidTwice: () => "These are the same liquid. Take another, or pour only one.",
  slumpTallerThanRing: ({ height }) =>
    `It cannot sink further than the ring is high, ${height} mm. Read it again: how far below the rim’s height is` +
    " the top now?",
  narrowerThanDrop: ({ least }) =>
    `A drop of that size cannot be narrower than ${least} mm. Read across it again, or say how much it was.`,
  tooStiffForRing: ({ height }) =>
    `It hardly sinks, so a ring this low says little. Take a taller one, about ${height} mm.`,
  tooThinForRing: () => "It runs nearly flat, so the ring says little. Drop a tablespoon on a plate instead.",
  tooStiffForPlate: () => "It hardly spreads, so the plate says little. Use a ring instead.",
  tooThinForPlate: ({ under }) =>
    `It runs out to a film, thinner than about ${under} Pa. Take a bigger drop, or call it a drizzle.`,
  unitNotForThis: () => "This is not measured that way. Try grams or spoons.",
  tooMany: ({ max }) => `That is too many; ${max} is the most.`,
  wrongShape: ({ wants }) => `This wants ${wants ?? "something else"}.`,
  tooFew: () => "This is an empty list; at least one is wanted.",
  unknownField: () => "This is not something that can be set here.",
  notText: () => "This wants words.",
  taken: () => "This id is used in another household.",
  nameTaken: () => "Something in this house is called that already. Choose another name.",
  repeated: () => "This stands in the file twice.",
  noBook: () => "This is no book file.",
  newerBook: () =>
    "This file was written by a newer Infusing than this one. Bring it in there, or start the newer one here.",
  strangeSigns: () => "There are signs in it that cannot be kept. Type it again.",
  notInThis: () => "That does not go into this.",
  drinksTooMuch: ({ ml }) => `The herb keeps so much of it that less is left; pour at least ${ml} ml.`,
  boilsDry: ({ max }) =>
    `So long a boil takes more water than the ${max} ml of a large pot. Boil it shorter, or under a lid.`,
  notAnOwnId: () => "A thing of the house's own has an id of its own, which begins with own-; this one is not.",
  notFound: () => "This is not in the household's book.",
};

/** One clear line for a problem. */
export const problemWords = ({ code, detail }: Problem): string => SENTENCE[code](detail ?? {});
