export * from "./learn";
