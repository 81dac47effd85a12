import { ownColour } from "../../parts/colour";
import type { PictureProps } from "./pictureProps";
import { acrossFor, FLOOR, gLabel, mlLabel, scaleFor, Scene, Then, Vessel, WATER } from "./vessels";

/** What goes in, with the water on it; the cloth with what stays; and what runs through. */
export function ClothPicture({ made, potColour }: PictureProps) {
  const { amounts, material } = made;
  const poured = amounts.pourMl?.mid ?? 0;
  const plantMl = Math.max(1, amounts.inG.mid - poured);
  const [out, rest] = [amounts.productMl.mid, amounts.restG.mid];
  const jug = acrossFor(plantMl + poured);
  const scale = scaleFor([{ acrossCm: jug, ml: plantMl + poured }], 130);
  // What sticks to the walls of a mill never saw a cloth.
  const strained = rest > 0.12 * amounts.inG.mid;
  const r = Math.min(46, Math.max(12, Math.cbrt(rest) * scale * 0.5));
  return (
    <Scene
      text={
        `${gLabel(plantMl)} with ${mlLabel(poured)} of water; ${gLabel(rest)} stay in ` +
        `the cloth, ${mlLabel(out)} run through.`
      }
      top={60}
    >
      <Vessel
        x={85}
        acrossCm={jug}
        scale={scale}
        layers={[
          { ml: plantMl, colour: potColour },
          { ml: poured, colour: WATER },
        ]}
        label={poured > 0 ? `${gLabel(plantMl)} + ${mlLabel(poured)}` : gLabel(plantMl)}
      />
      <Then x={185} />
      {strained && (
        <>
          <path
            d={`M${250 - r - 8} ${FLOOR - 130}q${r + 8} ${2 * r + 10} ${2 * r + 16} 0`}
            fill={ownColour(potColour)}
            className="stroke-ink"
            strokeWidth="3"
            strokeLinejoin="round"
          />
          <path d={`M${250 - r - 22} ${FLOOR - 130}h${2 * r + 44}`} className="stroke-ink" strokeWidth="3.5" />
        </>
      )}
      <text x="250" y={FLOOR + 24} textAnchor="middle" className="fill-quiet">
        {gLabel(rest)} {strained ? "stay" : "on the walls"}
      </text>
      <Then x={325} />
      <Vessel
        x={410}
        acrossCm={acrossFor(out)}
        scale={scale}
        layers={[{ ml: out, colour: material.colour }]}
        label={mlLabel(out)}
      />
    </Scene>
  );
}
