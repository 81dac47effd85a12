export * from "./correct";
