export * from "./evidence";
export * from "./readings";
