"use client";
import { useState } from "react";
import {
  PLACES,
  restWindow,
  type BatchPayload,
  type BatchState,
  type Move,
  type Nights,
  type Place,
} from "@/core/batch";
import type { PasteAnswer } from "@/core/paste";
import { momentWords } from "@/words/times";
import { PLACE_NAME } from "@/words/names";
import { Button } from "../parts/Button";
import { Sheet, SheetClose } from "../parts/Sheet";
import { Degrees } from "../rest/Degrees";

interface WhereItStandsProps {
  readonly answer: PasteAnswer;
  readonly state: BatchState;
  readonly kitchenTempC: number;
  readonly nights: Nights | undefined;
  readonly timeZone: string;
  readonly nowMs: number;
  readonly closed: boolean;
  readonly onHappen: (payload: BatchPayload) => void;
}

/** Where a resting bowl stands, and what that does to its times. */
export function WhereItStands({
  answer,
  state,
  kitchenTempC,
  nights,
  timeZone,
  nowMs,
  closed,
  onHappen,
}: WhereItStandsProps) {
  const { mixed } = state.reachedMs;
  if (mixed === undefined) return null;
  const window = restWindow(answer.rest, mixed, kitchenTempC, { ...state, nights });
  const { place, tempC }: Partial<Move> & { place: Place } = state.moves.at(-1) ?? { place: "kitchen" };
  const at = (ms: number) => momentWords(ms, timeZone, nowMs);
  return (
    <div>
      <p>
        It stands {place === "elsewhere" ? `where it is ${tempC} °C` : `in ${PLACE_NAME[place]}`}: ready{" "}
        {at(window.readyMs)}
        {window.bestMs !== undefined &&
          `, best ${at(window.bestMs)}, ` +
            (window.useByMs === undefined ? "keeps for weeks there" : `use by ${at(window.useByMs)}`)}
        .
      </p>
      {!closed && state.reachedMs.onHead === undefined && (
        <div className="no-print mt-1 flex flex-wrap gap-2">
          {PLACES.filter((one) => one !== place && one !== "elsewhere").map((one) => (
            <Button key={one} className="min-h-12" onClick={() => onHappen({ kind: "moved", place: one })}>
              {one === "kitchen" ? "out, into the kitchen" : `into ${PLACE_NAME[one]}`}
            </Button>
          ))}
          <Sheet title="Somewhere else" trigger={<Button className="min-h-12">somewhere else …</Button>}>
            <Elsewhere onPut={(to) => onHappen({ kind: "moved", place: "elsewhere", tempC: to })} />
          </Sheet>
        </div>
      )}
    </div>
  );
}

/** On a heater, in a cool box: how warm it is there. */
function Elsewhere({ onPut }: { onPut: (tempC: number) => void }) {
  const [tempC, setTempC] = useState(30);
  return (
    <div className="flex flex-col gap-3">
      <Degrees tempC={tempC} onChange={setTempC} />
      <SheetClose>
        <Button look="main" onClick={() => onPut(tempC)}>
          It stands there now
        </Button>
      </SheetClose>
    </div>
  );
}
