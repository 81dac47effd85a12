import { ownColour } from "../parts/colour";

interface PlatePictureProps {
  readonly acrossMm: number;
  readonly alongMm: number;
  /** Screen pixels to a millimetre; true size where a card was held to the screen. */
  readonly pxPerMm: number;
  readonly colour: readonly [number, number, number];
  readonly text: string;
  /** A ghost round: what the bowl should read. mm across. */
  readonly wantedMm?: number;
}

const ROUNDS_CM = [3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14];

/** A plate from above at true size, rounds in whole centimetres, and the drop lying on it. */
export function PlatePicture({ acrossMm, alongMm, pxPerMm, colour, text, wantedMm }: PlatePictureProps) {
  const most = Math.max(90, Math.max(acrossMm, alongMm, wantedMm ?? 0) + 14);
  const rounds = ROUNDS_CM.filter((cm) => cm * 10 <= most);
  const half = most / 2;
  return (
    <svg
      viewBox={`${-half} ${-half} ${most} ${most}`}
      width={most * pxPerMm}
      height={most * pxPerMm}
      role="img"
      aria-label={text}
      className="block max-w-none"
    >
      <circle r={half - 1} className="fill-ware stroke-line" strokeWidth="0.6" />
      <ellipse
        rx={acrossMm / 2}
        ry={alongMm / 2}
        fill={ownColour(colour)}
        className="stroke-ink"
        strokeWidth="0.35"
        opacity="0.92"
      />
      {rounds.map((cm) => (
        <g key={cm}>
          <circle r={cm * 5} className="fill-none stroke-ink" strokeWidth={cm % 5 === 0 ? 0.5 : 0.22} opacity="0.75" />
          <text
            x={cm * 5 * Math.SQRT1_2 + 0.5}
            y={-cm * 5 * Math.SQRT1_2}
            className="fill-ink text-[3.2px] font-semibold"
            opacity="0.9"
          >
            {cm}
          </text>
        </g>
      ))}
      {wantedMm && (
        <circle r={wantedMm / 2} className="fill-none stroke-madder" strokeWidth="0.9" strokeDasharray="2.4 1.6" />
      )}
      <path
        d={`M${-acrossMm / 2} 0H${acrossMm / 2}M0 ${-alongMm / 2}V${alongMm / 2}`}
        className="stroke-press"
        strokeWidth="0.6"
      />
      {[
        [-acrossMm / 2, 0],
        [acrossMm / 2, 0],
        [0, -alongMm / 2],
        [0, alongMm / 2],
      ].map(([x, y]) => (
        <circle key={`${x} ${y}`} cx={x} cy={y} r="1.1" className="fill-press" />
      ))}
    </svg>
  );
}
