import { BY_ITSELF, type Lookup, type Material, type Tag } from "./material";

const here = new Map<string, Material>();

/**
 * Puts materials in reach of `findMaterial`. On a server that is the whole catalogue, at once; a page of the browser is
 * sent what it shows, and the rest comes with the first thing that searches it. A material is what it is wherever it is
 * found: what is here already stays, so that nothing ever changes under anybody's hands, and only "not here yet" ends.
 */
export function bringMaterials(materials: readonly Material[]): void {
  for (const material of materials) if (!here.has(material.id)) here.set(material.id, material);
}

/** The tables alone, without anybody's shelf; undefined for what no table has, and for what has not been sent yet. */
export const findMaterial: Lookup = (id) => here.get(id);

/**
 * Whether something is true of a material. How it is by itself is not among the figures that older bowls keep of
 * theirs; there the tables say it.
 */
export const isTagged = (material: Material, tag: Tag): boolean =>
  material.tags.includes(tag) || (BY_ITSELF.includes(tag) && here.get(material.id)?.tags.includes(tag) === true);

/** Everything in reach of which something is true. */
export const materialsTagged = (tag: Tag): Material[] => [...here.values()].filter(({ tags }) => tags.includes(tag));
