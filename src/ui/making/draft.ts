import type { Ingredient, MakingField, Method, Settings } from "@/core/making";
import { massG, type Lookup } from "@/core/material";
import type { Spoons } from "@/core/measure";
import type { DraftAmount } from "../blend/AmountFields";
import { textOf, typed } from "../forms/typed";

/** One thing as it stands in the form. */
export interface DraftThing extends DraftAmount {
  readonly key: number;
  readonly materialId: string;
}
/** A making as it is typed: numbers as text. */
export interface DraftMaking {
  readonly things: readonly DraftThing[];
  readonly settings: Readonly<Record<string, string | boolean>>;
}

const firstOf = (field: MakingField): string | boolean =>
  field.kind === "number" ? (field.initial === undefined ? "" : textOf(field.initial)) : field.initial;

/** A making in which nothing was said yet. */
export const freshMaking = ({ fields }: Method, things: DraftMaking["things"] = []): DraftMaking => ({
  things,
  settings: Object.fromEntries(fields.map((field) => [field.id, firstOf(field)])),
});

/** What was typed as the core reads it; what is not asked is left out. */
export function settingsOf({ fields }: Method, { settings }: DraftMaking): Settings {
  const all: Record<string, number | string | boolean | undefined> = Object.fromEntries(
    fields.map(({ id, kind }) => [id, kind === "number" ? typed(String(settings[id])) : settings[id]]),
  );
  for (const field of fields) if (field.when && !field.when(all)) delete all[field.id];
  return all;
}

/** What goes in, in g; a thing that is not known is left out. */
export const ingredientsOf = ({ things }: DraftMaking, find: Lookup, spoons: Spoons): Ingredient[] =>
  things.flatMap(({ materialId, text, unit, fill }) => {
    const material = find(materialId);
    return material ? [{ material, massG: massG(material, typed(text), unit, fill, spoons)?.value ?? NaN }] : [];
  });
