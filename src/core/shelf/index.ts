export * from "./age";
export * from "../day";
export * from "./jar";
export * from "./ownThing";
export * from "./shelf";
