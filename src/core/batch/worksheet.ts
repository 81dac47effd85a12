import { findMaterial, phaseOf, type Phase } from "../material";
import type { PasteAnswer } from "../paste";
import type { StepId } from "./events";

/** One step of the order of work; minutes count from the start. */
export interface WorkStep {
  readonly id: StepId;
  readonly startMin: number;
  readonly durationMin: number;
  /** Indexes of the blend's lines that this step handles. */
  readonly lines: readonly number[];
}

export interface Worksheet {
  readonly steps: readonly WorkStep[];
  /** From the start until the paste is mixed, goes on, has to come off, and the whole is done. */
  readonly mixedMin: number;
  readonly onHeadMin: number;
  readonly rinseMin: number;
  readonly endMin: number;
}

/** Minutes by the clock. Common practice; the maker's own pace will differ. */
const MINUTES = { gather: 10, dry: 5, wet: 5, firstPour: 3, pour: 7, oil: 2, check: 3, hair: 20, perSection: 5, rinse: 15, clear: 10 } as const;

/**
 * The order of work for a bowl: dry things together, wet things, first pour, small pours, oil last, rest, look again,
 * sections, leave on, rinse, clear away. The hair is got ready while the paste rests, when the rest is long enough.
 * @source common practice, from what is in the bowl; straining and oil order by other schools come with the mixing view
 */
export function worksheet(answer: PasteAnswer): Worksheet {
  // Bowls saved before the shelf had their phases in the tables alone.
  const phases = answer.lines.map((line): Phase | undefined => { const material = findMaterial(line.materialId); return line.phase ?? (material && phaseOf(material)); });
  const linesOf = (phase: Phase) => phases.flatMap((one, i) => (one === phase ? [i] : []));
  const [dry, wet, oil] = [linesOf("dry"), linesOf("wet"), linesOf("oil")];

  const steps: WorkStep[] = [];
  let clock = 0;
  const add = (id: StepId, durationMin: number, lines: readonly number[] = []) => {
    steps.push({ id, startMin: clock, durationMin, lines });
    clock += durationMin;
  };
  add("gather", MINUTES.gather);
  add("dry", MINUTES.dry, dry);
  if (wet.length > 0) add("wet", MINUTES.wet, wet);
  add("firstPour", MINUTES.firstPour);
  add("pour", MINUTES.pour);
  if (oil.length > 0) add("oil", MINUTES.oil, oil);
  const mixedMin = clock;
  const { restMin } = answer.rest;
  add("rest", restMin);
  const free = Math.max(0, restMin - MINUTES.check - MINUTES.hair);
  const overlapped = restMin >= MINUTES.check + MINUTES.hair;
  if (overlapped) clock = mixedMin + free;
  add("hair", MINUTES.hair);
  add("check", MINUTES.check);
  const onHeadMin = clock;
  add("apply", MINUTES.perSection * answer.sections.count);
  add("leaveOn", Math.round(answer.leaveOnMin.mid));
  const rinseMin = clock;
  add("rinse", MINUTES.rinse);
  add("clear", MINUTES.clear);
  return { steps, mixedMin, onHeadMin, rinseMin, endMin: clock };
}
