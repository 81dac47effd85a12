export * from "./amounts";
export * from "./cautions";
export * from "./changes";
export * from "./names";
export * from "./problems";
export * from "./sources";
export * from "./steps";
export * from "./verdict";
