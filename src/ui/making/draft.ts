import type { Ingredient, MakingField, Method, Settings } from "@/core/making";
import { massG, type Lookup } from "@/core/material";
import { FILLS, UNITS, type Spoons } from "@/core/measure";
import { asOnShelf, type Shelf } from "@/core/shelf";
import type { DraftAmount } from "../blend/AmountFields";
import { textOf, typed } from "../forms/typed";

/** One thing as it stands in the form; each thing once. */
export interface DraftThing extends DraftAmount {
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
export const freshMaking = ({ fields }: Method): DraftMaking => ({
  things: [],
  settings: Object.fromEntries(fields.map((field) => [field.id, firstOf(field)])),
});

/** Whether something kept on a device is a making as it was typed. */
export function isDraftMaking(kept: unknown): kept is DraftMaking {
  const { things, settings } = (kept ?? {}) as Partial<DraftMaking>;
  return (
    Array.isArray(things) &&
    things.every(
      ({ materialId, text, unit, fill }: Partial<DraftThing>) =>
        typeof materialId === "string" && typeof text === "string" && UNITS.includes(unit!) && FILLS.includes(fill!),
    ) &&
    typeof settings === "object" &&
    settings !== null &&
    Object.values(settings).every((value) => typeof value === "string" || typeof value === "boolean")
  );
}

/** What was typed as the core reads it; what is not asked is left out. */
export function settingsOf({ fields }: Method, { settings }: DraftMaking): Settings {
  const all: Record<string, number | string | boolean | undefined> = Object.fromEntries(
    fields.map(({ id, kind }) => [id, kind === "number" ? typed(String(settings[id])) : settings[id]]),
  );
  for (const field of fields) if (field.when && !field.when(all)) delete all[field.id];
  return all;
}

/** What goes in, each by the jar of it that is in use, in g; a thing that is not known is left out. */
export const ingredientsOf = ({ things }: DraftMaking, find: Lookup, shelf: Shelf, spoons: Spoons): Ingredient[] =>
  things.flatMap(({ materialId, text, unit, fill }) => {
    const known = find(materialId);
    if (!known) return [];
    const material = asOnShelf(shelf, known, spoons);
    return [{ material, massG: massG(material, typed(text), unit, fill, spoons)?.value ?? NaN }];
  });
