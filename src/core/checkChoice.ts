import type { Problem } from "./problem";

/**
 * The problem with a `value` at `field` that is none of a list, with the list to choose from; nothing where it is one.
 */
export const checkChoice = (field: string, value: unknown, list: readonly unknown[]): Problem | undefined =>
  list.includes(value) ? undefined : { field, code: "unknownChoice", detail: { among: list.map(String).join(", ") } };
