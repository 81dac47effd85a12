import { define } from "../define";

export interface Closed {
  readonly kind: "closed";
}
export interface Reopened {
  readonly kind: "reopened";
}
export interface ClosedState {
  readonly closedMs?: number;
}

export const closed = define<Closed, ClosedState>({
  kind: "closed",
  fields: [],
  check: () => [],
  apply: (bowl, _, { atMs }) => {
    bowl.closedMs = atMs;
  },
});

export const reopened = define<Reopened, ClosedState>({
  kind: "reopened",
  fields: [],
  check: () => [],
  apply: (bowl) => {
    bowl.closedMs = undefined;
  },
});
