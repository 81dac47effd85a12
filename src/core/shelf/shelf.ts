import type { InstrumentId } from "../instrument";
import type { Meanings } from "../search";
import { togetherOf, type Learnt } from "../learn";
import { findMaterial, type KnownOfDye, type Lookup, type Material } from "../material";
import type { Spoons } from "../measure";
import type { Vessels } from "../order";
import type { Blend, PasteQuestion } from "../paste";
import type { Head } from "../head";
import { jarInUse, jarMaterial, type Jar } from "./jar";

/** What a household has: things of its own, and jars. Jars that were removed are not on it. */
export interface Shelf {
  readonly own: readonly Material[];
  readonly jars: readonly Jar[];
  /** What tests taught of the jars. */
  readonly learnt?: Learnt;
  /** What dabs taught of its jars of dye, by their ids. */
  readonly dyes?: Readonly<Record<string, KnownOfDye>>;
}
export const EMPTY_SHELF: Shelf = { own: [], jars: [] };

/** Finds things of the household's own as well as the tables'. */
export const lookupOn =
  ({ own }: Shelf): Lookup =>
  (id) =>
    own.find((one) => one.id === id) ?? findMaterial(id);

/** The jar a line draws on: the one it names, if it is still here, or the one in use. */
export function jarFor(
  { jars }: Shelf,
  { materialId, jarId }: { readonly materialId: string; readonly jarId?: string },
): Jar | undefined {
  return (
    (jarId === undefined ? undefined : jars.find((jar) => jar.id === jarId && jar.materialId === materialId)) ??
    jarInUse(jars, materialId)
  );
}

/** A thing as this shelf has it: by the jar that is named, or the one in use, or as the tables say. */
export function asOnShelf(shelf: Shelf, material: Material, spoons: Spoons, jarId?: string): Material {
  const jar = jarFor(shelf, { materialId: material.id, ...(jarId ? { jarId } : {}) });
  return jar ? jarMaterial(jar, material, spoons, shelf.learnt, shelf.dyes?.[jar.id]) : material;
}

/**
 * A blend as this shelf makes it: every line with the jar it draws on, and the household's own figures that it uses.
 * A jar that is gone gives way to another of the same thing, or to the tables.
 */
export function questionOn(blend: Blend, head: Head, spoons: Spoons, shelf: Shelf): PasteQuestion {
  const find = lookupOn(shelf);
  const own = new Map<string, Material>();
  const settle = <T extends { readonly materialId: string; readonly jarId?: string }>(line: T): T => {
    const { jarId: _, ...bare } = line;
    const material = find(line.materialId);
    if (!material) return bare as T;
    if (material.family === "mixture" || !findMaterial(material.id)) own.set(material.id, material);
    const jar = jarFor(shelf, line);
    if (!jar) return bare as T;
    const made = jarMaterial(jar, material, spoons, shelf.learnt, shelf.dyes?.[jar.id]);
    if (jar.made || jar.weighings.length > 0 || made.holding !== material.holding || made.knownDye)
      own.set(`${material.id} ${jar.id}`, made);
    return { ...line, jarId: jar.id };
  };
  const lines = blend.lines.map(settle);
  const { with: second, ...first } = blend.liquid;
  const liquid = { ...settle(first), ...(second ? { with: settle(second) } : {}) };
  const learnt =
    shelf.learnt &&
    togetherOf(
      shelf.learnt,
      lines.flatMap(({ jarId }) => jarId ?? []),
    );
  return {
    ...blend,
    lines,
    liquid,
    head,
    spoons,
    ...(own.size > 0 ? { own: [...own.values()] } : {}),
    ...(learnt ? { learnt } : {}),
  };
}

/** Grams left for each line, by the jar it draws on; undefined where it stands on no shelf. */
export const haveOf = (
  shelf: Shelf,
  lines: readonly { readonly materialId: string; readonly jarId?: string }[],
): (number | undefined)[] => lines.map((line) => jarFor(shelf, line)?.leftG);

/** A shelf and how its house measures and counts: what every page knows. */
export interface HouseShelf {
  readonly shelf: Shelf;
  readonly spoons: Spoons;
  readonly vessels: Vessels;
  /** ISO 4217. */
  readonly currency: string;
  /** What this house answered about lines of its notebooks. */
  readonly meanings: Meanings;
  /** ISO day in the household's zone. */
  readonly today: string;
  /** What can be read off here. */
  readonly instruments: readonly InstrumentId[];
}
