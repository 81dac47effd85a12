export * from "./events";
export * from "./fold";
export * from "./restWindow";
export * from "./worksheet";
