"use client";
import { Slider } from "radix-ui";
import { REST_PLACE_NAME, REST_PLACES, type RestPlace } from "@/words/rest";
import { momentWords, wallTimeOf } from "@/words/times";
import { Button } from "../parts/Button";
import { Field } from "../forms/Field";
import { SIDE_PX } from "./RestChart";
import { Degrees } from "./Degrees";
import { momentOf } from "./wallClock";

/** From a moment on it stands there. */
export interface Piece {
  readonly place: RestPlace;
  readonly atMs: number;
  /** Only elsewhere. */
  readonly tempC?: number;
}
interface PiecesProps {
  /** What really was, the first from the mixing on. */
  readonly past: readonly Piece[];
  /** What is only thought of, in order. */
  readonly planned: readonly Piece[];
  readonly fromMs: number;
  readonly toMs: number;
  readonly nowMs: number;
  readonly timeZone: string;
  readonly onChange: (planned: readonly Piece[]) => void;
}
const MINUTE_MS = 60_000;
const STEP_MIN = 10;
const LOOK: Readonly<Record<RestPlace, string>> = {
  kitchen: "bg-madder-wash",
  warm: "bg-madder-fill",
  fridge: "bg-line",
  freezer: "bg-quiet text-ground",
  elsewhere: "bg-sunk",
};
/** Where it stands when: a strip under the curve whose coming joints are dragged, and the same typed. */
export function Pieces({ past, planned, fromMs, toMs, nowMs, timeZone, onChange }: PiecesProps) {
  const all = [...past, ...planned];
  const share = (ms: number) => `${(100 * Math.min(1, Math.max(0, (ms - fromMs) / (toMs - fromMs)))).toFixed(2)}%`;
  const leastMs = Math.max(nowMs, past.at(-1)?.atMs ?? fromMs);
  const minutes = (ms: number) => Math.round((ms - leastMs) / MINUTE_MS);
  const put = (i: number, change: Partial<Piece>) =>
    onChange(planned.map((one, k) => (k === i ? { ...one, ...change } : one)));
  const problemOf = (i: number): string | undefined => {
    const before = planned[i - 1]?.atMs ?? leastMs;
    return planned[i].atMs < before - MINUTE_MS
      ? `Until ${momentWords(before, timeZone, nowMs)} it stands elsewhere.`
      : undefined;
  };
  const last = all.at(-1)!;
  return (
    <section aria-label="Where it stands">
      <div className="relative h-11" style={{ margin: `0 ${SIDE_PX}px` }}>
        <div className="flex h-8 overflow-hidden" aria-hidden>
          {all.map(({ place, atMs, tempC }, i) => {
            const [from, to] = [Math.max(fromMs, atMs), Math.min(toMs, all[i + 1]?.atMs ?? toMs)];
            return to > from ? (
              <span
                key={i}
                className={`truncate border-r border-ground pl-3 text-sm leading-8 ${LOOK[place]}`}
                style={{ width: share(fromMs + (to - from)) }}
              >
                {place === "elsewhere" ? `${tempC} °C` : place}
              </span>
            ) : null;
          })}
        </div>
        {planned.length > 0 && toMs > leastMs + STEP_MIN * MINUTE_MS && (
          <Slider.Root
            className="absolute right-0 top-0 flex h-8 touch-none items-center"
            style={{ left: share(leastMs) }}
            min={0}
            max={minutes(toMs)}
            step={STEP_MIN}
            value={planned.map(({ atMs }) => Math.min(minutes(toMs), Math.max(0, minutes(atMs))))}
            onValueChange={(values) =>
              onChange(planned.map((one, i) => ({ ...one, atMs: leastMs + values[i] * MINUTE_MS })))
            }
          >
            <Slider.Track className="h-8 grow" />
            {planned.map(({ place, atMs }, i) => (
              <Slider.Thumb
                key={i}
                className="block h-11 w-3 cursor-ew-resize rounded-sm border-2 border-ground bg-ink"
                aria-label={`Put ${REST_PLACE_NAME[place]}`}
                aria-valuetext={momentWords(atMs, timeZone, nowMs)}
              />
            ))}
          </Slider.Root>
        )}
      </div>
      <ul className="mt-2">
        {past.map(({ place, atMs, tempC }, i) => (
          <li key={i}>
            {place === "elsewhere" ? `where it is ${tempC} °C` : REST_PLACE_NAME[place]}{" "}
            {i === 0 ? "from its mixing at" : "since"} {momentWords(atMs, timeZone, nowMs)}
            {i === 0 && " on"}
          </li>
        ))}
        {planned.map(({ place, atMs, tempC = 30 }, i) => (
          <li key={i} className="mt-2 flex flex-wrap items-end gap-x-3 gap-y-1">
            <Field label="Then it stands">
              {(a) => (
                <select {...a} value={place} onChange={(event) => put(i, { place: event.target.value as RestPlace })}>
                  {REST_PLACES.map((one) => (
                    <option key={one} value={one}>
                      {REST_PLACE_NAME[one]}
                    </option>
                  ))}
                </select>
              )}
            </Field>
            {place === "elsewhere" && <Degrees tempC={tempC} onChange={(to) => put(i, { tempC: to })} />}
            <Field label="From" problem={problemOf(i)}>
              {(a) => (
                <input
                  {...a}
                  type="datetime-local"
                  value={wallTimeOf(atMs, timeZone)}
                  onChange={(event) => {
                    const ms = momentOf(event.target.value, timeZone);
                    if (ms !== undefined) put(i, { atMs: ms });
                  }}
                />
              )}
            </Field>
            <button
              type="button"
              className="pressable min-h-11"
              onClick={() => onChange(planned.filter((_, k) => k !== i))}
            >
              take this out
            </button>
          </li>
        ))}
      </ul>
      <Button
        className="mt-2"
        onClick={() =>
          onChange([
            ...planned,
            {
              place: last.place === "fridge" ? "kitchen" : "fridge",
              atMs: Math.max(leastMs, last.atMs) + 2 * 60 * MINUTE_MS,
            },
          ])
        }
      >
        What if it is put elsewhere?
      </Button>
    </section>
  );
}
