"use client";
import { useState } from "react";
import { LANDMARK_CM, LANDMARKS, type Head, type Landmark } from "@/core/head";
import { hairWords } from "@/words/hair";
import { LANDMARK_NAME } from "@/words/names";
import { HEAD_VIEW, HeadPicture, lengthY } from "./HeadPicture";

interface LengthOnDrawingProps {
  readonly head: Head;
  readonly chosen: Landmark | undefined;
  readonly onChoose: (landmark: Landmark) => void;
}
/** Each name has a row that a finger finds; a line leads from it to where that is on a body. */
const ROW = 44;
const HIGH = ROW * LANDMARKS.length;
const SCALE = HIGH / HEAD_VIEW.height;
/** What of the picture is shown, and the room for the lines. */
const WIDE = 192 * SCALE;
const LINES = 40;

/** How far the hair reaches, as a picture; pressed it opens, and the length is chosen where it is on a body. */
export function LengthOnDrawing({ head, chosen, onChoose }: LengthOnDrawingProps) {
  const [open, setOpen] = useState(false);
  if (!open)
    return (
      <div className="row-span-2 w-24 justify-self-center text-center">
        <HeadPicture head={head} text={hairWords(head)} bare />
        <button type="button" className="pressable min-h-11" onClick={() => setOpen(true)}>
          show me where
        </button>
      </div>
    );
  return (
    <div className="col-span-2 flex overflow-hidden" role="group" aria-label="How far does it reach?">
      {/* One half of the body is enough, and leaves room for the names. */}
      <div className="shrink-0 overflow-hidden" style={{ width: WIDE / 2, height: HIGH }}>
        <div style={{ width: WIDE, marginLeft: -WIDE / 2 }}>
          <HeadPicture head={head} text={hairWords(head)} bare />
        </div>
      </div>
      <svg width={LINES} height={HIGH} className="shrink-0 overflow-visible fill-none stroke-quiet" aria-hidden>
        {LANDMARKS.map((landmark, i) => (
          <path
            key={landmark}
            // From the middle of the body on, so that it says where that is.
            d={`M${-WIDE / 2} ${lengthY(LANDMARK_CM[landmark].value) * SCALE}H0L${LINES - 4} ${(i + 0.5) * ROW}h4`}
            className={landmark === chosen ? "stroke-press" : ""}
            strokeWidth={landmark === chosen ? 2.5 : 0.8}
          />
        ))}
      </svg>
      <ul className="min-w-0 grow">
        {LANDMARKS.map((landmark) => (
          <li key={landmark} style={{ height: ROW }}>
            <button
              type="button"
              aria-pressed={landmark === chosen}
              className={`h-full w-full px-2 text-left hover:bg-sunk ${landmark === chosen ? "font-semibold" : ""}`}
              onClick={() => onChoose(landmark)}
            >
              {LANDMARK_NAME[landmark]}
            </button>
          </li>
        ))}
      </ul>
    </div>
  );
}
