import { PLAIN_HEAD, type Head } from "@/core/head";
import { textOf, typed, typedCm } from "../forms/typed";

/** A head as it stands in the form: numbers as typed beside the head that they stand for. */
export interface DraftHead {
  readonly by: { readonly length: "cm" | "landmark"; readonly amount: "ponytail" | "strands" };
  readonly cmText: string;
  readonly ponytailText: string;
  readonly greyText: string;
  readonly hair: Head;
}

export function draftHead(hair: Head = PLAIN_HEAD): DraftHead {
  return {
    by: {
      length: "cm" in hair.longest ? "cm" : "landmark",
      amount: "ponytailCm" in hair.amount ? "ponytail" : "strands",
    },
    cmText: "cm" in hair.longest ? textOf(hair.longest.cm) : "",
    ponytailText: "ponytailCm" in hair.amount ? textOf(hair.amount.ponytailCm) : "",
    greyText: String(Math.round(hair.greyShare * 100)),
    hair,
  };
}

export function headOf({ by, cmText, ponytailText, greyText, hair }: DraftHead): Head {
  return {
    ...hair,
    longest:
      by.length === "cm"
        ? { cm: typedCm(cmText) }
        : "landmark" in hair.longest
          ? hair.longest
          : { landmark: "shoulder" },
    amount:
      by.amount === "ponytail"
        ? { ponytailCm: typedCm(ponytailText) }
        : "strands" in hair.amount
          ? hair.amount
          : { strands: "medium" },
    greyShare: typed(greyText) / 100,
  };
}

/** What was learnt of a head is nobody else's. */
export const unlearnt = ({ hair: { usual: _, ...hair }, ...rest }: DraftHead): DraftHead => ({ ...rest, hair });
