import { ownColour } from "../../parts/colour";
import type { PictureProps } from "./pictureProps";
import { acrossFor, FLOOR, gLabel, mlLabel, scaleFor, Scene, Then, Vessel, WATER, type Colour } from "./vessels";

const OIL: Colour = [0.86, 0.09, 95];
const JAR_X = 120;

/** The jar of oil in its water bath with the warmth it may have; then the clear oil, and what stays in the cloth. */
export function OilPicture({ made, settings, potColour }: PictureProps) {
  const { amounts, material, notes } = made;
  const [rest, out] = [amounts.restG.mid, amounts.productMl.mid];
  const across = acrossFor(out + rest);
  const scale = scaleFor([{ acrossCm: across * 1.8, ml: out }], 190);
  const warm = settings.way !== "cold";
  const bath = settings.way === "waterBath";
  const lid = notes.find(({ code }) => code === "hotOil")?.detail?.tempC;
  const floor = bath ? FLOOR - 16 : FLOOR;
  const herb = Math.min(out * 0.6, rest / 0.9);
  return (
    <Scene
      text={
        `${bath ? "A jar of oil in a pot of water" : warm ? "A pot of oil" : "A closed jar of oil"}, with the herb` +
        `${lid ? `, not above ${lid} °C` : ""}; ${mlLabel(out)} of oil in the bottle, ${gLabel(rest)} in the cloth.`
      }
      top={20}
    >
      {bath && (
        <Vessel
          x={JAR_X}
          acrossCm={across * 1.8}
          scale={scale}
          look="pot"
          layers={[{ ml: out * 2.2, colour: WATER }]}
          rimCm={1.2}
        />
      )}
      <Vessel
        x={JAR_X}
        acrossCm={across}
        scale={scale}
        floor={floor}
        look={warm && !bath ? "pot" : "jar"}
        layers={[
          { ml: herb, colour: potColour },
          { ml: out, colour: OIL },
        ]}
      />
      {lid && (
        <g>
          <path d={`M${JAR_X + 10} 60V${floor - 24}`} className="stroke-ink" strokeWidth="5" strokeLinecap="round" />
          <circle cx={JAR_X + 10} cy={floor - 20} r="8" fill={ownColour([0.55, 0.18, 30])} className="stroke-ink" />
          <text x={JAR_X + 22} y="66" className="fill-ink font-semibold">
            at most {lid} °C
          </text>
        </g>
      )}
      <Then x={265} />
      <Vessel
        x={390}
        acrossCm={acrossFor(out) * 0.8}
        scale={scale}
        layers={[{ ml: out, colour: material.colour }]}
        label={mlLabel(out)}
      />
      {rest >= 1 && (
        <text x="265" y={FLOOR + 24} textAnchor="middle" className="fill-quiet">
          {gLabel(rest)} in the cloth
        </text>
      )}
    </Scene>
  );
}
