import type { Simulated } from "@/core/figure";
import type { LiquidAnswer } from "@/core/paste";
import { pourMl, roundTo } from "@/words/amounts";
import { ownColour } from "../parts/colour";
import { jugFor, jugHeight, widthAt } from "./jugShape";
import { spread } from "./geometry";

const JUG = { foot: 112, brim: 140, height: 250 };
const LEFT = 34;
/** Of a line of text beside it; three fit. */
const MARK_HEIGHT = 22;
const FOOT_Y = 286;

interface JugProps {
  readonly liquid: Exclude<LiquidAnswer, { state: "unreachable" }>;
  readonly colour: readonly [number, number, number];
  readonly pouredMl?: number;
  /** Where simulated bowls stopped; drawn as a swelling beside the band. */
  readonly drawn?: Simulated;
}

/** The measuring jug to scale: first pour filled, the band hatched, spoon steps as ticks. */
export function Jug({ liquid, colour, pouredMl, drawn }: JugProps) {
  const most = Math.max(liquid.ml.high, pouredMl ?? 0, 1);
  const capacity = jugFor(most);
  const heightOf = (ml: number) => jugHeight(JUG, capacity, ml);
  const slab = (from: number, to: number) => {
    const side = (h: number) => (JUG.brim - widthAt(JUG, h)) / 2;
    return (
      `M${LEFT + side(from)} ${FOOT_Y - from}L${LEFT + side(to)} ${FOOT_Y - to}H${LEFT + JUG.brim - side(to)}L` +
      `${LEFT + JUG.brim - side(from)} ${FOOT_Y - from}Z`
    );
  };
  const plan = liquid.state === "solved" ? liquid.plan : undefined;
  const filled = heightOf(pouredMl ?? plan?.firstPourMl ?? liquid.ml.mid);
  const marks = plan
    ? [
        { ml: plan.mostMl, text: `${pourMl(plan.mostMl, liquid.ml)} never more` },
        { ml: plan.expectedStopMl, text: `${pourMl(plan.expectedStopMl, liquid.ml)} stop about here`, strong: true },
        { ml: plan.firstPourMl, text: `${pourMl(plan.firstPourMl, liquid.ml)} pour first` },
      ]
    : [{ ml: liquid.ml.mid, text: `${roundTo(liquid.ml.mid, 1)} all of it`, strong: true }];
  const labelY = spread(
    marks.map(({ ml }) => FOOT_Y - heightOf(ml)),
    marks.map(() => MARK_HEIGHT),
    19,
    FOOT_Y + MARK_HEIGHT / 2,
  )!;
  // Ticks closer than the eye can part are drawn as every second, third … step.
  const every = plan
    ? Math.ceil(5 / Math.max(0.1, heightOf(plan.firstPourMl + plan.step.ml) - heightOf(plan.firstPourMl)))
    : 1;
  const ticks = plan
    ? Array.from({ length: 40 }, (_, i) => plan.firstPourMl + i * every * plan.step.ml).filter(
        (ml) => ml <= plan.mostMl,
      )
    : [];
  const text = plan
    ? `A ${capacity} ml jug: pour ${pourMl(plan.firstPourMl, liquid.ml)} ml first, then ${plan.step.count} ` +
      `${plan.step.unit} at a time to about ${pourMl(plan.expectedStopMl, liquid.ml)}, never more than ` +
      `${pourMl(plan.mostMl, liquid.ml)}.`
    : `A ${capacity} ml jug with ${roundTo(liquid.ml.mid, 1)} ml.`;
  return (
    <svg viewBox="0 0 330 306" role="img" aria-label={text} className="block w-full max-w-[23rem] overflow-visible">
      <defs>
        <pattern id="maybe" width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(35)">
          <line x1="0" y1="0" x2="0" y2="9" className="stroke-press" strokeWidth="2" opacity="0.55" />
        </pattern>
      </defs>
      <path d={slab(0, filled)} fill={ownColour(colour)} className="settles" />
      {plan && (
        <path d={slab(heightOf(plan.firstPourMl), heightOf(plan.mostMl))} fill="url(#maybe)" className="settles" />
      )}
      <path
        d={
          `M${LEFT - 20} 18Q${LEFT - 2} 24 ${LEFT} ${FOOT_Y - JUG.height}L${LEFT + 12} ${FOOT_Y - 8}q2 8 10 8h` +
          `${JUG.foot - 16}q8 0 10 -8L${LEFT + JUG.brim} 18`
        }
        className="fill-none stroke-ink"
        strokeWidth="3.2"
        strokeLinecap="round"
        strokeLinejoin="round"
      />
      {drawn && <path d={swelling(drawn, heightOf)} className="fill-press" opacity="0.3" />}
      {ticks.map((ml) => {
        const h = heightOf(ml);
        return (
          <line
            key={ml}
            x1={LEFT + (JUG.brim - widthAt(JUG, h)) / 2 + 3}
            x2={LEFT + 34}
            y1={FOOT_Y - h}
            y2={FOOT_Y - h}
            className="stroke-ink"
            strokeWidth="1.2"
          />
        );
      })}
      {marks.map(({ ml, text: words, strong }, i) => {
        const h = heightOf(ml);
        const edge = LEFT + (JUG.brim + widthAt(JUG, h)) / 2;
        return (
          <g key={words}>
            <path
              d={`M${edge - 44} ${FOOT_Y - h}H${edge}L${edge + 14} ${labelY[i]}`}
              className="fill-none stroke-ink"
              strokeWidth={strong ? 2.6 : 1.3}
            />
            <text x={edge + 18} y={labelY[i] + 5} className={`fill-ink text-[15px] ${strong ? "font-bold" : ""}`}>
              {words}
            </text>
          </g>
        );
      })}
    </svg>
  );
}

const SWELLING = { x: LEFT + 46, width: 46 };

/** The draws as a shape: at each height as wide as the share of bowls that stopped there. */
function swelling({ bins, from, to }: Simulated, heightOf: (ml: number) => number): string {
  const most = Math.max(...bins);
  const points = bins.map(
    (share, i) =>
      `${(SWELLING.x + (SWELLING.width * share) / most).toFixed(1)} ` +
      `${(FOOT_Y - heightOf(from + ((to - from) * (i + 0.5)) / bins.length)).toFixed(1)}`,
  );
  return `M${SWELLING.x} ${FOOT_Y - heightOf(from)}L${points.join("L")}L${SWELLING.x} ${FOOT_Y - heightOf(to)}Z`;
}
