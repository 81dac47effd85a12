import { useState } from "react";
import { AIRS, type Air } from "@/core/air";
import type { ComesOff, Drying } from "@/core/apply";
import { COVERS, TOUCHES, type BatchPayload, type BatchState } from "@/core/batch";
import { minuteWords } from "@/words/amounts";
import { AIR_NAME, COVER_NAME, dryingWords, TOUCH_NAME, touchedWords } from "@/words/apply";
import { clockWords } from "@/words/times";
import { SelectOf } from "../forms/SelectOf";
import { Button } from "../parts/Button";

interface WhileOnProps {
  readonly state: BatchState;
  readonly off: ComesOff;
  readonly firstMs: number;
  readonly lastMs: number;
  readonly dryingIn: (air: Air) => Drying;
  readonly massage: boolean;
  readonly dye: boolean;
  readonly timeZone: string;
  readonly nowMs: number;
  readonly onHappen: (payload: BatchPayload) => void;
}
const MINUTE_MS = 60_000;
/** Fingertips in circles, no nails. Common practice. */
export const MASSAGE_MIN = 4;

/** While it is on: since when, when it comes off, how it is covered, and how far it has dried. */
export function WhileOn({
  state,
  off,
  firstMs,
  lastMs,
  dryingIn,
  massage,
  dye,
  timeZone,
  nowMs,
  onHappen,
}: WhileOnProps) {
  const [air, setAir] = useState<Air>("usual");
  const at = (ms: number) => clockWords(ms, timeZone);
  const ago = (ms: number) => minuteWords(Math.max(0, (nowMs - ms) / MINUTE_MS));
  const cover = state.cover?.as ?? "open";
  const touch = state.touches.at(-1);
  const early = nowMs < off.fromMs;
  const { massagedMs } = state;
  return (
    <>
      <p className="text-center text-lg">
        {early ? (
          <>
            Off from <strong>{at(off.fromMs)}</strong>, best at <strong>{at(off.bestMs)}</strong>, by {at(off.untilMs)}.
          </>
        ) : nowMs <= off.untilMs ? (
          <>
            <strong>It may come off now</strong>; by {at(off.untilMs)}.
          </>
        ) : (
          <strong className="text-stop">It should be off: since {at(off.untilMs)}.</strong>
        )}
      </p>
      <p className="text-center text-quiet">
        Last section {ago(lastMs)} ago, first one {ago(firstMs)}.
        {off.firstIsLong && " The first ones have had it longest: rinse them first."}
      </p>
      {massage && (
        <p className="flex flex-wrap items-center justify-center gap-3">
          {massagedMs === undefined ? (
            <Button className="min-h-14" onClick={() => onHappen({ kind: "massaged" })}>
              massage: {MASSAGE_MIN} minutes, fingertips in circles
            </Button>
          ) : nowMs < massagedMs + MASSAGE_MIN * MINUTE_MS ? (
            `Massage until ${at(massagedMs + MASSAGE_MIN * MINUTE_MS)}: fingertips in circles, no nails.`
          ) : (
            "The massage is done."
          )}
        </p>
      )}
      <section aria-label="Is it drying?" className="border-t border-line pt-3">
        <h2>Is it drying?</h2>
        <div className="mt-1 flex flex-wrap gap-4">
          <SelectOf
            label="It is"
            value={cover}
            values={COVERS}
            names={COVER_NAME}
            onChange={(as) => onHappen({ kind: "covered", as })}
          />
          {cover === "open" && (
            <SelectOf label="The air here is" value={air} values={AIRS} names={AIR_NAME} onChange={setAir} />
          )}
        </div>
        <p className="mt-2">{dryingWords(dryingIn(air), cover !== "open")}</p>
        {cover === "open" && (
          <div role="group" aria-label="Touched" className="mt-2 flex flex-wrap gap-2">
            {TOUCHES.map((as) => (
              <Button key={as} aria-pressed={touch?.as === as} onClick={() => onHappen({ kind: "touched", as })}>
                {TOUCH_NAME[as]}
              </Button>
            ))}
          </div>
        )}
        {touch && (
          <p role="status" className="mt-1">
            {touchedWords(touch.as, dye)}
          </p>
        )}
      </section>
    </>
  );
}
