import { useId } from "react";
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
const RADIUS = MIDDLE - 10;
/** What the drawing leaves for the nose above, or for the ears and the neck behind. */
const TOP = 14;
const HIGH = 128;

function View({ sections, words, done, dry, now, onPick }: HeadDrawingsProps & { readonly words: string }) {
  const head = useId();
  const rows = [...new Set(sections.map(({ back }) => back))].sort((a, b) => a - b);
  const high = HIGH / rows.length;
  const placed = sections.map((section) => {
    const row = rows.indexOf(section.back);
    const across = sections.filter(({ back }) => back === section.back).length;
    const at = Math.round(((section.side + 1) / 2) * (across - 1));
    const wide = (2 * RADIUS) / across;
    const isDone = done.includes(section.id);
    return {
      section,
      isDone,
      isDry: dry.includes(section.id) && !isDone,
      box: { x: MIDDLE - RADIUS + wide * at, y: TOP + row * high, width: wide, height: high },
    };
  });
  const picked = placed.find(({ section }) => section.id === now);
  return (
    <div role="group" aria-label={`The head ${words}`} className="text-center text-sm text-quiet">
      <div className="relative" style={{ width: SIZE, height: SIZE }}>
        <svg viewBox={`0 0 ${SIZE} ${SIZE}`} className="absolute inset-0 fill-none stroke-ink" aria-hidden>
          <clipPath id={head}>
            <ellipse cx={MIDDLE} cy={TOP + HIGH / 2} rx={RADIUS} ry={HIGH / 2} />
          </clipPath>
          {words === "from above" ? (
            <path d={`M${MIDDLE - 9} ${TOP + 1}L${MIDDLE} 3L${MIDDLE + 9} ${TOP + 1}`} />
          ) : (
            <>
              <path d={`M12 ${TOP + 52}q-9 12 2 26M${SIZE - 12} ${TOP + 52}q9 12 -2 26`} />
              <path d={`M${MIDDLE - 26} ${TOP + HIGH - 6}v18M${MIDDLE + 26} ${TOP + HIGH - 6}v18`} />
            </>
          )}
          <g clipPath={`url(#${head})`} className="stroke-quiet">
            {placed.map(({ section, isDone, box }) => (
              <rect key={section.id} {...box} className={isDone ? "fill-madder-fill" : "fill-ware"} />
            ))}
            {picked && <rect {...picked.box} className="fill-press stroke-press opacity-45" strokeWidth={3} />}
          </g>
          <ellipse cx={MIDDLE} cy={TOP + HIGH / 2} rx={RADIUS} ry={HIGH / 2} strokeWidth={1.5} />
        </svg>
        {placed.map(({ section, isDone, isDry, box: { x, y, width, height } }) => (
          <button
            key={section.id}
            type="button"
            aria-pressed={isDone}
            aria-current={now === section.id ? "step" : undefined}
            aria-label={`${sectionName(section)}${isDone ? ", done" : isDry ? ", dry inside" : ""}`}
            onClick={() => onPick(section.id)}
            className={`absolute text-base ${isDone ? "text-ink" : "text-stop"}`}
            style={{ left: x, top: y, width, height }}
          >
            {isDone ? "✓" : isDry ? "!" : ""}
          </button>
        ))}
      </div>
      {words}
    </div>
  );
}
