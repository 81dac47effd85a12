/**
 * A typed refusal: which input is wrong (a path such as `lines.2.amount`), why (a code that `words/` turns
 * into a sentence), and the numbers that sentence needs. The core never throws for bad input.
 */
export interface Problem {
  readonly field: string;
  readonly code: ProblemCode;
  readonly detail?: Readonly<Record<string, string | number>>;
}

export type ProblemCode =
  | "required"
  | "notANumber"
  | "tooSmall"
  | "tooLarge"
  | "unknownMaterial"
  | "unknownChoice"
  | "noPowder"
  | "grindFirst"
  | "meltFirst"
  | "containsItself"
  | "sharesDoNotAddUp"
  | "inTheFuture"
  | "notAWeight"
  | "notADay"
  | "notAMonth"
  | "notAMoment"
  | "notAPicture"
  | "notALiquid"
  | "oilAlone"
  | "pinTheLiquid"
  | "solvedTwice"
  | "sameLiquidTwice"
  | "slumpTallerThanRing"
  | "narrowerThanDrop"
  | "tooStiffForRing"
  | "tooThinForRing"
  | "tooStiffForPlate"
  | "tooThinForPlate"
  | "unitNotForThis"
  | "tooMany"
  | "unknownField"
  | "notText"
  | "notFound"
  | "taken"
  | "nameTaken"
  | "repeated"
  | "noBook"
  | "newerBook"
  | "strangeSigns"
  | "wrongShape"
  | "tooFew"
  | "notAnOwnId"
  | "notInThis"
  | "drinksTooMuch"
  | "noOil"
  | "moreThanWentIn"
  | "noStarch"
  | "noCrystals"
  | "boilsDry";

export type Result<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly problems: readonly Problem[] };

export const ok = <T>(value: T): Result<T> => ({ ok: true, value });
export const refuse = (...problems: Problem[]): Result<never> => ({ ok: false, problems });
