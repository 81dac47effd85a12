import type { Lookup, Material } from "./material";

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
