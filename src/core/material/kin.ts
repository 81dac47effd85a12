import { isAllergyGroup, isOfGroup } from "./allergyGroups";
import { findMaterial } from "./tables";
import type { Material, Tag } from "./material";

/** What comes of one animal or plant in many things, beyond its name. */
const OF_ONE_KIND: readonly Tag[] = ["egg", "dairy", "honey", "aloe"];
const latin = ({ names }: Material): string[] =>
  names.filter(({ language }) => language === "la").map(({ text }) => text);

/** True where two things come of one plant or animal: another form, its oil, its juice, the yolk of the egg. */
const areKin = (a: Material, b: Material): boolean =>
  a.id === b.id ||
  (a.plant !== undefined && a.plant === b.plant) ||
  latin(a).some((name) => latin(b).includes(name)) ||
  OF_ONE_KIND.some((tag) => a.tags.includes(tag) && b.tags.includes(tag));

/**
 * True where somebody who does not bear `id`, a thing or a group of things, should not have this: the thing itself, its
 * kin, or a mixture with either in it.
 */
export function isOrContains(material: Material, id: string): boolean {
  if (isAllergyGroup(id))
    return [material, ...(material.contains ?? []).flatMap((part) => findMaterial(part) ?? [])].some((one) =>
      isOfGroup(one, id),
    );
  if (material.id === id || material.contains?.includes(id)) return true;
  const other = findMaterial(id);
  if (!other) return false;
  return (
    areKin(material, other) ||
    (material.contains ?? []).some((part) => {
      const found = findMaterial(part);
      return found !== undefined && areKin(found, other);
    })
  );
}
