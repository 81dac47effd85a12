import { among } from "../../happening";
import { define } from "../define";

/** How the hair is while the paste is on. */
export const COVERS = ["open", "cap", "warmCap"] as const;
export type Cover = (typeof COVERS)[number];

export interface Covered {
  readonly kind: "covered";
  readonly as: Cover;
}
export interface CoveredState {
  readonly cover: { readonly as: Cover; readonly atMs: number } | undefined;
}

export const covered = define<Covered, CoveredState>({
  kind: "covered",
  fields: ["as"],
  check: ({ as }, field) => among(`${field}.as`, as, COVERS),
  apply: (bowl, { as }, { atMs }) => {
    bowl.cover = { as, atMs };
  },
});
