export * from "./aboutEvents";
export * from "./closed";
export * from "./common";
export * from "./event";
export * from "./fold";
export * from "./kind";
export * from "./noted";
