import type { Method } from "./method";
import { brew } from "./methods/brew";

export * from "./method";
export * from "./keeping";
export { drawingPace, drawnShare, DRAWING, cutOf, CUTS, type Cut } from "./drawing";
export { boilingC, boilOffGPerH, heatingH, NET_W, saturationKPa } from "./steam";
export { course, overLegs, tempIn, type Leg } from "./warmth";
export { tagsOf } from "./product";
export { BREW_WAYS, DONE_SHARE, type BrewWay } from "./methods/brew";

/** Every way of making something; the form, the route and the checks walk it. */
export const METHODS: readonly Method[] = [brew];
