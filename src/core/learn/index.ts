export * from "./evidence";
export * from "./learn";
export * from "./samples";
