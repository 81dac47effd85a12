"use client";
import type { Made } from "@/core/making";
import { minuteWords } from "@/words/amounts";
import type { MethodWords } from "@/words/making";
import { Fold } from "../parts/Fold";

interface OtherWaysProps {
  readonly made: Made;
  readonly words: MethodWords;
  readonly way: string;
  readonly onChoose: (way: string) => void;
}

/** The same drawn in another way: a press takes it. */
export function OtherWays({ made: { schools }, words, way, onChoose }: OtherWaysProps) {
  if (schools.length === 0) return null;
  const names = words.fields.way?.options ?? {};
  const times = schools.map(({ minutes }) => minutes);
  return (
    <Fold title="Done as well by" line={`${minuteWords(Math.min(...times))} to ${minuteWords(Math.max(...times))}`}>
      <ul className="max-w-[26rem]">
        {schools.map((school) => (
          <li key={school.way} className="flex items-baseline justify-between gap-4 border-b border-line">
            {school.way === way ? (
              <span className="flex min-h-11 items-center font-semibold">{names[school.way]}</span>
            ) : (
              <button type="button" className="pressable min-h-11 text-left" onClick={() => onChoose(school.way)}>
                {names[school.way]}
              </button>
            )}
            <span className="font-semibold">{minuteWords(school.minutes)}</span>
          </li>
        ))}
      </ul>
    </Fold>
  );
}
