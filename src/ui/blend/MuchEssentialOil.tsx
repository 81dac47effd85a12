import { ESSENTIAL_OIL_STOP_ML } from "@/core/caution";
import type { Material } from "@/core/material";
import { Button } from "../parts/Button";

/** So much that it is a slip of the pen, or a burn. */
export const isMuchEssentialOil = ({ tags, bulkDensityGPerMl }: Material, massG: number | undefined): boolean =>
  tags.includes("essentialOil") && massG !== undefined && massG / bulkDensityGPerMl.value > ESSENTIAL_OIL_STOP_ML;

/** Asks once more before so much goes in. */
export function MuchEssentialOil({ amount, onSure }: { amount: string; onSure: () => void }) {
  return (
    <div role="alert" className="border-l-4 border-madder py-1 pl-3">
      <p>
        {amount} of essential oil is far more than a bowl takes: 5–10 drops is usual, and {ESSENTIAL_OIL_STOP_ML} ml
        already burns skin and eyes.
      </p>
      <Button onClick={onSure}>It really is {amount}</Button>
    </div>
  );
}
