import type { PictureProps } from "./pictureProps";
import { acrossFor, gLabel, mlLabel, scaleFor, Scene, Vessel } from "./vessels";

/** What is dissolved: the glass, with the grains that stay on its floor. */
export function DissolvePicture({ made, potColour }: PictureProps) {
  const { amounts, material } = made;
  const [out, grains] = [amounts.productMl.mid, amounts.restG.mid];
  const across = acrossFor(out);
  return (
    <Scene
      text={`${mlLabel(out)} in a glass${grains > 0.1 ? `, ${gLabel(grains)} of grains on its floor` : ", clear"}.`}
    >
      <Vessel
        x={150}
        acrossCm={across}
        scale={scaleFor([{ acrossCm: across, ml: out }])}
        layers={[
          { ml: grains / 1.2, colour: potColour },
          { ml: out, colour: material.colour },
        ]}
        label={grains > 0.1 ? `${mlLabel(out)}, ${gLabel(grains)} stay grains` : mlLabel(out)}
      />
    </Scene>
  );
}

/** What is mixed: one jar, with every thing as a layer of its share. */
export function LayersPicture({ made, parts = [] }: PictureProps) {
  const { amounts, material } = made;
  const out = amounts.productMl.mid;
  const across = acrossFor(out);
  const whole = parts.reduce((sum, { massG }) => sum + massG, 0);
  const layers = parts.map(({ massG, colour }) => ({ ml: (out * massG) / whole, colour }));
  return (
    <Scene text={`A jar of ${gLabel(amounts.productG.mid)}, in the shares of what is in it.`}>
      <Vessel
        x={150}
        acrossCm={across}
        scale={scaleFor([{ acrossCm: across, ml: out }])}
        layers={layers.length > 0 ? layers : [{ ml: out, colour: material.colour }]}
        label={gLabel(amounts.productG.mid)}
      />
    </Scene>
  );
}
