import type { Made, MakingStepId, Settings } from "@/core/making";

/** What a method's picture is drawn from. */
export interface PictureProps {
  readonly made: Made;
  readonly settings: Settings;
  /** While it is made: the step that is on, and how far that is, 0–1. */
  readonly now?: { readonly step: MakingStepId | undefined; readonly share: number };
  /** What went in, with its colours. */
  readonly parts?: readonly { readonly massG: number; readonly colour: readonly [number, number, number] }[];
  /** Of what stays in the sieve. */
  readonly potColour: readonly [number, number, number];
}
