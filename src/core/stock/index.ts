export * from "./withdrawals";
export * from "./gather";
export * from "./ledger";
