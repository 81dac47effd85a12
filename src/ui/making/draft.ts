import type { Ingredient, MakingField, Method, Settings } from "@/core/making";
import { massG, type Lookup, type Material } from "@/core/material";
import { FILLS, UNITS, type Spoons } from "@/core/measure";
import { asOnShelf, type Shelf } from "@/core/shelf";
import type { DraftAmount } from "../blend/AmountFields";
import { textOf, typed } from "../forms/typed";

/** One thing as it stands in the form; each thing once. */
export interface DraftThing extends DraftAmount {
  readonly materialId: string;
  /** The jar it is to come from; left out, the one in use. */
  readonly jarId?: string;
}
/** Something with its figures as the jar has them that it is taken from. */
export interface Taken extends Ingredient {
  readonly jarId?: string;
}
/** A making as it is typed: numbers as text. */
export interface DraftMaking {
  readonly things: readonly DraftThing[];
  readonly settings: Readonly<Record<string, string | boolean>>;
}

const firstOf = (field: MakingField): string | boolean =>
  field.kind === "number" ? (field.initial === undefined ? "" : textOf(field.initial)) : field.initial;

/** What a making begins with where one is sent to it: so much of each thing, and how. Texts, as in an address. */
export interface Begins {
  readonly things: readonly { readonly materialId: string; readonly grams: string }[];
  readonly settings: Readonly<Record<string, string>>;
  /** What it was called the last time. */
  readonly called?: string;
}
/** Whether it is still made of what it was made of then. */
export const isStillOf = ({ things }: Begins, draft: DraftMaking): boolean =>
  things
    .map(({ materialId }) => materialId)
    .sort()
    .join() ===
  draft.things
    .map(({ materialId }) => materialId)
    .sort()
    .join();
const saidIn = (field: MakingField, text: string): string | boolean => (field.kind === "yes" ? text === "true" : text);

/** A making in which nothing was said yet, but what the house says of itself and what one came with. */
export const freshMaking = (
  { fields }: Method,
  house: Readonly<Record<string, number>>,
  begins?: Begins,
): DraftMaking => ({
  things: (begins?.things ?? []).map(({ materialId, grams }) => ({
    materialId,
    text: grams,
    unit: "g",
    fill: "level",
  })),
  settings: {
    ...Object.fromEntries(
      fields.map((field) => {
        const ofHouse = house[field.id];
        const said = begins?.settings[field.id] ?? (ofHouse === undefined ? undefined : textOf(ofHouse));
        return [field.id, said === undefined ? firstOf(field) : saidIn(field, said)];
      }),
    ),
  },
});

/** With one thing more, in an amount to begin with; the first one says how it is usually done. */
export function withThing(
  { beginsWithG, suggests }: Pick<Method, "beginsWithG" | "suggests">,
  draft: DraftMaking,
  material: Material,
): DraftMaking {
  const { id: materialId } = material;
  if (draft.things.some((one) => one.materialId === materialId)) return draft;
  const usual = draft.things.length === 0 ? (suggests?.(material) ?? {}) : {};
  return {
    things: [...draft.things, { materialId, text: textOf(beginsWithG(material)), unit: "g", fill: "level" }],
    settings: {
      ...draft.settings,
      ...Object.fromEntries(
        Object.entries(usual).flatMap(([id, value]) =>
          value === undefined ? [] : [[id, typeof value === "number" ? textOf(value) : value]],
        ),
      ),
    },
  };
}

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

/** What goes in, each by its jar or the one in use, in g; a thing that is not known is left out. */
export const ingredientsOf = ({ things }: DraftMaking, find: Lookup, shelf: Shelf, spoons: Spoons): Taken[] =>
  things.flatMap(({ materialId, jarId, text, unit, fill }) => {
    const known = find(materialId);
    if (!known) return [];
    const material = asOnShelf(shelf, known, spoons, jarId);
    const grams = massG(material, typed(text), unit, fill, spoons)?.value ?? NaN;
    return [{ material, massG: grams, ...(jarId ? { jarId } : {}) }];
  });
