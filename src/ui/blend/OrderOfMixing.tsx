import type { MixingStep, Vessels } from "@/core/order";
import { mixingStepWords } from "@/words/feel";
import { counted } from "@/words/lists";
import { Fold } from "../parts/Fold";

/** What is done in which order, from what lumps to what goes in last. */
export function OrderOfMixing({
  steps,
  materialIds,
  vessels,
}: {
  steps: readonly MixingStep[];
  materialIds: readonly string[];
  vessels: Vessels;
}) {
  return (
    <Fold title="The order of mixing" line={counted(steps.length, "step", "steps")}>
      <ol className="mt-1 max-w-[44rem]">
        {steps.map((step, i) => (
          <li key={step.id} className="grid grid-cols-[1.8rem_1fr] border-b border-line py-1.5">
            <span className="font-say text-lg font-semibold leading-snug" aria-hidden>
              {i + 1}
            </span>
            <span>{mixingStepWords(step, materialIds, vessels)}</span>
          </li>
        ))}
      </ol>
    </Fold>
  );
}
