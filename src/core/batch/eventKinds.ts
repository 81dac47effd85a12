import {
  checkKinds,
  COMMON_KINDS,
  nothingYet,
  type CommonPayload,
  type CommonState,
  type Folding,
  type Happening,
} from "../happening";
import { findMaterial, type Lookup } from "../material";
import type { Problem } from "../problem";
import type { BowlEventKind } from "./define";
import { added, type Added, type AddedState } from "./events/added";
import { lookedAt, type LookedAt, type LookedAtState } from "./events/lookedAt";
import { mixedMore, type MixedMore, type MixedMoreState } from "./events/mixedMore";
import { massaged, type Massaged, type MassagedState } from "./events/massaged";
import { covered, type Covered, type CoveredState } from "./events/covered";
import { touched, type Touched, type TouchedState } from "./events/touched";
import { takenOff, type TakenOff, type TakenOffState } from "./events/takenOff";
import { again, type AgainEvent, type AgainState } from "./events/again";
import { dabbed, type Dabbed, type DabbedState } from "./events/dabbed";
import { gauged, type Gauged, type GaugedState } from "./events/gauged";
import { heaped, type Heaped, type HeapedState } from "./events/heaped";
import { marked, type Marked, type MarkedState } from "./events/marked";
import { measured, type MeasuredLine, type MeasuredState } from "./events/measured";
import { moved, type Moved, type MovedState } from "./events/moved";
import { poured, type Poured, type PouredState } from "./events/poured";
import { reached, type Reached, type ReachedState } from "./events/reached";
import { said, type Said, type SaidState, type SeenState } from "./events/said";
import { onScale, type OnScale, type OnScaleState } from "./events/onScale";
import { sectioned, type Sectioned, type SectionedState } from "./events/sectioned";
import { strandTested, type StrandTested, type StrandTestedState } from "./events/strandTested";
import { tended, type Tended, type TendedState } from "./events/tended";
import { tested, type Tested, type TestedState } from "./events/tested";
import { ticked, type Ticked, type TickedState } from "./events/ticked";
import { weighed, type Weighed, type WeighedState } from "./events/weighed";

export * from "./events/added";
export * from "./events/again";
export * from "./events/lookedAt";
export * from "./events/mixedMore";
export * from "./events/massaged";
export * from "./events/covered";
export * from "./events/touched";
export * from "./events/takenOff";
export * from "./events/onScale";
export * from "./events/dabbed";
export * from "./events/gauged";
export * from "./events/heaped";
export * from "./events/marked";
export * from "./events/measured";
export * from "./events/moved";
export * from "./events/poured";
export * from "./events/reached";
export * from "./events/said";
export * from "./events/sectioned";
export * from "./events/strandTested";
export * from "./events/tended";
export * from "./events/tested";
export * from "./events/ticked";
export * from "./events/weighed";

/** What can happen to a bowl. Events are only ever added; `withdrawn` takes one back without erasing it. */
export type BatchPayload =
  | Ticked
  | Poured
  | MeasuredLine
  | Heaped
  | Added
  | Moved
  | Dabbed
  | Gauged
  | StrandTested
  | Tended
  | Weighed
  | Sectioned
  | OnScale
  | LookedAt
  | MixedMore
  | Massaged
  | Covered
  | Touched
  | TakenOff
  | Tested
  | Said
  | Reached
  | Marked
  | AgainEvent
  | CommonPayload;
export type EventKindId = BatchPayload["kind"];

/** Where a bowl stands: the fold of its events. Times are ms since the epoch. */
export interface BatchState
  extends
    TickedState,
    PouredState,
    MeasuredState,
    HeapedState,
    AddedState,
    MovedState,
    DabbedState,
    GaugedState,
    StrandTestedState,
    TendedState,
    WeighedState,
    SectionedState,
    OnScaleState,
    LookedAtState,
    MixedMoreState,
    MassagedState,
    CoveredState,
    TouchedState,
    TakenOffState,
    SaidState,
    TestedState,
    SeenState,
    ReachedState,
    MarkedState,
    AgainState,
    CommonState {}

/** A bowl that nothing has happened to. */
export const emptyBowl = (): Folding<BatchState> => ({
  done: [],
  pouredMl: 0,
  measured: {},
  heaped: [],
  added: [],
  moves: [],
  dabs: [],
  gauges: [],
  strandTests: [],
  tended: [],
  session: undefined,
  sections: { of: undefined, done: [] },
  scale: [],
  bareG: undefined,
  looks: [],
  more: [],
  massagedMs: undefined,
  cover: undefined,
  touches: [],
  takenOff: [],
  lastWord: undefined,
  tests: [],
  seen: [],
  firstPourMs: undefined,
  reachedMs: {},
  marks: {},
  again: undefined,
  ...nothingYet(),
});

/** Every kind of event: what is checked, folded, moves stock and is searched is read from here. */
export const EVENT_KINDS: {
  readonly [K in EventKindId]: BowlEventKind<Extract<BatchPayload, { kind: K }>, BatchState>;
} = {
  ticked,
  poured,
  measured,
  heaped,
  added,
  moved,
  dabbed,
  gauged,
  strandTested,
  tended,
  weighed,
  sectioned,
  onScale,
  lookedAt,
  mixedMore,
  massaged,
  covered,
  touched,
  takenOff,
  tested,
  said,
  reached,
  marked,
  again,
  ...COMMON_KINDS,
  noted: { ...COMMON_KINDS.noted, searched: true },
  withdrawn: { ...COMMON_KINDS.withdrawn, movesStock: true, searched: true },
};

/** A kind without what tells it from the others, to walk them all. */
type AnyKind = BowlEventKind<BatchPayload, BatchState>;
/** Undefined for a kind that only a newer house knows; such an event stands in the history and does nothing here. */
export const kindOf = ({ kind }: BatchPayload): AnyKind | undefined => BY_ID.get(kind);
const BY_ID: ReadonlyMap<string, AnyKind> = new Map(Object.entries(EVENT_KINDS) as unknown as [string, AnyKind][]);

const kindsThat = (are: (kind: AnyKind) => boolean): readonly EventKindId[] =>
  [...BY_ID.values()].filter(are).map(({ kind }) => kind);
/** Kinds that can change what a bowl took off the shelf. */
export const MOVES_STOCK = kindsThat(({ movesStock }) => movesStock === true);
/** Kinds that can change the terms that the log is searched by. */
export const SEARCHED = kindsThat(({ searched }) => searched === true);

export type BatchEvent = Happening<BatchPayload>;

/** Every problem with a payload of an unknown client. */
export const checkPayload = (payload: BatchPayload, field = "payload", find: Lookup = findMaterial): Problem[] =>
  checkKinds(BY_ID, payload, field, find);
