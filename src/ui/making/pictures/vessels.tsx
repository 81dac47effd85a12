import { kitchenMl } from "@/words/making";
import { ownColour } from "../../parts/colour";

/** Every picture of a making stands on this line, and is so wide. */
export const FLOOR = 300;
export const WIDTH = 480;
export type Colour = readonly [number, number, number];
export const WATER: Colour = [0.9, 0.035, 220];

/** Height in cm of so much in a round vessel. */
export const heightCm = (ml: number, acrossCm: number): number => Math.max(0, ml) / ((Math.PI / 4) * acrossCm ** 2);

/** A vessel that such an amount fills about as deep as it is wide, cm. */
export const acrossFor = (ml: number): number => Math.max(5, Math.cbrt((ml * 4) / Math.PI) * 1.1);

/** Picture units for a cm, so that everything fits. */
export const scaleFor = (
  vessels: readonly { readonly acrossCm: number; readonly ml: number }[],
  widest = 170,
): number =>
  Math.min(
    16,
    ...vessels.map(({ acrossCm, ml }) => Math.min(widest / acrossCm, 200 / Math.max(1, heightCm(ml, acrossCm)))),
  );

interface VesselProps {
  /** Of its middle. */
  readonly x: number;
  readonly acrossCm: number;
  readonly scale: number;
  /** From below upwards. */
  readonly layers: readonly { readonly ml: number; readonly colour: Colour }[];
  readonly label?: string;
  readonly look?: "jar" | "pot" | "bowl";
  /** Its floor, where that is not the table. */
  readonly floor?: number;
  readonly rimCm?: number;
}

/** A jar, a pot or a bowl to scale, with what is in it. */
export function Vessel({ x, acrossCm, scale, layers, label, look = "jar", floor = FLOOR, rimCm = 1.8 }: VesselProps) {
  const width = acrossCm * scale;
  const left = x - width / 2;
  const whole = layers.reduce((sum, { ml }) => sum + ml, 0);
  const rim = floor - (heightCm(whole, acrossCm) + rimCm) * scale;
  let level = floor;
  return (
    <g>
      {layers.map(({ ml, colour }, i) => {
        const height = heightCm(ml, acrossCm) * scale;
        level -= height;
        return (
          <g key={i}>
            <rect x={left} y={level} width={width} height={height} fill={ownColour(colour)} />
            {/* Milk is as pale as the page: where it ends is a line. */}
            {height > 1 && <path d={`M${left} ${level}h${width}`} className="stroke-quiet" strokeWidth="1.2" />}
          </g>
        );
      })}
      <path
        d={
          look === "jar"
            ? `M${left} ${rim}V${floor - 8}q0 8 8 8h${width - 16}q8 0 8 -8V${rim}`
            : look === "pot"
              ? `M${left - 12} ${rim}h12V${floor}h${width}V${rim}h12`
              : `M${left - 6} ${rim}L${left} ${floor - 10}q4 10 14 10h${width - 28}q10 ` +
                `0 14 -10L${left + width + 6} ${rim}`
        }
        className="fill-none stroke-ink"
        strokeWidth="3"
        strokeLinecap="round"
        strokeLinejoin="round"
      />
      {label && (
        <text x={x} y={FLOOR + 24} textAnchor="middle" className="fill-ink font-semibold">
          {label}
        </text>
      )}
    </g>
  );
}

interface SceneProps {
  readonly text: string;
  readonly top?: number;
  readonly children: React.ReactNode;
}

/** The table on which it all stands, read out in a sentence. */
export const Scene = ({ text, top = 40, children }: SceneProps) => (
  <svg
    viewBox={`0 ${top} ${WIDTH} ${FLOOR + 36 - top}`}
    role="img"
    aria-label={text}
    className="block w-full max-w-[34rem]"
    fontSize="17"
  >
    {children}
    <path d={`M0 ${FLOOR + 1.5}H${WIDTH}`} className="stroke-line" strokeWidth="1.5" />
  </svg>
);

/** From one vessel into the next. */
export const Then = ({ x, y = 200 }: { readonly x: number; readonly y?: number }) => (
  <path
    d={`M${x - 16} ${y}h28m-9 -8l9 8l-9 8`}
    className="fill-none stroke-quiet"
    strokeWidth="2.5"
    strokeLinecap="round"
    strokeLinejoin="round"
  />
);

export const mlLabel = (ml: number): string => `${kitchenMl(ml)} ml`;
export const gLabel = (grams: number): string => `${kitchenMl(grams)} g`;
