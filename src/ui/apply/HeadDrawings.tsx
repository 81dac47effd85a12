import { isBehind, type Section } from "@/core/apply";
import { sectionName } from "@/words/apply";

interface HeadDrawingsProps {
  readonly sections: readonly Section[];
  readonly done: readonly string[];
  /** Opened and found dry inside since they were done. */
  readonly dry: readonly string[];
  readonly now: string | undefined;
  readonly onPick: (id: string) => void;
}
/** A head from above and from behind, in sections to press: each stands where it is seen. */
export function HeadDrawings({ sections, ...rest }: HeadDrawingsProps) {
  const behind = sections.filter(isBehind);
  const above = sections.filter((one) => !isBehind(one));
  return (
    <div className="flex justify-center gap-6">
      <View sections={above} words="from above" {...rest} />
      {behind.length > 0 && <View sections={behind} words="from behind" {...rest} />}
    </div>
  );
}

const SIZE = 156;
const MIDDLE = SIZE / 2;
/** What the drawing leaves for the nose above, or for the ears and the neck behind. */
const TOP = 14;
const HIGH = 128;

function View({ sections, words, done, dry, now, onPick }: HeadDrawingsProps & { readonly words: string }) {
  const rows = [...new Set(sections.map(({ back }) => back))].sort((a, b) => a - b);
  const high = HIGH / rows.length;
  const above = words === "from above";
  return (
    <div role="group" aria-label={`The head ${words}`} className="text-center text-sm text-quiet">
      <div className="relative" style={{ width: SIZE, height: SIZE }}>
        <svg viewBox={`0 0 ${SIZE} ${SIZE}`} className="absolute inset-0 fill-none stroke-ink" aria-hidden>
          {above ? (
            <path d={`M${MIDDLE - 8} ${TOP}L${MIDDLE} 3L${MIDDLE + 8} ${TOP}`} />
          ) : (
            <>
              <path d={`M12 ${TOP + 52}q-9 12 2 26M${SIZE - 12} ${TOP + 52}q9 12 -2 26`} />
              <path d={`M${MIDDLE - 24} ${TOP + HIGH - 5}v17M${MIDDLE + 24} ${TOP + HIGH - 5}v17`} />
            </>
          )}
          <ellipse cx={MIDDLE} cy={TOP + HIGH / 2} rx={MIDDLE - 10} ry={HIGH / 2} strokeWidth={1.5} />
        </svg>
        {sections.map((section) => {
          const row = rows.indexOf(section.back);
          const across = sections.filter(({ back }) => back === section.back).length;
          const wide = rowWidth(row, rows.length);
          const at = Math.round(((section.side + 1) / 2) * (across - 1));
          const isDone = done.includes(section.id);
          const isDry = dry.includes(section.id) && !isDone;
          return (
            <button
              key={section.id}
              type="button"
              aria-pressed={isDone}
              aria-label={`${sectionName(section)}${isDone ? ", done" : isDry ? ", dry inside" : ""}`}
              onClick={() => onPick(section.id)}
              className={
                "absolute rounded-[3px] border-[1.5px] text-base " +
                (isDone ? "border-ink bg-madder-fill text-ink " : "border-line bg-ground text-stop ") +
                (now === section.id ? "z-10 outline-3 outline-offset-1 outline-press" : "")
              }
              style={{
                left: MIDDLE - wide / 2 + (wide / across) * at + 1,
                top: TOP + row * high + 2,
                width: wide / across - 2,
                height: high - 4,
              }}
            >
              {isDone ? "✓" : isDry ? "!" : ""}
            </button>
          );
        })}
      </div>
      {words}
    </div>
  );
}

/** The head is round: rows at its ends are narrower. */
const rowWidth = (row: number, rows: number): number =>
  (SIZE - 24) * Math.max(0.62, Math.sqrt(1 - ((2 * row + 1) / rows - 1) ** 2));
