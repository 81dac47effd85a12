import { ownColour } from "../../parts/colour";
import type { PictureProps } from "./pictureProps";
import { acrossFor, FLOOR, mlLabel, scaleFor, Scene, Then, Vessel, type Colour } from "./vessels";

const MILKY: Colour = [0.95, 0.012, 95];

/** The pot of milky water, and a spoonful of what comes of it: how high that stands is how stiff it is. */
export function StarchPicture({ made, now }: PictureProps) {
  const { amounts, says, material } = made;
  const out = amounts.productMl.mid;
  const before = out + amounts.steamG.mid;
  const pot = acrossFor(before) * 1.4;
  const scale = scaleFor([{ acrossCm: pot, ml: before }], 180);
  const pa = says.stiffnessPa?.mid ?? 0;
  // A runny one spreads out flat, a stiff one stands as it fell.
  const stands = Math.min(1, Math.log10(1 + pa) / Math.log10(400));
  const [halfWidth, height] = [70 - 32 * stands, 8 + 62 * stands];
  const raw = !now || now.step === "slurry" || now.step === "weigh";
  return (
    <Scene
      text={
        `${mlLabel(before)} in the pot; ${mlLabel(out)} of cream, and a spoon of it ` +
        `on a plate, ${Math.round(height)} high.`
      }
      top={70}
    >
      <Vessel
        x={120}
        acrossCm={pot}
        scale={scale}
        look="pot"
        layers={[{ ml: raw ? before : out, colour: raw ? MILKY : material.colour }]}
        label={mlLabel(before)}
      />
      <Then x={275} y={FLOOR - 50} />
      <path
        d={
          `M${390 - halfWidth} ${FLOOR - 12}C${390 - halfWidth * 0.9} ${FLOOR - 12 - height} ` +
          `${390 + halfWidth * 0.9} ${FLOOR - 12 - height} ${390 + halfWidth} ${FLOOR - 12}Z`
        }
        fill={ownColour(material.colour)}
        className="stroke-ink"
        strokeWidth="2.5"
      />
      <path d={`M300 ${FLOOR - 12}q8 11 20 11h140q12 0 20 -11Z`} className="fill-ware stroke-ink" strokeWidth="3" />
      <text x="390" y={FLOOR + 24} textAnchor="middle" className="fill-ink font-semibold">
        {mlLabel(out)}
      </text>
    </Scene>
  );
}
