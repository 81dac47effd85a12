export * from "./weightByItself";
export * from "./drying";
export * from "./forecast";
export * from "./leaveOn";
export * from "./sections";
export * from "./takeOff";
