import { findMaterial, type Material } from "@/core/material";
import type { Head } from "@/core/head";
import { thingsOf, type Blend } from "@/core/paste";
import type { Shelf } from "@/core/shelf";

/**
 * The tables' materials that a page with these blends and heads computes with: what is in the bowls, what mixtures are
 * made of, and what anybody here does not bear, since kin of it is cautioned against.
 * @param alsoJars what stands on the shelf as well, where it is to be pressed
 */
export function tablesFor(
  blends: readonly Pick<Blend, "lines" | "liquid">[],
  heads: readonly Head[],
  { own, jars }: Shelf,
  alsoJars = false,
): Material[] {
  const used = blends.flatMap((blend) => thingsOf(blend).map(({ materialId }) => materialId));
  const mixed = own.flatMap(({ id, contains = [] }) => (used.includes(id) ? contains : []));
  const ids = new Set([
    "water",
    ...used,
    ...mixed,
    ...heads.flatMap(({ allergies }) => allergies),
    ...(alsoJars ? jars.map(({ materialId }) => materialId) : []),
  ]);
  return [...ids].flatMap((id) => findMaterial(id) ?? []);
}
