import { ownColour } from "../../parts/colour";
import type { PictureProps } from "./pictureProps";
import { acrossFor, FLOOR, gLabel, mlLabel, scaleFor, Scene, Then, Vessel, type Colour } from "./vessels";

const WHEY: Colour = [0.93, 0.05, 112];
const CLOTH_X = 130;

/** The cloth over its bowl with the whey underneath, as far as it has dripped; then what is left of the curd. */
export function CurdPicture({ made, now }: PictureProps) {
  const { amounts, material } = made;
  const [curd, whey] = [amounts.productMl.mid, amounts.restG.mid];
  const dripped = whey * (now ? (now.step === "hang" ? now.share : now.step === "weigh" ? 0 : 1) : 1);
  const bowl = acrossFor(curd + whey) * 1.3;
  const scale = scaleFor([{ acrossCm: bowl, ml: curd + whey }], 180);
  const bag = Math.cbrt(curd + whey - dripped) * scale * 0.62;
  return (
    <Scene
      text={
        `A cloth of curd over a bowl, ${gLabel(dripped)} of whey in it; ` +
        `${gLabel(amounts.productG.mid)} of hung curd.`
      }
      top={20}
    >
      <path d={`M${CLOTH_X - 90} 52H${CLOTH_X + 90}`} className="stroke-ink" strokeWidth="6" strokeLinecap="round" />
      <path
        d={
          `M${CLOTH_X} 52L${CLOTH_X - 10} 78C${CLOTH_X - bag} 96 ${CLOTH_X - bag} ` +
          `${96 + bag * 1.5} ${CLOTH_X} ${96 + bag * 1.5}` +
          `C${CLOTH_X + bag} ${96 + bag * 1.5} ${CLOTH_X + bag} 96 ${CLOTH_X + 10} 78Z`
        }
        fill={ownColour(material.colour)}
        className="stroke-ink"
        strokeWidth="3"
        strokeLinejoin="round"
      />
      {dripped < whey && <path d={`M${CLOTH_X} ${100 + bag * 1.5}v14`} className="stroke-quiet" strokeWidth="3" />}
      <Vessel
        x={CLOTH_X}
        acrossCm={bowl}
        scale={scale}
        look="bowl"
        layers={[{ ml: dripped, colour: WHEY }]}
        label={`${mlLabel(dripped)} whey`}
        rimCm={2.6}
      />
      <Then x={285} y={FLOOR - 60} />
      <Vessel
        x={400}
        acrossCm={acrossFor(curd)}
        scale={scale}
        look="bowl"
        layers={[{ ml: curd, colour: material.colour }]}
        label={gLabel(amounts.productG.mid)}
      />
    </Scene>
  );
}
