import type { Section } from "@/core/apply";
import { sectionName } from "@/words/apply";

const SIZE = 220;
const MIDDLE = SIZE / 2;

interface HeadFromAboveProps {
  readonly sections: readonly Section[];
  readonly done: readonly string[];
  readonly now: string | undefined;
  readonly onPick: (id: string) => void;
}
/** A head from above, its nose up, in sections to press; what is done is filled, the next one is ringed. */
export function HeadFromAbove({ sections, done, now, onPick }: HeadFromAboveProps) {
  const rows = [...new Set(sections.map(({ back }) => back))].sort((a, b) => a - b);
  const high = (SIZE - 30) / rows.length;
  return (
    <div
      className="relative mx-auto"
      style={{ width: SIZE, height: SIZE }}
      role="group"
      aria-label="The head from above"
    >
      <svg viewBox={`0 0 ${SIZE} ${SIZE}`} className="absolute inset-0" aria-hidden>
        <path d={`M${MIDDLE - 9} 14L${MIDDLE} 2L${MIDDLE + 9} 14Z`} className="fill-none stroke-ink" />
        <ellipse cx={MIDDLE} cy={MIDDLE + 4} rx={MIDDLE - 18} ry={MIDDLE - 10} className="fill-none stroke-ink" />
      </svg>
      {sections.map((section) => {
        const row = rows.indexOf(section.back);
        const across = sections.filter(({ back }) => back === section.back).length;
        // The head is round: rows at its ends are narrower.
        const wide = (SIZE - 52) * Math.sqrt(Math.max(0.3, 1 - (2 * section.back - 1) ** 2));
        const at = across === 1 ? 0 : Math.round(((section.side + 1) / 2) * (across - 1));
        const isDone = done.includes(section.id);
        return (
          <button
            key={section.id}
            type="button"
            aria-pressed={isDone}
            aria-label={`${sectionName(section)}${isDone ? ", done" : ""}`}
            onClick={() => onPick(section.id)}
            className={
              "absolute rounded-[3px] border-[1.5px] text-sm " +
              (isDone ? "border-ink bg-madder-fill " : "border-line bg-ground ") +
              (now === section.id ? "outline-3 outline-offset-1 outline-press" : "")
            }
            style={{
              left: MIDDLE - wide / 2 + (wide / across) * at + 1,
              top: 18 + row * high,
              width: wide / across - 2,
              height: high - 3,
            }}
          >
            {isDone ? "✓" : ""}
          </button>
        );
      })}
    </div>
  );
}
