import type { Consistency } from "@/core/paste";
import { spoonShape } from "./spoonShape";

interface SpoonProps {
  readonly consistency: Consistency;
  readonly colour: string;
  readonly x: number;
  readonly surfaceY: number;
}

const SPOON_Y = 44;

/** The spoon lifted out: crumbs, drip, ribbon or standing peak, from the solved yield stress. */
export function Spoon({ consistency, colour, x, surfaceY }: SpoonProps) {
  const { kind, ribbonWidth, fall, peak } = spoonShape(consistency);
  const under = SPOON_Y + 17;
  const reach = under + (surfaceY - under) * fall;
  const [top, foot] = [ribbonWidth / 2, Math.max(1.2, ribbonWidth * 0.32)];
  const lands = fall > 0.97;
  const spread = 12 + ribbonWidth * 1.1;
  return (
    <g aria-hidden>
      {kind === "crumbs" &&
        [
          [-22, 26, 5],
          [-4, 46, 4],
          [14, 30, 6],
          [5, 74, 5],
          [-15, 88, 4],
          [22, 60, 3.5],
        ].map(([dx, dy, r]) => (
          <circle
            key={dx}
            cx={x + dx}
            cy={Math.min(SPOON_Y + dy, surfaceY - r)}
            r={r}
            fill={colour}
            className="stroke-ink"
            strokeWidth="0.7"
          />
        ))}
      {kind !== "crumbs" && peak > 0 && (
        <path
          d={
            `M${x - 20 - peak} ${surfaceY}Q${x - 8} ${surfaceY - peak * 0.25} ${x + peak * 0.12} ${surfaceY - peak}Q` +
            `${x + 10} ${surfaceY - peak * 0.25} ${x + 20 + peak} ${surfaceY}Z`
          }
          fill={colour}
          className="stroke-ink"
          strokeWidth="1"
        />
      )}
      {kind !== "crumbs" && (
        <path
          d={
            `M${x - top - 6} ${under - 5}Q${x - top} ${under + 8} ${x - foot} ${reach - foot}A${foot} ${foot} 0 0 0` +
            ` ${x + foot} ${reach - foot}Q${x + top} ${under + 8} ${x + top + 6} ${under - 5}Z`
          }
          fill={colour}
          className="stroke-ink settles"
          strokeWidth="0.9"
        />
      )}
      {kind === "drip" &&
        [0.28, 0.6].map((at) => (
          <circle
            key={at}
            cx={x + 9}
            cy={under + (surfaceY - under) * at}
            r="2.6"
            fill={colour}
            className="stroke-ink"
            strokeWidth="0.6"
          />
        ))}
      {lands && kind !== "peak" && (
        <ellipse
          cx={x}
          cy={surfaceY}
          rx={spread}
          ry={3 + ribbonWidth * 0.12}
          fill={colour}
          className="stroke-ink"
          strokeWidth="0.9"
        />
      )}
      <path
        d={`M${x - 47} ${SPOON_Y - 2}Q${x} ${SPOON_Y - 22 - Math.min(10, peak * 0.4)} ${x + 44} ${SPOON_Y - 2}Z`}
        fill={colour}
        className="stroke-ink"
        strokeWidth="1"
      />
      <path
        d={`M${x - 50} ${SPOON_Y - 2}Q${x - 6} ${SPOON_Y + 42} ${x + 47} ${SPOON_Y - 3}`}
        className="fill-ware stroke-ink"
        strokeWidth="3"
        strokeLinecap="round"
        strokeLinejoin="round"
      />
      <path
        d={`M${x + 46} ${SPOON_Y - 3}C${x + 86} ${SPOON_Y - 14} ${x + 150} ${SPOON_Y - 34} ${x + 214} ${SPOON_Y - 36}`}
        className="fill-none stroke-ink"
        strokeWidth="5.5"
        strokeLinecap="round"
      />
    </g>
  );
}
