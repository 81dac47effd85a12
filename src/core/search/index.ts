export * from "./search";
export * from "./withinEdits";
export * from "./readPage";
