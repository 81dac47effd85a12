export * from "./massG";
export * from "./material";
export * from "./solids";
export * from "./allergyGroups";
export * from "./forms";
export * from "./splits";
export * from "./kin";
export * from "./tables";
