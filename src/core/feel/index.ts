export * from "./advice";
export * from "./feel";
export * from "./table";
