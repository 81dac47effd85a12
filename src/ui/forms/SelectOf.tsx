import { Field } from "./Field";

interface SelectOfProps<T extends string> {
  readonly label: string;
  readonly value: T;
  readonly values: readonly T[];
  readonly names: Readonly<Record<T, string>>;
  readonly onChange: (value: T) => void;
}
/** One of a few by its name, folded. */
export const SelectOf = <T extends string>({ label, value, values, names, onChange }: SelectOfProps<T>) => (
  <Field label={label}>
    {(a) => (
      <select {...a} value={value} onChange={(event) => onChange(event.target.value as T)}>
        {values.map((one) => (
          <option key={one} value={one}>
            {names[one]}
          </option>
        ))}
      </select>
    )}
  </Field>
);
