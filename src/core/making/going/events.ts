import { checkNumber } from "../../checkNumber";
import {
  among,
  checkKinds,
  COMMON_KINDS,
  defineKind,
  foldEvents,
  nothingYet,
  type CommonPayload,
  type CommonState,
  type EventKind,
  type Happening,
} from "../../happening";
import type { LimitName } from "../../limits";
import type { Problem } from "../../problem";
import { GAUGES, MAKING_STEPS, type Gauge, type MakingStepId } from "../method";

/** A step was done, or was not after all. */
export interface StepDone {
  readonly kind: "stepDone";
  readonly step: MakingStepId;
  readonly done: boolean;
}
/** Something was read off: the level in the pot, its weight, its warmth. */
export interface GaugeRead {
  readonly kind: "gaugeRead";
  readonly gauge: Gauge;
  readonly value: number;
}
interface StepsState {
  /** When each step was done. */
  readonly doneMs: Readonly<Partial<Record<MakingStepId, number>>>;
}
interface GaugesState {
  readonly read: readonly {
    readonly eventId: string;
    readonly gauge: Gauge;
    readonly value: number;
    readonly atMs: number;
  }[];
}

const GAUGE_LIMIT: Readonly<Record<Gauge, LimitName>> = { levelMm: "levelMm", weightG: "weightG", tempC: "gaugeC" };

const stepDone = defineKind<StepDone, StepsState>({
  kind: "stepDone",
  fields: ["step", "done"],
  check: ({ step, done }, field) => [
    ...among(`${field}.step`, step, MAKING_STEPS),
    ...among(`${field}.done`, done, [true, false]),
  ],
  apply: (state, { step, done }, { atMs }) => {
    if (done) state.doneMs[step] = atMs;
    else delete state.doneMs[step];
  },
});
const gaugeRead = defineKind<GaugeRead, GaugesState>({
  kind: "gaugeRead",
  fields: ["gauge", "value"],
  check: ({ gauge, value }, field) => {
    const unknown = among(`${field}.gauge`, gauge, GAUGES);
    return unknown.length > 0 ? unknown : [checkNumber(`${field}.value`, value, GAUGE_LIMIT[gauge]) ?? []].flat();
  },
  apply: (state, { gauge, value }, { eventId, atMs }) => {
    state.read.push({ eventId, gauge, value, atMs });
  },
});

/** What can happen to a making that is going on. */
export type MakingPayload = StepDone | GaugeRead | CommonPayload;
export type MakingEvent = Happening<MakingPayload>;

/** Where a making stands: the fold of its events. Times are ms since the epoch. */
export interface MakingState extends StepsState, GaugesState, CommonState {}

const KINDS: ReadonlyMap<string, EventKind<MakingPayload, MakingState, unknown>> = new Map(
  Object.entries({ stepDone, gaugeRead, ...COMMON_KINDS }) as unknown as [
    string,
    EventKind<MakingPayload, MakingState, unknown>,
  ][],
);
/** Undefined for a kind that only a newer house knows. */
export const makingKindOf = ({ kind }: MakingPayload) => KINDS.get(kind);

/** Every problem with a payload of an unknown client. */
export const checkMakingPayload = (payload: MakingPayload, field = "payload"): Problem[] =>
  checkKinds(KINDS, payload, field, undefined);

/** Folds a making's events, in any order and with repeats, to where it stands. */
export const foldMaking = (events: readonly MakingEvent[]): MakingState =>
  foldEvents<MakingPayload, MakingState>(events, { doneMs: {}, read: [], ...nothingYet() }, makingKindOf);
