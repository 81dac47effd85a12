import type { Layer } from "@/core/paste";
import { ownColour } from "../parts/colour";
import { bowlFor, drawLayers } from "./geometry";

const SECTION = { width: 120, depth: 54 };

interface SmallBowlProps {
  readonly layers: readonly Layer[];
  readonly totalMl: number;
  /** Bowls beside one another share a scale: the biggest one's capacity, ml. */
  readonly scaleMl?: number;
}

/** A bowl in section, small: how much of what, at one scale with its neighbours. A picture beside its own words. */
export function SmallBowl({ layers, totalMl, scaleMl }: SmallBowlProps) {
  const capacity = bowlFor(totalMl);
  const scale = Math.max(0.42, Math.sqrt(capacity / Math.max(capacity, scaleMl ?? capacity)));
  const section = { width: SECTION.width * scale, depth: SECTION.depth * scale };
  const y = (height: number) => 62 - height;
  return (
    <svg viewBox="-66 0 132 68" className="block w-full max-w-36" aria-hidden>
      {drawLayers(layers, capacity, section).map(({ layer, outline }, i) => (
        <path
          key={i}
          d={`M${outline.map(([x, height]) => `${x.toFixed(1)} ${y(height).toFixed(1)}`).join("L")}Z`}
          fill={ownColour(layer.colour)}
        />
      ))}
      <path
        d={
          `M${-section.width / 2 - 4} ${y(section.depth)}h4a${section.width / 2} ${section.depth} 0 0 0 ` +
          `${section.width} 0h4`
        }
        className="fill-none stroke-ink"
        strokeWidth="2"
        strokeLinecap="round"
      />
      <path d={`M${-16 * scale} 64.5h${32 * scale}`} className="stroke-ink" strokeWidth="3" strokeLinecap="round" />
    </svg>
  );
}
