export * from "./withdrawals";
export * from "./gather";
export * from "./premix";
export * from "./ledger";
