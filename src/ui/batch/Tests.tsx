import type { BatchState } from "@/core/batch";
import { pasteDensity } from "@/core/correct";
import { type PasteAnswer } from "@/core/paste";
import { readYield } from "@/core/reading";
import { bandWords, mlWords } from "@/words/amounts";
import { readingWords } from "@/words/events";
import { problemWords } from "@/words/problems";
import { ConsistencyScale } from "../measure/ConsistencyScale";

/** Every test of this bowl, as a yield stress on the scale of words. */
export function Tests({ tests, answer }: { tests: BatchState["tests"]; answer: PasteAnswer }) {
  const density = pasteDensity(answer.totalG.mid / Math.max(1, answer.totalMl));
  return (
    <section aria-label="Tests">
      <h2>Tests</h2>
      <ul className="space-y-2">
        {tests.map(({ eventId, reading, pouredMl }) => {
          const read = readYield(reading, density);
          return (
            <li key={eventId}>
              <p>
                {readingWords(reading)}, at {mlWords(pouredMl)} ml
                {read.ok ? (
                  <>
                    : about <strong>{bandWords(read.value.yieldPa).both} Pa</strong>
                  </>
                ) : (
                  `. ${problemWords(read.problems[0])}`
                )}
              </p>
              {read.ok && <ConsistencyScale band={read.value.yieldPa} targetPa={answer.targetYieldPa} />}
            </li>
          );
        })}
      </ul>
    </section>
  );
}
