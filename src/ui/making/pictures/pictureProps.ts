import type { Made, Settings } from "@/core/making";

/** What a method's picture is drawn from. */
export interface PictureProps {
  readonly made: Made;
  readonly settings: Settings;
  /** Of what stays in the sieve. */
  readonly potColour: readonly [number, number, number];
}
