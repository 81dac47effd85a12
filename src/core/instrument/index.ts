export * from "./heed";
export * from "./shown";
export * from "./simulated";
