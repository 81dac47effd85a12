export * from "./band";
export * from "./figure";
export * from "./propagate";
export * from "./draw";
export * from "./random";
