export * from "./order";
