export * from "./mixture";
