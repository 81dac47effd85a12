import type { Caution } from "@/core/caution";
import { cautionWords } from "@/words/cautions";
import { Fold } from "../parts/Fold";

const LEVEL: Readonly<Record<Caution["level"], { readonly word: string; readonly look: string }>> = {
  stop: { word: "Stop", look: "text-stop" },
  care: { word: "Take care", look: "text-madder" },
  note: { word: "Mind", look: "text-quiet" },
};

/** What this bowl and head call for: stop first, then care, then what to mind. */
export function Cautions({ cautions, id }: { cautions: readonly Caution[]; id?: string }) {
  if (cautions.length === 0) return null;
  const levels = (["stop", "care", "note"] as const)
    .map((level) => ({ level, own: cautions.filter((caution) => caution.level === level) }))
    .filter(({ own }) => own.length > 0);
  const line = levels.map(({ level, own }) => `${LEVEL[level].word.toLowerCase()}: ${own.length}`).join(", ");
  return (
    <Fold label="Cautions" title="Before it touches anyone" line={line} id={id} open={levels[0].level === "stop"}>
      {levels.map(({ level, own }) => (
        <div key={level} className="mt-2 grid gap-x-4 sm:grid-cols-[6.5rem_1fr] print:block">
          <p className={`font-semibold ${LEVEL[level].look}`}>{LEVEL[level].word}</p>
          <ul className="max-w-[46rem] space-y-1">
            {own.map((caution) => (
              <li key={caution.id}>{cautionWords(caution)}</li>
            ))}
          </ul>
        </div>
      ))}
      <p className="mt-2 text-sm text-quiet print:text-[8pt]">
        For anything about a person’s health, a doctor or pharmacist knows better; local rules come first.
      </p>
    </Fold>
  );
}
