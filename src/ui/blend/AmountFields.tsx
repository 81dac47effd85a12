"use client";
import type { Material } from "@/core/material";
import { FILLS, UNITS, type Fill, type Unit } from "@/core/measure";
import { FILL_NAME, UNIT_NAME } from "@/words/names";
import { Field } from "../parts/Field";

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
  readonly problem: string | undefined;
  readonly onChange: (change: Partial<DraftAmount>) => void;
}

/** How much of a thing, in what, and how full the spoon is; only the units that make sense for it. */
export function AmountFields({ label, amount: { text, unit, fill }, material, problem, onChange }: AmountFieldsProps) {
  const isPowder = material?.family === "powder";
  const units = UNITS.filter((one) => (one === "piece" ? material?.pieceG : one === "drop" ? !isPowder : true));
  return (
    <>
      <div className="grid grid-cols-[6rem_1fr] gap-3">
        <Field label={label} problem={problem}>{(a) => <input {...a} inputMode="decimal" value={text} onChange={(e) => onChange({ text: e.target.value })} />}</Field>
        <Field label="Measured in">
          {(a) => <select {...a} value={unit} onChange={(e) => onChange({ unit: e.target.value as Unit })}>{units.map((one) => <option key={one} value={one}>{UNIT_NAME[one]}</option>)}</select>}
        </Field>
      </div>
      {isPowder && ["tsp", "tbsp", "cup"].includes(unit) && (
        <Field label="The spoon is">
          {(a) => <select {...a} value={fill} onChange={(e) => onChange({ fill: e.target.value as Fill })}>{FILLS.map((one) => <option key={one} value={one}>{FILL_NAME[one]}</option>)}</select>}
        </Field>
      )}
    </>
  );
}
