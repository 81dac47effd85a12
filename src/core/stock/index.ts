export * from "./draws";
export * from "./gather";
