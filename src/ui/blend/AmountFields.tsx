"use client";
import { HEAPS, hasLength, massG, type Material } from "@/core/material";
import { FILLS, UNITS, type Fill, type TypedAmount, type Unit } from "@/core/measure";
import { asOnShelf } from "@/core/shelf";
import { mismatchIn } from "@/core/search";
import { gramWords } from "@/words/amounts";
import { mismatchWords } from "@/words/shelf";
import { typedWords } from "@/words/events";
import { FILL_NAME, UNIT_NAME } from "@/words/names";
import { Button } from "../parts/Button";
import { Field } from "../forms/Field";
import { useShelf } from "../shelf/ShelfContext";
import { readingOf } from "./draftAmount";
import { textOf, typed } from "../forms/typed";

/** An amount as it stands in a form: the number as typed. */
export interface DraftAmount {
  readonly text: string;
  readonly unit: Unit;
  readonly fill: Fill;
}

interface AmountFieldsProps {
  readonly label: string;
  readonly amount: DraftAmount;
  readonly material: Material | undefined;
  /** The jar it is to come from; left out, the one in use. */
  readonly jarId?: string;
  readonly problem: string | undefined;
  readonly onChange: (change: Partial<DraftAmount>) => void;
}

/** "2 level tablespoons, 15 g"; of what was read in grams, those alone. */
const readAs = (amount: TypedAmount, inG: string): string =>
  amount.unit === "g" && inG ? inG : typedWords(amount) + (inG && `, ${inG}`);

/** How much of a thing, in what, and how full the spoon is; only the units that make sense for it. */
export function AmountFields({
  label,
  amount: { text, unit, fill },
  material: of,
  jarId,
  problem,
  onChange,
}: AmountFieldsProps) {
  const { spoons, shelf } = useShelf();
  // The jar it comes from weighs a spoon of it in its own way.
  const material = of && asOnShelf(shelf, of, spoons, jarId);
  const reading = of && readingOf(of, text);
  const set = ({ count, unit: to, fill: how }: TypedAmount) =>
    onChange({ text: textOf(count.value), unit: to, fill: how });
  const settle = () => {
    if (reading?.kind === "understood") set(reading.amount);
    if (reading?.kind === "number") onChange({ text: textOf(reading.count) });
  };
  const asG = (count: { value: number; low: number; high: number }, of: Unit, how: Fill): string => {
    const mass = material && massG(material, count.value, of, how, spoons);
    if (!mass || !(mass.value > 0)) return "";
    const range =
      count.high > count.low
        ? { low: (mass.low * count.low) / count.value, high: (mass.high * count.high) / count.value }
        : mass;
    return range.low < range.high && (of !== "g" || count.low < count.high)
      ? `${gramWords(mass.value)} g (${gramWords(range.low)}–${gramWords(range.high)})`
      : `${gramWords(mass.value)} g`;
  };
  const plain = typed(text);
  const inG =
    reading?.kind === "understood"
      ? asG(reading.amount.count, reading.amount.unit, reading.amount.fill)
      : reading === undefined && Number.isFinite(plain) && plain > 0 && unit !== "g"
        ? asG({ value: plain, low: plain, high: plain }, unit, fill)
        : "";
  const mismatch = reading?.kind === "understood" ? mismatchIn(reading.amount, material, spoons) : undefined;
  const hint =
    reading?.kind === "understood"
      ? `read as ${readAs(reading.amount, inG)}`
      : inG
        ? `about ${inG}`
        : material && hasLength(material)
          ? "or how long it is, as in 45 cm"
          : undefined;
  const isPowder = material !== undefined && HEAPS.includes(material.form);
  const units = UNITS.filter((one) => (one === "piece" ? material?.pieceG : one === "drop" ? !isPowder : true));
  return (
    <>
      <div className="grid grid-cols-[6rem_1fr] gap-3">
        <Field
          label={label}
          problem={reading?.kind === "ask" ? "Which one?" : (problem ?? (mismatch && mismatchWords(mismatch)))}
          hint={hint}
        >
          {(a) => (
            <input
              {...a}
              value={text}
              onChange={(e) => onChange({ text: e.target.value })}
              onBlur={settle}
              onKeyDown={(e) => {
                if (e.key === "Enter") settle();
              }}
            />
          )}
        </Field>
        <Field label="Measured in">
          {(a) => (
            <select {...a} value={unit} onChange={(e) => onChange({ unit: e.target.value as Unit })}>
              {units.map((one) => (
                <option key={one} value={one}>
                  {UNIT_NAME[one]}
                </option>
              ))}
            </select>
          )}
        </Field>
      </div>
      {reading?.kind === "ask" && (
        <div className="flex flex-wrap gap-2">
          {reading.choices.map((choice) => (
            <Button key={choice.unit} onClick={() => set(choice)}>
              {typedWords(choice)}
            </Button>
          ))}
        </div>
      )}
      {isPowder && ["tsp", "tbsp", "cup"].includes(unit) && (
        <Field label="The spoon is">
          {(a) => (
            <select {...a} value={fill} onChange={(e) => onChange({ fill: e.target.value as Fill })}>
              {FILLS.map((one) => (
                <option key={one} value={one}>
                  {FILL_NAME[one]}
                </option>
              ))}
            </select>
          )}
        </Field>
      )}
    </>
  );
}
