export * from "./checkHead";
export * from "./coat";
export * from "./coverage";
export * from "./hair";
export * from "./liquids";
export * from "./purpose";
export * from "./sections";
export * from "./usual";
