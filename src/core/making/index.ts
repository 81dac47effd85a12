export * from "./going";
export * from "./keeping";
export * from "./method";
export * from "./methods";
export * from "./product";
export * from "./toMake";
export { BREW_WAYS, drawingPace } from "./brew";
export { boilingC, boilOffGPerH, NET_W } from "./steam";
export { overLegs, tempIn, type Leg } from "./warmth";
