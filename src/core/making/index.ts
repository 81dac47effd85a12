import { brew } from "./brew";
import type { Method } from "./method";

export * from "./method";
export * from "./keeping";
export * from "./tags";
export { BREW_WAYS, drawingPace } from "./brew";
export { boilingC, boilOffGPerH, NET_W, saturationKPa } from "./steam";
export { overLegs, tempIn, type Leg } from "./warmth";

/** Every way of making something; the form, the route and the checks walk it. */
export const METHODS: readonly Method[] = [brew];
