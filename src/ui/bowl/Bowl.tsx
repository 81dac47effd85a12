import type { Ref } from "react";
import type { Consistency, Layer } from "@/core/paste";
import { ownColour } from "../parts/colour";
import { bowlFor, drawLayers, type DrawnLayer } from "./geometry";
import { mixColour } from "./mixColour";
import { Spoon } from "./Spoon";

/** Picture units; the whole picture is `VIEW`. */
export const VIEW = { width: 680, height: 440 };
const SECTION = { width: 600, depth: 270 };
const MIDDLE = 322;
const RIM_Y = 150;
const WALL = 9;
const BOTTOM_Y = RIM_Y + SECTION.depth;

interface BowlProps {
  readonly layers: readonly Layer[];
  readonly totalMl: number;
  readonly consistency: Consistency;
  /** What the picture shows, in words. */
  readonly text: string;
  /** Where a label stands for each layer, picture units from the top; draws its line. */
  readonly labelY?: readonly number[];
  readonly faded?: boolean;
  readonly ref?: Ref<SVGSVGElement>;
  readonly onPress?: (layer: Layer) => void;
}

const y = (height: number) => BOTTOM_Y - height;
const path = ({ outline }: DrawnLayer) =>
  `M${outline.map(([x, height]) => `${(MIDDLE + x).toFixed(2)} ${y(height).toFixed(2)}`).join("L")}Z`;

/** Middle of each layer from the top, picture units; what labels want to stand beside. */
export const layerMiddles = (layers: readonly Layer[], totalMl: number): number[] =>
  drawLayers(layers, bowlFor(totalMl), SECTION).map(({ from, to }) => y((from + to) / 2));

/** The bowl in section, to scale from the solved volumes, with the spoon above it. */
export function Bowl({ layers, totalMl, consistency, text, labelY, faded, ref, onPress }: BowlProps) {
  const drawn = drawLayers(layers, bowlFor(totalMl), SECTION);
  const surface = y(drawn.at(-1)?.to ?? 0);
  const left = MIDDLE - SECTION.width / 2;
  const right = MIDDLE + SECTION.width / 2;
  return (
    <svg
      ref={ref}
      viewBox={`0 0 ${VIEW.width} ${VIEW.height}`}
      role="img"
      aria-label={text}
      className={`block w-full overflow-visible ${faded ? "opacity-40" : ""}`}
    >
      <defs>
        <pattern id="held" width="13" height="11" patternUnits="userSpaceOnUse">
          <circle cx="3" cy="3" r="1.7" className="fill-ink" opacity="0.28" />
          <circle cx="9.5" cy="8.5" r="1.7" className="fill-ink" opacity="0.28" />
        </pattern>
      </defs>
      {drawn.map((one, i) => (
        // The picture repeats what the labels' buttons do; keyboard and readers use those.
        <g
          key={`${one.layer.kind}${one.layer.line ?? ""}`}
          onClick={onPress && (() => onPress(one.layer))}
          className={onPress ? "cursor-pointer" : undefined}
        >
          <path d={path(one)} fill={ownColour(one.layer.colour)} className="settles" />
          {one.layer.kind === "held" && <path d={path(one)} fill="url(#held)" />}
          {i > 0 && (
            <line
              x1={MIDDLE + one.outline[0][0]}
              x2={MIDDLE - one.outline[0][0]}
              y1={y(one.from)}
              y2={y(one.from)}
              className="stroke-ink"
              strokeWidth="0.8"
              opacity="0.35"
            />
          )}
        </g>
      ))}
      <path
        d={
          `M${left - 20} ${RIM_Y - 10}h14q6 0 6 10a${SECTION.width / 2} ${SECTION.depth} 0 0 0 ${SECTION.width} 0q0` +
          " -10 6 -10h14"
        }
        className="fill-none stroke-ink"
        strokeWidth="3.4"
        strokeLinecap="round"
      />
      <path d={`M${MIDDLE - 74} ${BOTTOM_Y + WALL}h148`} className="stroke-ink" strokeWidth="6" strokeLinecap="round" />
      <Spoon consistency={consistency} colour={ownColour(mixColour(layers))} x={MIDDLE - 150} surfaceY={surface} />
      {labelY && (
        <g className="hidden md:block" aria-hidden>
          {drawn.map(({ from, to, outline }, i) => {
            const middle = (from + to) / 2;
            const edge = MIDDLE + outline[Math.floor(outline.length / 4)][0] - 16;
            const elbow = right + 26;
            return (
              <g key={i} className="stroke-quiet" strokeWidth="1.1" fill="none">
                <path
                  d={`M${edge} ${y(middle)}L${Math.max(edge, elbow - 22)} ${labelY[i]}H${VIEW.width}`}
                  opacity="0.75"
                />
                <circle cx={edge} cy={y(middle)} r="3.4" className="fill-ink stroke-none" />
              </g>
            );
          })}
        </g>
      )}
    </svg>
  );
}
