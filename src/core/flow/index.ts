export * from "./drawMix";
export * from "./mixRun";
export * from "./pasteDensity";
export * from "./yieldStress";
