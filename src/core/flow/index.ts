export * from "./pasteDensity";
export * from "./yieldStress";
