import { defineKind } from "./kind";

export interface Closed {
  readonly kind: "closed";
}
export interface Reopened {
  readonly kind: "reopened";
}
export interface ClosedState {
  readonly closedMs?: number;
}

export const closed = defineKind<Closed, ClosedState>({
  kind: "closed",
  fields: [],
  check: () => [],
  apply: (state, _, { atMs }) => {
    state.closedMs = atMs;
  },
});

export const reopened = defineKind<Reopened, ClosedState>({
  kind: "reopened",
  fields: [],
  check: () => [],
  apply: (state) => {
    state.closedMs = undefined;
  },
});
