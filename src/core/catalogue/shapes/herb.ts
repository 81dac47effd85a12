import { estimate, type Figure } from "../../figure";
import type { Family, Form, Material, Tag } from "../../material";
import { PLANT_SOLIDS } from "../../material";
import { DRY_DRUG_WATER, LEAF_OIL, material, type Row } from "./write";

export const LEAF_SOAK = { firstShare: estimate(0.9, 0.8, 0.97), timeMin: estimate(10, 5, 20) };
export const GUM_SOAK = { firstShare: estimate(0.7, 0.55, 0.85), timeMin: estimate(25, 12, 45) };
const LITTLE_DISSOLVES = estimate(0.1, 0.04, 0.2, "water takes a tenth of most dried leaves");

/** One herb: what is the same in all its forms, then each form it comes in. */
export interface Herb extends Omit<Row, "pieceG"> {
  readonly water?: Figure;
  readonly oil?: Figure;
  readonly dissolving?: Figure;
  readonly solids?: Figure;
  /** Ground. The herb's own id is the powder's. */
  readonly powder?: {
    readonly holding: Figure;
    readonly bulk: Figure;
    readonly soak?: Material["soak"];
    readonly tags?: readonly Tag[];
  };
  /** Dried, whole or cut; `id`-whole. */
  readonly whole?: {
    readonly bulk: Figure;
    readonly name: string;
    readonly pieceG?: Figure;
    readonly id?: string;
    readonly colour?: Row["colour"];
  };
  /** As picked; `id`-fresh. */
  readonly fresh?: {
    readonly water: Figure;
    readonly oil?: Figure;
    readonly dissolving?: Figure;
    readonly bulk: Figure;
    readonly name: string;
    readonly pieceG?: Figure;
    readonly id?: string;
    readonly colour?: Row["colour"];
    readonly tags?: readonly Tag[];
  };
}

/** The powder, the whole drug and the fresh plant of one herb, as three materials with one plant. */
export function herb(family: Family, of: Herb): Material[] {
  const {
    id,
    plant = id,
    tags = [],
    water = DRY_DRUG_WATER,
    oil = LEAF_OIL,
    dissolving = LITTLE_DISSOLVES,
    solids = PLANT_SOLIDS,
  } = of;
  const others = of.names.includes(" | ") ? of.names.slice(of.names.indexOf(" | ")) : "";
  const english = of.names.split(" | ")[0];
  const form = (name: string) => `${name}; ${english}${others}`;
  const dry = { water, oil, dissolving, solidsDensityGPerMl: solids };
  const made: Material[] = [];
  const as = (kind: Form, row: Row, rest: Parameters<typeof material>[3]) =>
    made.push(material(family, kind, row, rest));
  if (of.powder) {
    const { holding, bulk, soak = LEAF_SOAK, tags: own = [] } = of.powder;
    as(
      "powder",
      { ...of, plant, tags: ["dust", ...tags, ...own] },
      { ...dry, bulk, holding: { kind: "perGram", mlPerG: holding }, soak },
    );
  }
  if (of.whole) {
    const { bulk, name, pieceG, id: own = `${id}-whole`, colour = of.colour } = of.whole;
    as(
      "whole",
      { ...of, id: own, names: form(name), plant, tags, pieceG, colour },
      { ...dry, bulk, holding: { kind: "none" } },
    );
  }
  if (of.fresh) {
    const {
      bulk,
      name,
      pieceG,
      id: own = `${id}-fresh`,
      water: wet,
      oil: freshOil,
      dissolving: freshDissolving,
      colour = of.colour,
      tags: itsOwn = [],
    } = of.fresh;
    const left = (figure: Figure): Figure => {
      const dryShare = (1 - wet.value) / (1 - water.value);
      return {
        value: figure.value * dryShare,
        low: figure.low * dryShare,
        high: figure.high * dryShare,
        source: figure.source,
      };
    };
    as(
      "fresh",
      { ...of, id: own, names: form(name), plant, tags: [...tags, "fresh", ...itsOwn], pieceG, colour },
      {
        water: wet,
        oil: freshOil ?? left(oil),
        dissolving: freshDissolving ?? left(dissolving),
        solidsDensityGPerMl: solids,
        bulk,
        holding: { kind: "none" },
      },
    );
  }
  return made;
}
