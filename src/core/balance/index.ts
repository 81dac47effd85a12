export * from "./bowl";
export * from "./simulateMix";
export * from "./figures";
export * from "./free";
export * from "./free/nothing";
export * from "./mixRun";
export * from "./solve";
export * from "./thing";
