export * from "./massG";
export * from "./material";
export * from "./solids";
export * from "./forms";
export * from "./kin";
export * from "./tables";
