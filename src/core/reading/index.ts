export * from "./gravity";
export * from "./plate";
export * from "./reading";
export * from "./ring";
