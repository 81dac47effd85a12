export * from "./correct";
export { asHeard, beyondPowders, heardFactor, holdingFactor, pasteDensity, WORDS } from "./heard";
export type { Heard, MixingWord, Seen } from "./heard";
export type { CorrectionOption } from "./ways";
