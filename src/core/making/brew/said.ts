import type { Settings } from "../method";
import type { Heat } from "../steam";

export const BREW_WAYS = ["boiled", "poured", "closedJar", "cold", "fridge", "reduced"] as const;
export type BrewWay = (typeof BREW_WAYS)[number];

/** A brew as it was said. */
export interface Brew {
  readonly way: BrewWay;
  readonly wantMl: number;
  readonly fromMl: number;
  readonly minutes: number | undefined;
  readonly heat: Heat;
  readonly lid: boolean;
  readonly pressed: boolean;
  readonly potCm: number;
  readonly altitudeM: number;
  readonly roomC: number;
}
/** On a ring. */
export const heated = (way: unknown): boolean => way === "boiled" || way === "reduced";

/** Checked settings, read. A reduction has no lid, and its time follows from what goes. */
export function brewOf(settings: Settings, roomC: number): Brew {
  const { way, wantMl, fromMl, minutes, heat, lid, pressed, potCm, altitudeM } = settings;
  return {
    way: way as BrewWay,
    wantMl: wantMl as number,
    fromMl: (fromMl ?? 0) as number,
    minutes: way === "reduced" ? undefined : (minutes as number | undefined),
    heat: heat as Heat,
    lid: lid === true && way !== "reduced",
    pressed: pressed === true,
    potCm: potCm as number,
    altitudeM: altitudeM as number,
    roomC,
  };
}
