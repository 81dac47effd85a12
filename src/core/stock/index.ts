export * from "./draws";
export * from "./gather";
export * from "./premix";
export * from "./ledger";
