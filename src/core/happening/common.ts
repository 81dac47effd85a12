import { dated, withdrawn, type Dated, type Withdrawn, type WithdrawnState } from "./aboutEvents";
import { closed, reopened, type Closed, type ClosedState, type Reopened } from "./closed";
import { noted, type Noted, type NotedState } from "./noted";

/** What can happen to whatever is kept by its events. */
export type CommonPayload = Noted | Closed | Reopened | Withdrawn | Dated;
export interface CommonState extends NotedState, ClosedState, WithdrawnState {}
export const COMMON_KINDS = { noted, closed, reopened, withdrawn, dated } as const;

/** … and nothing of it has happened yet. */
export const nothingYet = (): {
  notes: NotedState["notes"][number][];
  closedMs: number | undefined;
  withdrawn: string[];
} => ({
  notes: [],
  closedMs: undefined,
  withdrawn: [],
});
