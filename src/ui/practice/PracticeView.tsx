"use client";
import { useMemo, useState } from "react";
import { practiceBowl, practiceResult, practiceState, type PracticeResult } from "@/core/practice";
import { leavesSpoon, TARGET_PA } from "@/core/paste";
import { gramWords, roundTo } from "@/words/amounts";
import { CONSISTENCY_NAME, CONSISTENCY_NOTE } from "@/words/names";
import { consistencyWords } from "@/words/verdict";
import { Bowl } from "../bowl/Bowl";
import { ConsistencyScale } from "../measure/ConsistencyScale";
import { PlatePicture } from "../measure/PlatePicture";
import { plateShape } from "../measure/shapes";
import { USUAL_PX_PER_MM, usePxPerMm } from "../measure/trueSize";
import { Button } from "../parts/Button";
import { counted } from "@/words/lists";

const DROP_ML = 15;
const POURS_ML = [50, 15, 5, 1] as const;
const GREY: readonly [number, number, number] = [0.62, 0.05, 100];

const LEAVES_SPOON = { drip: "drips", ribbon: "falls in a ribbon", peak: "hangs and peaks" } as const;

/** A hidden powder, a target, a kettle: pour, look, stop when it is right, and see how far off it was. */
export function PracticeView({ firstSeed }: { firstSeed: number }) {
  const [seed, setSeed] = useState(firstSeed);
  const [pours, setPours] = useState<readonly number[]>([]);
  const [stopped, setStopped] = useState<PracticeResult>();
  const [past, setPast] = useState<readonly number[]>([]);
  const bowl = useMemo(() => practiceBowl(seed), [seed]);
  const pouredMl = pours.reduce((sum, ml) => sum + ml, 0);
  const state = useMemo(() => practiceState(bowl, pouredMl), [bowl, pouredMl]);
  const { consistency } = state;
  const px = (usePxPerMm() ?? USUAL_PX_PER_MM) * 0.72;
  // The powder keeps its secret, and so does its colour.
  const layers = stopped
    ? state.layers
    : state.layers.map((layer) =>
        layer.kind === "line" ? { ...layer, colour: GREY } : { ...layer, kind: "flows" as const },
      );
  const drop = consistency.state === "dry" ? undefined : plateShape(consistency.yieldPa, DROP_ML, state.densityGPerMl);
  const across = drop && 2 * drop.radiusMm;
  const stop = () => {
    const result = practiceResult(bowl, pouredMl);
    setStopped(result);
    setPast([...past, Math.abs(result.off)]);
  };
  const again = () => {
    setSeed(crypto.getRandomValues(new Uint32Array(1))[0]);
    setPours([]);
    setStopped(undefined);
  };
  const seen =
    consistency.state === "dry"
      ? "It is crumbs still: no drop to put on a plate."
      : `A tablespoon on a plate lies ${Math.round(across!)} mm wide and ${roundTo(drop!.heightMm, 0.5)} high in` +
        " the middle.";
  const text =
    `A bowl with ${gramWords(bowl.powderG)} g of a powder and ${roundTo(pouredMl, 1)} ml of water. ` +
    (consistency.state === "dry"
      ? "The spoon lifts crumbs."
      : `From the spoon it ${LEAVES_SPOON[leavesSpoon(consistency.yieldPa)]}.`);
  return (
    <div className="mx-auto max-w-[82rem] px-4 pt-6 md:px-10">
      <h1 className="text-sentence">
        Practice: {gramWords(bowl.powderG)} g of a powder nobody names, to be like {CONSISTENCY_NAME[bowl.target]}
      </h1>
      <p className="text-quiet">
        {CONSISTENCY_NOTE[bowl.target]}; about {TARGET_PA[bowl.target]} Pa. Pour by eye, look at ribbon and plate, and
        stop when it is right.
      </p>
      <div className="mt-3 grid gap-x-10 gap-y-6 lg:grid-cols-[minmax(0,1fr)_24rem]">
        <figure className="min-w-0">
          <Bowl layers={layers} totalMl={state.totalMl} consistency={consistency} text={text} />
          <figcaption className="mt-1 text-sm text-quiet">{text}</figcaption>
        </figure>
        <div className="flex flex-col gap-4">
          <p>
            <span className="font-say text-figure font-semibold">{roundTo(pouredMl, 1)} ml</span>{" "}
            <span className="text-quiet">poured</span>
          </p>
          {!stopped ? (
            <>
              <div className="flex flex-wrap gap-2" role="group" aria-label="Pour from the kettle">
                {POURS_ML.map((ml) => (
                  <Button key={ml} className="min-h-14" onClick={() => setPours([...pours, ml])}>
                    + {ml} ml
                  </Button>
                ))}
                <Button look="text" disabled={pours.length === 0} onClick={() => setPours(pours.slice(0, -1))}>
                  take the last back
                </Button>
              </div>
              <Button look="main" className="min-h-14 self-start" disabled={pouredMl === 0} onClick={stop}>
                It is right: stop
              </Button>
            </>
          ) : (
            <div role="status" className="border-l-4 border-leaf-fill pl-3">
              <p className="font-semibold">
                {stopped.hit ? "Right." : consistency.state === "dry" ? "Still dry." : "Not quite."}{" "}
                {Math.abs(stopped.offMl) < 0.5
                  ? "To the drop."
                  : `${roundTo(Math.abs(stopped.offMl), 1)} ml too ${stopped.offMl > 0 ? "much" : "little"}, which` +
                    ` is ${Math.round(Math.abs(stopped.off) * 100)} %.`}
              </p>
              <p>
                It was {bowl.powder.names[0].text}, holding{" "}
                {Math.abs(bowl.factor - 1) < 0.02
                  ? "what the tables say"
                  : `${Math.round(Math.abs(bowl.factor - 1) * 100)} % ${bowl.factor > 1 ? "more" : "less"} than the` +
                    " tables say"}
                ; right were {roundTo(bowl.rightMl, 1)} ml. Yours is {consistencyWords(stopped.landed)}.
              </p>
              <ConsistencyScale
                band={
                  stopped.landed.state === "dry"
                    ? undefined
                    : { low: stopped.landed.yieldPa, mid: stopped.landed.yieldPa, high: stopped.landed.yieldPa }
                }
                targetPa={TARGET_PA[bowl.target]}
              />
              <Button look="main" className="mt-2 min-h-14" onClick={again}>
                Another one
              </Button>
            </div>
          )}
          {past.length > 0 && (
            <p className="text-quiet">
              {counted(past.length, "bowl", "bowls")} so far, off by{" "}
              {Math.round((past.reduce((sum, one) => sum + one, 0) / past.length) * 100)} % on average; the last by{" "}
              {Math.round(past.at(-1)! * 100)} %.
            </p>
          )}
          <figure>
            {across !== undefined && across < 170 && (
              <div className="overflow-x-auto">
                <PlatePicture
                  acrossMm={across}
                  alongMm={across}
                  pxPerMm={px}
                  colour={stopped ? bowl.powder.colour : GREY}
                  text={seen}
                />
              </div>
            )}
            <figcaption className="text-sm text-quiet">{seen}</figcaption>
          </figure>
        </div>
      </div>
    </div>
  );
}
