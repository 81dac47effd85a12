import { PASTE_DENSITY } from "@/core/flow";
import { ownColour } from "../parts/colour";
import { ringShape } from "./shapes";

interface RingPictureProps {
  readonly heightMm: number;
  readonly slumpMm: number;
  readonly yieldPa: number | undefined;
  readonly pxPerMm: number;
  readonly colour: readonly [number, number, number];
  readonly text: string;
}

const WIDTH_MM = 56;

/** A ring's paste from the side at true size: where it stood, what is left standing, and the millimetres between. */
export function RingPicture({ heightMm, slumpMm, yieldPa, pxPerMm, colour, text }: RingPictureProps) {
  const stands = Math.max(0, heightMm - slumpMm);
  const { footMm } =
    yieldPa === undefined ? { footMm: WIDTH_MM * 1.2 } : ringShape(yieldPa, heightMm, WIDTH_MM, PASTE_DENSITY.value);
  const foot = Math.min(footMm, 118);
  const view = { left: -62, width: 142, height: heightMm + 14 };
  return (
    <svg
      viewBox={`${view.left} ${-heightMm - 8} ${view.width} ${view.height}`}
      width={view.width * pxPerMm}
      height={view.height * pxPerMm}
      role="img"
      aria-label={text}
      className="block max-w-none"
    >
      <path
        d={
          `M${-foot / 2} 0Q${-WIDTH_MM / 2} ${-stands * 0.35} ${-WIDTH_MM / 2} ${-stands}H${WIDTH_MM / 2}Q` +
          `${WIDTH_MM / 2} ${-stands * 0.35} ${foot / 2} 0Z`
        }
        fill={ownColour(colour)}
        className="stroke-ink"
        strokeWidth="0.4"
      />
      <path
        d={
          `M${-WIDTH_MM / 2} 0V${-heightMm}M${WIDTH_MM / 2} 0V${-heightMm}M${-WIDTH_MM / 2} ${-heightMm}H` +
          `${WIDTH_MM / 2}`
        }
        className="fill-none stroke-ink"
        strokeWidth="0.7"
        strokeDasharray="2 1.4"
      />
      <path d="M-62 0.6H62" className="stroke-ink" strokeWidth="1.2" strokeLinecap="round" />
      <path d={`M66 0V${-heightMm}`} className="stroke-ink" strokeWidth="0.7" />
      {Array.from({ length: Math.floor(heightMm / 5) + 1 }, (_, i) => i * 5).map((mm) => (
        <g key={mm}>
          <path d={`M66 ${-heightMm + mm}h${mm % 10 === 0 ? 4 : 2}`} className="stroke-ink" strokeWidth="0.5" />
          {mm % 10 === 0 && (
            <text x="71" y={-heightMm + mm + 1.2} className="fill-ink text-[3.4px]">
              {mm}
            </text>
          )}
        </g>
      ))}
      <path d={`M${WIDTH_MM / 2 + 4} ${-heightMm}V${-stands}`} className="stroke-press" strokeWidth="1" />
      <path d={`M${-WIDTH_MM / 2} ${-stands}H66`} className="stroke-press" strokeWidth="0.6" />
      <circle cx="66" cy={-stands} r="1.4" className="fill-press" />
    </svg>
  );
}
