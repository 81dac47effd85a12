import { BY_ITSELF, type Material, type Tag } from "./material";

/** What is true of a herb by its grain or its dust, and not of its water. */
const LEFT_BEHIND: readonly Tag[] = [...BY_ITSELF, "dust"];
/** Everything that is true of what went in, and may be of what came out: allergens, stains, what is not for whom. */
export const tagsOf = (materials: readonly Material[]): readonly Tag[] => [
  ...new Set<Tag>([...materials.flatMap(({ tags }) => tags).filter((tag) => !LEFT_BEHIND.includes(tag)), "fresh"]),
];
