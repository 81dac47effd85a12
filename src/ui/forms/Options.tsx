"use client";
import { RadioGroup } from "radix-ui";
import { useRef } from "react";

export interface Option<T extends string> {
  readonly value: T;
  readonly label: string;
  readonly note?: string;
}

interface OptionsProps<T extends string> {
  readonly label: string;
  readonly options: readonly Option<T>[];
  readonly value: T | undefined;
  readonly onChange: (value: T) => void;
  /** It is decided: pressed, or Enter or Space; arrow keys only move. */
  readonly onPick?: (value: T) => void;
}

/** One of a few; arrow keys move, the chosen one carries a filled drop. */
export function Options<T extends string>({ label, options, value, onChange, onPick }: OptionsProps<T>) {
  const byArrow = useRef(false);
  /** Enter decides for the one that has the focus. */
  const decide = (target: HTMLElement) => {
    const at =
      options.find((option) => option.value === target.closest("[role=radio]")?.getAttribute("value"))?.value ?? value;
    if (at === undefined) return;
    if (at !== value) onChange(at);
    onPick?.(at);
  };
  return (
    <RadioGroup.Root
      aria-label={label}
      value={value ?? ""}
      onValueChange={(chosen) => onChange(chosen as T)}
      className="flex flex-col"
      onKeyDownCapture={({ key, target }) => {
        byArrow.current = key.startsWith("Arrow");
        if (key === "Enter") decide(target as HTMLElement);
      }}
      onPointerDownCapture={() => {
        byArrow.current = false;
      }}
    >
      {options.map((option) => (
        <RadioGroup.Item
          key={option.value}
          value={option.value}
          onClick={() => {
            if (!byArrow.current) onPick?.(option.value);
          }}
          className="group flex min-h-11 items-center gap-3 rounded-[3px] px-1 text-left hover:bg-sunk"
        >
          <svg viewBox="0 0 16 20" className="h-5 w-4 shrink-0" aria-hidden>
            <path
              d="M8 1.5 C8 1.5 14 9 14 13 A6 6 0 0 1 2 13 C2 9 8 1.5 8 1.5Z"
              className="fill-transparent stroke-press stroke-[1.6] group-data-[state=checked]:fill-press"
            />
          </svg>
          <span>
            <span className="group-data-[state=checked]:font-semibold">{option.label}</span>
            {option.note && <span className="block text-sm text-quiet">{option.note}</span>}
          </span>
        </RadioGroup.Item>
      ))}
    </RadioGroup.Root>
  );
}

/** The options of a table of names. */
export const optionsOf = <T extends string>(
  values: readonly T[],
  names: Readonly<Record<T, string>>,
  notes?: Readonly<Record<T, string>>,
): Option<T>[] => values.map((value) => ({ value, label: names[value], ...(notes ? { note: notes[value] } : {}) }));
