export * from "./drawMix";
export * from "./mixRun";
export * from "./yieldStress";
