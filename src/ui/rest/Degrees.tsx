import { NumberField } from "../forms/NumberField";

/** How warm a place is where a bowl can stand. */
export const Degrees = ({ tempC, onChange }: { tempC: number; onChange: (tempC: number) => void }) => (
  <NumberField label="How warm, °C" limit="standsC" value={tempC} onChange={onChange} />
);
