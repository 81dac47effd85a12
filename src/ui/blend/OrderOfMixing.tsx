import type { MixingStep, Vessels } from "@/core/order";
import { mixingStepWords } from "@/words/feel";

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
    <section aria-label="The order of mixing">
      <h2>The order of mixing</h2>
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
    </section>
  );
}
