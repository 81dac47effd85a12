import { seeded } from "@/core/figure";
import type { Sketch } from "@/core/colour";

const WIDTH = 120;
const HEIGHT = 220;
const STRANDS = 64;

interface Strand {
  readonly path: string;
  readonly wide: number;
  /** Which of the strands go grey first, 0–1. */
  readonly turn: number;
  readonly shine: boolean;
}
const at1 = (x: number, y: number): string => `${x.toFixed(1)} ${y.toFixed(1)}`;
/** The same lock for every colour, so that only the colour differs. */
const LOCK: readonly Strand[] = (() => {
  const random = seeded(7);
  return Array.from({ length: STRANDS }, (_, i): Strand => {
    const at = (i + 0.5) / STRANDS;
    const top = 14 + at * (WIDTH - 28) + (random() - 0.5) * 4;
    const sway = (random() - 0.5) * 10;
    const end = WIDTH / 2 + (at - 0.5) * WIDTH * 0.72 + sway;
    const long = HEIGHT - 10 - 46 * (at - 0.5) ** 2 - random() * 12;
    return {
      path: `M${at1(top, 0)}C${at1(top - 9 + sway, long * 0.35)} ${at1(end + 12, long * 0.62)} ${at1(end, long)}`,
      wide: 2.6 + random() * 1.2,
      turn: random(),
      shine: random() < 0.16,
    };
  });
})();

/** A lock of hair: its own strands and its grey ones, each in its colour by daylight. */
export function Lock({ sketch, greyShare, text }: { sketch: Sketch; greyShare: number; text: string }) {
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={text} className="block w-full max-w-32">
      {LOCK.map(({ path, wide, turn, shine }, i) => {
        const { hex } = turn < greyShare ? sketch.grey : sketch.own;
        return (
          <g key={i} fill="none" strokeLinecap="round">
            <path d={path} stroke={hex} strokeWidth={wide} />
            {shine && <path d={path} stroke="white" strokeOpacity={0.16} strokeWidth={0.8} strokeDasharray="26 300" />}
          </g>
        );
      })}
    </svg>
  );
}
