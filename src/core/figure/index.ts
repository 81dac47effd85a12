export * from "./band";
export * from "./figure";
export * from "./propagate";
