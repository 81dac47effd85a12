import { LANDMARK_CM, MEAN_LENGTH_SHARE, PONYTAIL_CM, type Head, type Shade } from "@/core/head";

/** Each shade as oklch; the hair itself, not the interface's colours. */
const SHADE: Readonly<Record<Shade, string>> = {
  black: "oklch(0.27 0.02 50)",
  brown: "oklch(0.42 0.06 50)",
  blond: "oklch(0.78 0.09 85)",
  grey: "oklch(0.76 0.01 250)",
  bleached: "oklch(0.9 0.05 95)",
};
const GREY_STRAND = "oklch(0.86 0.008 250)";
/** Picture units per cm; the crown is at the top. */
const UNIT = 2.6;
const CROWN_Y = 14;
const MIDDLE = 110;
export const HEAD_VIEW = { width: 248, height: 320 };
/** How far down a length reaches, in picture units. */
export const lengthY = (cm: number): number => CROWN_Y + Math.min(118, Math.max(6, cm)) * UNIT;

/** How wide the hair falls, from how much of it there is against the middle head. */
function fullness(head: Head): number {
  const roundCm = "ponytailCm" in head.amount ? head.amount.ponytailCm : PONYTAIL_CM[head.amount.strands].value;
  return Math.min(1.55, Math.max(0.7, roundCm / PONYTAIL_CM.medium.value));
}

/**
 * A head from behind, hair drawn to its length; a scale of body marks at the side, unless it stands bare beside its
 * name.
 */
export function HeadPicture({ head, text, bare = false }: { head: Head; text: string; bare?: boolean }) {
  const cm = "cm" in head.longest ? head.longest.cm : LANDMARK_CM[head.longest.landmark].value;
  const endY = lengthY(cm);
  const wide = 31 * fullness(head);
  // Down the sides the hair reaches its mean length's shortfall below the longest: straight across, or rounded off.
  const rounded = (endY - CROWN_Y) * Math.max(0.06, 1.3 * (1 - MEAN_LENGTH_SHARE[head.cut].value));
  const sideY = Math.max(CROWN_Y + 30, endY - (head.cut === "oneLength" ? 5 : rounded));
  const strands = Math.round(head.greyShare * 26);
  const half = (side: 1 | -1) =>
    [
      [wide * 1.05, CROWN_Y - 4, wide * 1.12, CROWN_Y + 20, wide, sideY],
      [wide * 0.97, (sideY + endY) / 2, wide * 0.6, endY, 0, endY],
    ].map((curve) => curve.map((value, i) => (i % 2 === 0 ? MIDDLE + side * value : value)));
  const [[a, b], [c, d]] = [half(1), half(-1)];
  const back = ([x1, y1, x2, y2]: number[], x: number, y: number) => `C${x2} ${y2} ${x1} ${y1} ${x} ${y}`;
  const hair =
    `M${MIDDLE} ${CROWN_Y - 4}C${a.join(" ")}C${b.join(" ")}${back(d, MIDDLE - wide, sideY)}` +
    `${back(c, MIDDLE, CROWN_Y - 4)}Z`;
  const id = `hair-${Math.round(cm * 10)}-${head.shade}-${Math.round(wide * 10)}-${head.cut}-${strands}`;
  return (
    <svg
      viewBox={bare ? `14 0 192 ${HEAD_VIEW.height}` : `0 0 ${HEAD_VIEW.width} ${HEAD_VIEW.height}`}
      {...(bare ? { "aria-hidden": true } : { role: "img", "aria-label": text })}
      className="block w-full"
    >
      <clipPath id={id}>
        <path d={hair} />
      </clipPath>
      <path
        d={
          `M${MIDDLE - 15} 62C${MIDDLE - 15} 84 ${MIDDLE - 18} 88 ${MIDDLE - 62} 99C${MIDDLE - 78} 104 ` +
          `${MIDDLE - 82} 124 ${MIDDLE - 84} 190L${MIDDLE - 66} 192L${MIDDLE - 58} 140C${MIDDLE - 52} 190 ` +
          `${MIDDLE - 56} 230 ${MIDDLE - 62} 312H${MIDDLE + 62}C${MIDDLE + 56} 230 ${MIDDLE + 52} 190 ` +
          `${MIDDLE + 58} 140L${MIDDLE + 66} 192L${MIDDLE + 84} 190C${MIDDLE + 82} 124 ${MIDDLE + 78} 104 ` +
          `${MIDDLE + 62} 99C${MIDDLE + 18} 88 ${MIDDLE + 15} 84 ${MIDDLE + 15} 62`
        }
        className="fill-sunk stroke-line"
        strokeWidth="1.5"
        strokeLinejoin="round"
      />
      <ellipse cx={MIDDLE} cy={CROWN_Y + 30} rx="21" ry="30" className="fill-sunk stroke-line" strokeWidth="1.5" />
      <path d={hair} fill={SHADE[head.shade]} className="settles stroke-line" />
      <g clipPath={`url(#${id})`} fill="none" strokeWidth="1.5">
        {Array.from({ length: strands }, (_, i) => {
          const at = (((i * 0.618 + 0.13) % 1) - 0.5) * 2 * wide * 0.92;
          return (
            <path
              key={i}
              d={`M${MIDDLE + at * 0.25} ${CROWN_Y}Q${MIDDLE + at} ${CROWN_Y + 30} ${MIDDLE + at * 0.95} ${endY}`}
              stroke={GREY_STRAND}
            />
          );
        })}
        <path d={`M${MIDDLE} ${CROWN_Y - 4}V${CROWN_Y + 20}`} className="stroke-ground" opacity="0.6" />
      </g>
      {(bare ? [] : [20, 40, 60, 80, 100]).map((mark) => (
        <g key={mark}>
          <path d={`M238 ${CROWN_Y + mark * UNIT}h8`} className="stroke-quiet" strokeWidth="1.2" />
          <text x="234" y={CROWN_Y + mark * UNIT + 4} textAnchor="end" className="fill-quiet text-[11px]">
            {mark}
          </text>
        </g>
      ))}
    </svg>
  );
}
