export * from "./band";
export * from "./figure";
export * from "./given";
export * from "./normalShare";
export * from "./propagate";
export * from "./simulate";
export * from "./random";
