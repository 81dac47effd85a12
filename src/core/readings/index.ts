export * from "./evidence";
export * from "./readings";
export * from "./taughtDye";
export * from "./sessionOf";
