import type { Problem } from "../../problem";
import { isUuid, momentMs } from "../../text";
import { define } from "../define";

/** Takes another event of the bowl back without erasing it; withdrawing a withdrawal brings it back. */
export interface Withdrawn {
  readonly kind: "withdrawn";
  readonly eventId: string;
}
/** Another event of this bowl was at another time, ISO 8601; its place in the order stays. */
export interface Dated {
  readonly kind: "dated";
  readonly eventId: string;
  readonly at: string;
}
export interface WithdrawnState {
  readonly withdrawn: readonly string[];
}

const eventId = (id: string, field: string): Problem[] => (isUuid(id) ? [] : [{ field, code: "notText" }]);

export const withdrawn = define<Withdrawn>({
  kind: "withdrawn",
  fields: ["eventId"],
  movesStock: true,
  searched: true,
  aboutEvent: true,
  check: (payload, field) => eventId(payload.eventId, `${field}.eventId`),
});

export const dated = define<Dated>({
  kind: "dated",
  fields: ["eventId", "at"],
  aboutEvent: true,
  check: (payload, field) => [
    ...eventId(payload.eventId, `${field}.eventId`),
    ...(momentMs(payload.at) === undefined ? [{ field: `${field}.at`, code: "notAMoment" } as const] : []),
  ],
});
