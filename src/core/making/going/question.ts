import type { Material } from "../../material";
import { refuse, type Result } from "../../problem";
import type { CameTo, Found, Ingredient, Made } from "../method";
import { METHODS } from "../methods";
import { gaugedIn, timed, type TimedStep } from "./clock";
import type { MakingState } from "./events";

/** What a making is worked out from, as it was begun. */
export interface MakingQuestion {
  readonly method: string;
  readonly things: readonly { readonly materialId: string; readonly jarId?: string; readonly massG: number }[];
  readonly settings: Readonly<Record<string, number | string | boolean>>;
  readonly kitchenTempC: number;
}
/** A making with the figures it was begun with: better ones never move it. */
export interface MakingPlan {
  readonly question: MakingQuestion;
  /** What went in, each with the figures it had then, in the question's order. */
  readonly figures: readonly Material[];
  readonly made: Made;
  readonly startsAtMs: number;
}

const ingredientsOf = ({ things }: MakingQuestion, figures: readonly Material[]): Ingredient[] =>
  things.flatMap(({ massG }, i) => (figures[i] ? [{ material: figures[i], massG }] : []));

/** Computes what comes of a making, by its own method. Errors as the method's; `method` where nobody knows it. */
export function makeOf(question: MakingQuestion, figures: readonly Material[], found: Found = {}): Result<Made> {
  const method = METHODS.find(({ id }) => id === question.method);
  return method
    ? method.make(ingredientsOf(question, figures), question.settings, question.kitchenTempC, found)
    : refuse({ field: "method", code: "unknownChoice" });
}

/**
 * A making as it stands: what comes of it by all that was read off and by what it came to, and its steps on the clock.
 */
export function asItGoes(
  { question, figures, made, startsAtMs }: MakingPlan,
  state: MakingState,
  cameTo?: CameTo,
): { readonly made: Made; readonly steps: readonly TimedStep[] } {
  const planned = timed(made, startsAtMs, state);
  const gauged = gaugedIn(planned, startsAtMs, state);
  const again = gauged.length > 0 || cameTo ? makeOf(question, figures, { gauged, cameTo }) : undefined;
  return again?.ok ? { made: again.value, steps: timed(again.value, startsAtMs, state) } : { made, steps: planned };
}
