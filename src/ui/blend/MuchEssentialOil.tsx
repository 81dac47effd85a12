import { ESSENTIAL_OIL_STOP_ML } from "@/core/caution";
import { Button } from "../parts/Button";

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
