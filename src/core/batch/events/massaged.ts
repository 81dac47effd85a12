import { define } from "../define";

/** The massage began. */
export interface Massaged {
  readonly kind: "massaged";
}
export interface MassagedState {
  readonly massagedMs: number | undefined;
}

export const massaged = define<Massaged, MassagedState>({
  kind: "massaged",
  fields: [],
  check: () => [],
  apply: (bowl, _, { atMs }) => {
    bowl.massagedMs = atMs;
  },
});
