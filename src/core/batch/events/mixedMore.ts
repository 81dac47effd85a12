import { checkNumber } from "../../checkNumber";
import { define } from "../define";

/** So much more was mixed in the blend's own proportions, and is in the bowl. */
export interface MixedMore {
  readonly kind: "mixedMore";
  readonly massG: number;
}
export interface MixedMoreState {
  readonly more: readonly { readonly eventId: string; readonly massG: number; readonly atMs: number }[];
}

export const mixedMore = define<MixedMore, MixedMoreState>({
  kind: "mixedMore",
  fields: ["massG"],
  movesStock: true,
  check: ({ massG }, field) => [checkNumber(`${field}.massG`, massG, "amountG")].filter((one) => one !== undefined),
  apply: (bowl, { massG }, { eventId, atMs }) => {
    bowl.more.push({ eventId, massG, atMs });
  },
});
