import type { Forecast, Section, SectionCount } from "@/core/apply";
import type { BatchPayload, BatchState, Look } from "@/core/batch";
import { minuteWords, roundTo } from "@/words/amounts";
import { LOOK_NAME, sectionName } from "@/words/apply";
import { Button } from "../parts/Button";

interface SectionNowProps {
  readonly count: SectionCount;
  readonly sections: readonly Section[];
  readonly now: Section | undefined;
  readonly state: BatchState;
  readonly seen: Forecast;
  readonly thick: boolean;
  readonly onHappen: (payload: BatchPayload) => void;
  readonly onDone: () => void;
}
/** What can be seen or done, and of which section. */
const LOOKED: readonly (readonly [Look, "now" | "about"])[] = [
  ["dryInside", "about"],
  ["wetThrough", "about"],
  ["dampedAgain", "now"],
];
/** Half an hour for a whole head, no section under two minutes. @source common practice */
export const sectionMin = (share: number): number => Math.max(2, Math.round(30 * share));

/** The section that is on now, for one clean knuckle: what it takes, one large press, and what can be seen of it. */
export function SectionNow({ count, sections, now, state, seen, thick, onHappen, onDone }: SectionNowProps) {
  const done = state.sections.done;
  const last = sections.find(({ id }) => id === done.at(-1)?.section);
  const tap = (section: string, is: boolean) => onHappen({ kind: "sectioned", of: count, section, done: is });
  if (!now) return null;
  const shareG = now.share * seen.needG.mid;
  const isDone = done.some(({ section }) => section === now.id);
  // What is looked at is the one that was picked where it is done, or else the one before.
  const about = isDone ? now : last;
  return (
    <>
      <h1 className="text-center text-figure font-say font-semibold">{sectionName(now)}</h1>
      <p className="text-center text-lg">
        {isDone ? "done" : `about ${roundTo(shareG, 5)} g, ${minuteWords(sectionMin(now.share))}`};{" "}
        {`${done.length} of ${sections.length} done`}
      </p>
      <Button
        look="main"
        className="min-h-20 text-2xl"
        onClick={() => {
          tap(now.id, !isDone);
          onDone();
        }}
      >
        {isDone ? "needs more after all" : "Done"}
      </Button>
      <div role="group" aria-label="What was seen" className="grid grid-cols-2 gap-3">
        {!isDone && (
          <Button className="min-h-14" idle={!last} onClick={() => last && tap(last.id, false)}>
            the last one needs more
          </Button>
        )}
        {LOOKED.map(([as, at]) => {
          const section = at === "now" ? now : about;
          return (
            <Button
              key={as}
              className="min-h-14"
              idle={!section}
              onClick={() => section && onHappen({ kind: "lookedAt", section: section.id, as })}
            >
              {LOOK_NAME[as]}
            </Button>
          );
        })}
      </div>
      {thick && (
        <p className="text-center text-sm text-quiet">
          Thick hair looks done outside: open each section, and look inside before you say so.
        </p>
      )}
    </>
  );
}
