import { checkAmount } from "../../paste";
import { define } from "../define";
import type { Measured } from "./measured";

/** Something that the plan does not have. */
export interface Added extends Measured {
  readonly kind: "added";
  readonly materialId: string;
}
export interface AddedState {
  readonly added: readonly ({ readonly eventId: string; readonly materialId: string } & Measured)[];
}

export const added = define<Added, AddedState>({
  kind: "added",
  fields: ["materialId", "amount", "unit", "fill"],
  movesStock: true,
  searched: true,
  check: (payload, field, find) => [
    ...(find(payload.materialId) ? [] : [{ field: `${field}.materialId`, code: "unknownMaterial" } as const]),
    ...checkAmount(payload, field, payload.materialId, find),
  ],
  apply: (bowl, { materialId, amount, unit, fill }, { eventId }) => {
    bowl.added.push({ eventId, materialId, amount, unit, fill });
  },
});
