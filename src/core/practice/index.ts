export * from "./practice";
