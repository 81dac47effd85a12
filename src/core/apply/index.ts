export * from "./forecast";
export * from "./sections";
