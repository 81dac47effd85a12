export * from "./clock";
export * from "./events";
export * from "./going";
export * from "./question";
