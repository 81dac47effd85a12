import { estimate, type Figure } from "../figure";

/** What makers colour with. Ids are kept in addresses. */
export const DYES = [
  "henna",
  "indigo",
  "katam",
  "cassia",
  "madder",
  "alkanet",
  "walnut",
  "turmeric",
  "blackTea",
  "coffee",
  "hibiscus",
  "beet",
] as const;
export type DyeId = (typeof DYES)[number];

/** A hump of absorption: where it is highest, how wide, how high beside the others of its dye. */
export interface Hump {
  readonly atNm: number;
  readonly widthNm: number;
  readonly height: number;
}
export interface Dye {
  /** Things of the catalogue it comes in. */
  readonly materials: readonly string[];
  /** How its colour comes: with the hours of a rest, within minutes, by brewing, into oil, or with the wetting. */
  readonly comes: "released" | "minutes" | "brewed" | "inOil" | "wetted";
  /** What it really does: colours for good, tints for some washes, or washes out. */
  readonly does: "colours" | "tints" | "washesOut";
  /** Absorption on hair, K/S by wavelength, its highest being 1. */
  readonly humps: readonly Hump[];
  /** K/S at its highest where a bowl of nothing else has gone in as far as it goes, in grey hair. */
  readonly full: Figure;
  /** What shows of it when it is rinsed, of what shows two days later. */
  readonly atRinse: Figure;
  /** What is left after a week of usual washing. */
  readonly afterAWeek: Figure;
}
const hump = (atNm: number, widthNm: number, height = 1): Hump => ({ atNm, widthNm, height });

/**
 * All estimates, set so that grey hair comes out as makers see it: henna copper and then red-brown, one part of each
 * brown, indigo by itself blue-green, cassia straw. Where a hump stands is from spectra of the dyes (from memory):
 * lawsone and its kin near 450 nm and gone by about 600, indigo in the red, naphthazarins between.
 */
export const DYE: Readonly<Record<DyeId, Dye>> = {
  henna: {
    materials: ["henna"],
    comes: "released",
    does: "colours",
    humps: [hump(458, 54)],
    full: estimate(14, 9, 21, "copper on grey after one round"),
    atRinse: estimate(0.75, 0.6, 0.9, "it deepens over two days"),
    afterAWeek: estimate(0.97, 0.9, 1),
  },
  indigo: {
    materials: ["indigo"],
    comes: "minutes",
    does: "colours",
    humps: [hump(602, 70), hump(430, 40, 0.1)],
    full: estimate(10, 5, 16, "with as much henna brown, by itself blue-green"),
    atRinse: estimate(0.55, 0.4, 0.75, "greenish at first; the air brings it out"),
    afterAWeek: estimate(0.88, 0.7, 0.97, "without henna under it it fades first"),
  },
  katam: {
    materials: ["katam"],
    comes: "released",
    does: "colours",
    humps: [hump(545, 70), hump(430, 50, 0.7)],
    full: estimate(5, 3, 8, "brown-violet with henna"),
    atRinse: estimate(0.7, 0.5, 0.9),
    afterAWeek: estimate(0.9, 0.75, 1),
  },
  cassia: {
    materials: ["cassia"],
    comes: "released",
    does: "tints",
    humps: [hump(428, 38)],
    full: estimate(2.4, 1.2, 4, "straw on grey, nothing on dark hair"),
    atRinse: estimate(0.85, 0.7, 1),
    afterAWeek: estimate(0.7, 0.5, 0.85),
  },
  madder: {
    materials: ["madder", "manjistha"],
    comes: "wetted",
    does: "tints",
    humps: [hump(500, 48)],
    full: estimate(2, 0.9, 3.5, "a warm cast; on wool it needs a mordant"),
    atRinse: estimate(0.9, 0.75, 1),
    afterAWeek: estimate(0.6, 0.35, 0.8),
  },
  alkanet: {
    materials: ["ratanjot"],
    comes: "inOil",
    does: "washesOut",
    humps: [hump(525, 32), hump(578, 24, 0.6)],
    full: estimate(0.7, 0.2, 1.4, "it colours the oil far more than the hair"),
    atRinse: estimate(1, 0.9, 1),
    afterAWeek: estimate(0.25, 0.1, 0.5),
  },
  walnut: {
    materials: ["walnut-hull"],
    comes: "wetted",
    does: "tints",
    humps: [hump(400, 105)],
    full: estimate(2.6, 1.2, 4.5, "brown, darker with each round"),
    atRinse: estimate(0.8, 0.6, 1),
    afterAWeek: estimate(0.65, 0.4, 0.85),
  },
  turmeric: {
    materials: ["turmeric"],
    comes: "wetted",
    does: "tints",
    humps: [hump(428, 36)],
    full: estimate(1.6, 0.8, 3, "yellow on grey; light takes it away"),
    atRinse: estimate(1, 0.9, 1),
    afterAWeek: estimate(0.4, 0.2, 0.6),
  },
  blackTea: {
    materials: ["black-tea", "black-tea-leaf"],
    comes: "brewed",
    does: "washesOut",
    humps: [hump(400, 95)],
    full: estimate(0.7, 0.3, 1.2),
    atRinse: estimate(1, 0.9, 1),
    afterAWeek: estimate(0.3, 0.1, 0.5),
  },
  coffee: {
    materials: ["coffee-brew", "coffee-grounds"],
    comes: "brewed",
    does: "washesOut",
    humps: [hump(400, 110)],
    full: estimate(0.7, 0.3, 1.2),
    atRinse: estimate(1, 0.9, 1),
    afterAWeek: estimate(0.25, 0.1, 0.5),
  },
  hibiscus: {
    materials: ["hibiscus-flower", "hibiscus-tea"],
    comes: "brewed",
    does: "washesOut",
    humps: [hump(530, 42)],
    full: estimate(0.5, 0.2, 1),
    atRinse: estimate(1, 0.9, 1),
    afterAWeek: estimate(0.1, 0.02, 0.3),
  },
  beet: {
    materials: ["beetroot"],
    comes: "wetted",
    does: "washesOut",
    humps: [hump(535, 34)],
    full: estimate(0.5, 0.2, 1),
    atRinse: estimate(1, 0.9, 1),
    afterAWeek: estimate(0.04, 0, 0.15),
  },
};
/** The dye that a thing of the catalogue is, if it is one. */
export const dyeOf = (materialId: string): DyeId | undefined =>
  DYES.find((dye) => DYE[dye].materials.includes(materialId));

/** K/S of a dye at a wavelength, its highest being about 1. */
export const absorbs = ({ humps }: Pick<Dye, "humps">, nm: number): number =>
  humps.reduce((sum, { atNm, widthNm, height }) => sum + height * Math.exp(-0.5 * ((nm - atNm) / widthNm) ** 2), 0);
