import { FREE_AMOUNT, figuresIn, GRAMS, LATER, MIX_OUTPUTS, MIXED, mixRun, ON, type MixSpec } from "../balance";
import { propagate, type Band } from "../figure";
import type { Material } from "../material";
import type { LearntTogether } from "./blend";
import type { Mix } from "./mix";

export interface MixBands {
  /**
   * What the target decides: grams of liquid or of the solved line, or the factor on the parts; a point where nothing
   * is free.
   */
  readonly free: Band;
  readonly totalG: Band;
  /** φ/φm of the bowl with everything at its middle: when it goes on, just mixed, an hour later. 1 is jammed. */
  readonly closenessOn: Band;
  readonly closenessMixed: Band;
  readonly closenessLater: Band;
}

/** First-order bands of a mix. */
export function mixBands(spec: MixSpec): MixBands {
  const found = propagate(spec.inputs, MIX_OUTPUTS, mixRun(spec));
  return {
    free: found[FREE_AMOUNT],
    totalG: found[GRAMS],
    closenessOn: found[ON],
    closenessMixed: found[MIXED],
    closenessLater: found[LATER],
  };
}

/**
 * A mix as its figures.
 * @param targetPa  the wanted yield stress; undefined where nothing is free and only the outcome is asked
 */
export function mixSpec(
  mixed: Mix,
  targetPa: number | undefined,
  soaked: MixSpec["soaked"],
  learnt?: LearntTogether,
): MixSpec {
  const { lines, liquid, liquidG, free } = mixed;
  const movesOf = ({ jarId }: Material) => {
    const row = jarId === undefined ? -1 : (learnt?.jarIds.indexOf(jarId) ?? -1);
    return row >= 0 ? learnt!.spread[row] : undefined;
  };
  return {
    ...figuresIn(
      lines.map(({ material, mass }) => ({ material, mass, moves: movesOf(material) })),
      liquid.parts.map(({ material }) => ({ material, moves: movesOf(material) })),
      learnt?.jarIds.length ?? 0,
    ),
    pouredShares: liquid.parts.map((part) => part.massShare),
    liquidG,
    ...(targetPa === undefined ? {} : { targetPa }),
    ...(free === undefined ? {} : { free: free.kind }),
    isFree: lines.map(({ line }, i) =>
      free?.kind === "line" ? free.line === i : free?.kind === "parts" && line.role === "part",
    ),
    soaked,
  };
}
