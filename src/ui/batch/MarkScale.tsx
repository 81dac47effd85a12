"use client";
import { RadioGroup } from "radix-ui";
import { MARK_RANGE, type Mark } from "@/core/batch";
import { MARK_NAME } from "@/words/names";

const VALUES = Array.from({ length: MARK_RANGE.max }, (_, i) => i + MARK_RANGE.min);

/** How it was, little to much: five drops. */
export function MarkScale({
  mark,
  value,
  onMark,
}: {
  mark: Mark;
  value: number | undefined;
  onMark: (value: number) => void;
}) {
  return (
    <div className="grid grid-cols-[5.5rem_1fr] items-center print:grid-cols-[4.2rem_1fr]">
      <span id={`mark-${mark}`}>{MARK_NAME[mark]}</span>
      <RadioGroup.Root
        aria-labelledby={`mark-${mark}`}
        orientation="horizontal"
        value={value ? String(value) : ""}
        onValueChange={(chosen) => onMark(Number(chosen))}
        className="flex"
      >
        {VALUES.map((one) => (
          <RadioGroup.Item
            key={one}
            value={String(one)}
            aria-label={`${one} of ${MARK_RANGE.max}`}
            className="flex min-h-11 min-w-11 items-center justify-center print:min-h-5 print:min-w-6"
          >
            <svg viewBox="0 0 16 20" className="h-6 w-5 print:h-4 print:w-3.5" aria-hidden>
              <path
                d="M8 1.5 C8 1.5 14 9 14 13 A6 6 0 0 1 2 13 C2 9 8 1.5 8 1.5Z"
                className={
                  value !== undefined && one <= value ? "fill-press stroke-press" : "fill-transparent stroke-quiet"
                }
                strokeWidth="1.5"
              />
            </svg>
          </RadioGroup.Item>
        ))}
      </RadioGroup.Root>
    </div>
  );
}
