export * from "./checkHead";
export * from "./coverage";
export * from "./hair";
export * from "./purpose";
export * from "./sections";
