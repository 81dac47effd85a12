"use client";
import { PLACES, restWindow, type BatchPayload, type BatchState, type Place } from "@/core/batch";
import type { PasteAnswer } from "@/core/paste";
import { momentWords } from "@/words/times";
import { PLACE_NAME } from "@/words/names";
import { Button } from "../parts/Button";

interface WhereItStandsProps {
  readonly answer: PasteAnswer;
  readonly state: BatchState;
  readonly kitchenTempC: number;
  readonly timeZone: string;
  readonly nowMs: number;
  readonly closed: boolean;
  readonly onHappen: (payload: BatchPayload) => void;
}

/** Where a resting bowl stands, and what that does to its times. */
export function WhereItStands({ answer, state, kitchenTempC, timeZone, nowMs, closed, onHappen }: WhereItStandsProps) {
  const { mixed } = state.reachedMs;
  if (mixed === undefined) return null;
  const window = restWindow(answer.rest, mixed, kitchenTempC, state.moves);
  const place: Place = state.moves.at(-1)?.place ?? "kitchen";
  const at = (ms: number) => momentWords(ms, timeZone, nowMs);
  return (
    <div>
      <p>
        It stands in {PLACE_NAME[place]}: ready {at(window.readyMs)}
        {window.bestMs !== undefined &&
          `, best ${at(window.bestMs)}, ` +
            (window.useByMs === undefined ? "keeps for weeks there" : `use by ${at(window.useByMs)}`)}
        .
      </p>
      {!closed && state.reachedMs.onHead === undefined && (
        <div className="no-print mt-1 flex flex-wrap gap-2">
          {PLACES.filter((one) => one !== place).map((one) => (
            <Button key={one} className="min-h-12" onClick={() => onHappen({ kind: "moved", place: one })}>
              {one === "kitchen" ? "out, into the kitchen" : `into ${PLACE_NAME[one]}`}
            </Button>
          ))}
        </div>
      )}
    </div>
  );
}
