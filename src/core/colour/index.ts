export * from "./cie";
export * from "./colourPlan";
export * from "./crank";
export * from "./dyes";
export * from "./kubelkaMunk";
export * from "./sketch";
export * from "./tint";
