export * from "./cooling";
export * from "./dye";
export * from "./soak";
export * from "./restPlan";
