"use client";
import { useState } from "react";
import { Button } from "../parts/Button";
import { SheetClose, Sheet } from "../parts/Sheet";
import { CARD_MM, keepPxPerMm, PX_PER_MM, USUAL_PX_PER_MM, usePxPerMm } from "./trueSize";

/** Sets the screen to true size with any bank card; remembered on this device. */
export function CardSheet() {
  const kept = usePxPerMm();
  const [px, setPx] = useState<number>();
  const now = px ?? kept ?? USUAL_PX_PER_MM;
  return (
    <Sheet
      title="Set the screen to true size"
      trigger={
        <button type="button" className="pressable min-h-11 text-left">
          {kept ? "set the size again" : "set the screen to true size"}
        </button>
      }
    >
      <p>
        Hold any bank card to the screen, its top left corner in the corner drawn here. Move the slider until the frame
        is as wide as the card.
      </p>
      <svg
        width={CARD_MM.width * now + 4}
        height={CARD_MM.height * now + 4}
        className="my-3 max-w-none"
        role="img"
        aria-label={`A frame ${Math.round(CARD_MM.width * now)} pixels wide, for a card of ${CARD_MM.width} mm.`}
      >
        <rect
          x="2"
          y="2"
          width={CARD_MM.width * now}
          height={CARD_MM.height * now}
          rx={3.18 * now}
          className="fill-sunk stroke-press"
          strokeWidth="2"
        />
        <path d={`M2 ${12 * now}V2H${12 * now}`} className="fill-none stroke-ink" strokeWidth="4" />
      </svg>
      <label className="flex flex-col gap-1 text-sm font-semibold">
        Width of the card on this screen
        <input
          type="range"
          className="w-full"
          min={PX_PER_MM.min}
          max={PX_PER_MM.max}
          step={0.01}
          value={now}
          onChange={(event) => setPx(Number(event.target.value))}
        />
      </label>
      <SheetClose>
        <Button look="main" className="mt-2" onClick={() => keepPxPerMm(now)}>
          It fits: keep it
        </Button>
      </SheetClose>
    </Sheet>
  );
}
