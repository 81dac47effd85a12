import type { Problem } from "@/core/problem";

/** Thrown inside a write to end it without a trace; the route wrapper turns it into problem+json. */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    readonly title: string,
    readonly problems: readonly Problem[] = [],
    /** Seconds until it may be tried again. */ readonly retryAfterS?: number,
  ) {
    super(title);
  }
}

export const notFound = (field = "id"): Refusal =>
  new Refusal(404, "That is not in the household’s book.", [{ field, code: "notFound" }]);
export const unusable = (problems: readonly Problem[]): Refusal =>
  new Refusal(422, "Something in it cannot be used.", problems);
/** The door is locked and this device has no session. */
export const stranger = (): Refusal =>
  new Refusal(401, "This house is locked. Come in with its password or a code, at /enter.");
/** Somebody saved in between. */
export const overtaken = (): Refusal =>
  new Refusal(412, "Somebody saved this in between. Look at theirs before you save yours.");
export const taken = (): Refusal => new Refusal(409, "That id is used for something else.");
