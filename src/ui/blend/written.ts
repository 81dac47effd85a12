import type { TypedAmount } from "@/core/measure";
import type { Meanings } from "@/core/search";

/** What a maker decided about one line; its meanings are kept apart, since the house remembers them. */
export interface Decision {
  readonly out?: true;
  readonly amount?: TypedAmount;
  readonly amountText?: string;
  /** It is there twice, and both are meant. */
  readonly both?: true;
  /** So much essential oil is really meant. */
  readonly sure?: true;
  /** Its powder instead of the whole or fresh thing. */
  readonly powder?: true;
}
export interface Written {
  readonly text: string;
  readonly answers: Meanings;
  readonly decisions: Readonly<Record<string, Decision>>;
}
export const NOTHING_WRITTEN: Written = { text: "", answers: { things: {}, units: {} }, decisions: {} };
