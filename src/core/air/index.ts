export * from "./evaporation";
export * from "./saturation";
