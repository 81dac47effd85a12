export * from "./swaps";
