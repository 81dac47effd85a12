import type { Problem } from "../problem";
import { isUuid, momentMs } from "../text";
import { defineKind } from "./kind";

/** Takes another event back without erasing it; withdrawing a withdrawal brings it back. */
export interface Withdrawn {
  readonly kind: "withdrawn";
  readonly eventId: string;
}
/** Another event was at another time, ISO 8601; its place in the order stays. */
export interface Dated {
  readonly kind: "dated";
  readonly eventId: string;
  readonly at: string;
}
export interface WithdrawnState {
  readonly withdrawn: readonly string[];
}

const eventId = (id: string, field: string): Problem[] => (isUuid(id) ? [] : [{ field, code: "notText" }]);

export const withdrawn = defineKind<Withdrawn>({
  kind: "withdrawn",
  fields: ["eventId"],
  aboutEvent: true,
  check: (payload, field) => eventId(payload.eventId, `${field}.eventId`),
});

export const dated = defineKind<Dated>({
  kind: "dated",
  fields: ["eventId", "at"],
  aboutEvent: true,
  check: (payload, field) => [
    ...eventId(payload.eventId, `${field}.eventId`),
    ...(momentMs(payload.at) === undefined ? [{ field: `${field}.at`, code: "notAMoment" } as const] : []),
  ],
});
