import type { Section } from "@/core/apply";
import type { BatchEvent, BatchPayload, EventKindId } from "@/core/batch";
import { inOrder } from "@/core/happening";
import { sectionName } from "@/words/apply";
import { eventWords } from "@/words/events";
import { materialName } from "@/words/names";

/** What is pressed on this page, and so is taken back on it. */
const HERE: readonly EventKindId[] = [
  "sectioned",
  "onScale",
  "lookedAt",
  "mixedMore",
  "massaged",
  "covered",
  "touched",
  "takenOff",
  "poured",
  "reached",
];

interface TakeBackLastProps {
  readonly events: readonly BatchEvent[];
  readonly withdrawn: readonly string[];
  readonly sections: readonly Section[];
  readonly onHappen: (payload: BatchPayload) => void;
}
/** The last press, and the one that takes it back. */
export function TakeBackLast({ events, withdrawn, sections, onHappen }: TakeBackLastProps) {
  const gone = new Set(withdrawn);
  const last = events
    .filter(({ id, payload }) => HERE.includes(payload.kind) && !gone.has(id))
    .filter(({ payload }) => payload.kind !== "reached" || payload.stage !== "mixed")
    .reduce<BatchEvent | undefined>(
      (latest, event) => (latest && inOrder(latest, event) > 0 ? latest : event),
      undefined,
    );
  if (!last) return null;
  const { payload } = last;
  const section = "section" in payload ? sections.find(({ id }) => id === payload.section) : undefined;
  const words = eventWords(payload, (line) => materialName(String(line)));
  return (
    <button
      type="button"
      className="pressable min-h-11 text-left"
      onClick={() => onHappen({ kind: "withdrawn", eventId: last.id })}
    >
      take back: {section ? words.replace(/^section \d+( of \d+)?/, sectionName(section)) : words}
    </button>
  );
}
