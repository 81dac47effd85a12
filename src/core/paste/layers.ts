import { phaseOf, type Material } from "../material";
import { volumePerG, type Thing } from "../balance";

/** One layer of the bowl's cross-section, from the bottom up. The volumes add up to the whole paste. */
export interface Layer {
  readonly kind: "line" | "held" | "flows";
  /** Index into the blend's lines, for `line`. */
  readonly line?: number;
  readonly volumeMl: number;
  readonly colour: readonly [number, number, number];
}

/** From the bottom up: powders, wet things, sour ones, what is poured (3), oils, essential oils. */
const orderOf = (material: Material): number => {
  const phase = phaseOf(material);
  if (phase === "oil") return material.family === "essentialOil" ? 5 : 4;
  return phase === "dry" ? 0 : material.family === "acid" ? 2 : 1;
};

/**
 * Powders lie at the bottom, wet things on them; then the poured liquid, split into what the powders can hold and
 * what is left to flow; oil on top. ml throughout.
 */
export function layersOf(
  lines: readonly { readonly material: Material; readonly thing: Thing }[],
  liquid: {
    readonly materials: readonly { readonly material: Material; readonly massShare: number }[];
    readonly thing: Thing;
  },
): Layer[] {
  const stacked = lines.map(({ material, thing }, line): Layer & { order: number } => ({
    kind: "line",
    line,
    volumeMl: thing.massG * volumePerG(thing),
    colour: material.colour,
    order: orderOf(material),
  }));
  const canHold = lines.reduce(
    (sum, { material, thing }) => sum + (material.form === "powder" ? thing.massG * thing.holdingMlPerG : 0),
    0,
  );
  const pouredMl = liquid.thing.massG * volumePerG(liquid.thing);
  const heldMl = Math.min(pouredMl, canHold);
  const colour = [...liquid.materials].sort((a, b) => b.massShare - a.massShare)[0].material.colour;
  const poured = [
    { kind: "held" as const, volumeMl: heldMl, colour, order: 3 },
    { kind: "flows" as const, volumeMl: pouredMl - heldMl, colour, order: 3 },
  ];
  return [...stacked, ...poured]
    .filter((layer) => layer.volumeMl > 0)
    .sort((a, b) => a.order - b.order)
    .map(({ order: _, ...layer }) => layer);
}
