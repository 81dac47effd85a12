import type { Material, Tag } from "./material";

/** Plants and animals that somebody who reacts to one often reacts to as well. Genera by their botanical names. */
interface AllergyGroup {
  readonly id: string;
  readonly genera?: readonly string[];
  readonly tags?: readonly Tag[];
  /** Things without a botanical name of their own. */
  readonly materialIds?: readonly string[];
}

/** After contact- and food-allergy practice, from memory; a person's own doctor knows which of a group counts. */
export const ALLERGY_GROUPS = [
  {
    id: "group-daisies",
    genera: ["Matricaria", "Chamaemelum", "Calendula", "Tagetes", "Arctium", "Eclipta", "Helianthus", "Artemisia"],
  },
  { id: "group-latex-fruit", genera: ["Musa", "Persea", "Carica", "Mangifera", "Fragaria"] },
  {
    id: "group-legumes",
    genera: [
      ...["Trigonella", "Cicer", "Vigna", "Lens", "Arachis", "Glycine", "Senegalia", "Acacia", "Senna", "Cassia"],
      ...["Indigofera", "Glycyrrhiza", "Tamarindus", "Cyamopsis", "Psoralea", "Clitoria", "Pterocarpus", "Albizia"],
      ...["Astragalus", "Pongamia"],
    ],
    materialIds: ["lecithin", "cationic-guar"],
  },
  { id: "group-nuts", genera: ["Juglans", "Argania", "Vitellaria", "Corylus", "Anacardium"], tags: ["nut"] },
  { id: "group-sesame", genera: ["Sesamum"] },
  { id: "group-wheat", genera: ["Triticum", "Hordeum", "Secale"], materialIds: ["hydrolysed-protein"] },
  { id: "group-bees", tags: ["honey"], materialIds: ["beeswax"] },
] as const satisfies readonly AllergyGroup[];
export type AllergyGroupId = (typeof ALLERGY_GROUPS)[number]["id"];

const GROUP = new Map<string, AllergyGroup>(ALLERGY_GROUPS.map((group) => [group.id, group]));
export const isAllergyGroup = (id: string): id is AllergyGroupId => GROUP.has(id);

/** True where a thing is of a group by itself; what a mixture holds is looked at one by one. */
export function isOfGroup({ id, names, tags }: Material, groupId: string): boolean {
  const group = GROUP.get(groupId);
  if (!group) return false;
  return (
    (group.materialIds?.includes(id) ?? false) ||
    tags.some((tag) => group.tags?.includes(tag)) ||
    names.some(({ text, language }) => language === "la" && group.genera?.includes(text.split(" ")[0]))
  );
}
