export * from "./search";
export * from "./withinEdits";
export * from "./kitchenNames";
export * from "./nameThing";
export * from "./readPage";
export * from "./mismatches";
export { isDrink } from "./readLine";
export * from "./pageLine";
