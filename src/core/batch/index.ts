export * from "./asMade";
export * from "./events";
export * from "./fold";
export * from "./going";
export * from "./pack";
export * from "./restWindow";
export * from "./summary";
export * from "./worksheet";
