import type { Method, Settings } from "@/core/making";
import type { Taken } from "./draft";

/** One setting as the house takes it. */
const settingOf = ([id, value]: [string, number | string | boolean | undefined]) =>
  value === undefined
    ? []
    : [
        {
          id,
          ...(typeof value === "number"
            ? { number: value }
            : typeof value === "boolean"
              ? { yes: value }
              : { choice: value }),
        },
      ];

/** What is made, of what and how, as the house takes it. */
export const saidOf = ({ id }: Pick<Method, "id">, things: readonly Taken[], settings: Settings) => ({
  method: id,
  things: things.map(({ material, massG, jarId }) => ({
    materialId: material.id,
    massG,
    ...(jarId ? { jarId } : {}),
  })),
  settings: Object.entries(settings).flatMap(settingOf),
});
