export * from "./cooling";
export * from "./dye";
export * from "./moved";
export * from "./soak";
export * from "./restPlan";
