export * from "./checkSpoons";
export * from "./fill";
export * from "./inSpoons";
export * from "./units";
export * from "./volumeMl";
export * from "./parseCount";
export * from "./parseAmount";
export * from "./findAmounts";
