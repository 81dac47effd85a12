export * from "./cautionsFor";
export * from "./rules";
