import { findMaterial, phaseOf, type Phase } from "../material";
import { feelAdvice } from "../feel";
import { mixingOrder, type MixingStep, type Vessels } from "../order";
import type { PasteAnswer, PasteQuestion } from "../paste";
import type { StepId } from "./eventKinds";

/** One step of the order of work; minutes count from the start. */
export interface WorkStep {
  readonly id: StepId;
  readonly startMin: number;
  readonly durationMin: number;
  /** Indexes of the blend's lines that this step handles. */
  readonly lines: readonly number[];
  /** As the order of mixing has it, for what is done while mixing. */
  readonly mixing?: MixingStep;
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
const MINUTES = {
  gather: 10,
  dry: 5,
  wet: 5,
  firstPour: 3,
  pour: 7,
  oil: 2,
  check: 3,
  hair: 20,
  perSection: 5,
  rinse: 15,
  clear: 10,
} as const;
/** Steps that have their minutes out of another's, so that a longer list is no longer day. */
const WITHIN: Readonly<Partial<Record<StepId, number>>> = {
  mash: 3,
  warm: 2,
  lumps: 1,
  oilFirst: 1,
  strain: 3,
  bottle: 1,
  scent: 1,
};

/** The order of mixing as a bowl without a question has it: dry, wet, the pour, oil last. */
function plainOrder(answer: PasteAnswer): MixingStep[] {
  // Bowls saved before the shelf had their phases in the tables alone.
  const phases = answer.lines.map((line): Phase | undefined => {
    const material = findMaterial(line.materialId);
    return line.phase ?? (material && phaseOf(material));
  });
  const linesOf = (phase: Phase) => phases.flatMap((one, i) => (one === phase ? [i] : []));
  const [dry, wet, oil] = [linesOf("dry"), linesOf("wet"), linesOf("oil")];
  return [
    { id: "dry", things: dry, dusty: true },
    ...(wet.length > 0 ? [{ id: "wet" as const, things: wet }] : []),
    { id: "pour" },
    ...(oil.length > 0 ? [{ id: "oilLast" as const, things: oil }] : []),
  ];
}

/**
 * The order of work for a bowl: the order of mixing with what has to be gathered before it, and rest, look again,
 * sections, leave on, rinse, clear away after it. The hair is got ready while the paste rests, when the rest is long
 * enough.
 * @param mixing the order of mixing of this bowl; its clock times are the same with it and without
 * @source common practice, from what is in the bowl
 */
export function worksheet(answer: PasteAnswer, mixing: readonly MixingStep[] = plainOrder(answer)): Worksheet {
  const steps: WorkStep[] = [];
  let clock = 0;
  const add = (id: StepId, durationMin: number, step?: MixingStep) => {
    steps.push({
      id,
      startMin: clock,
      durationMin,
      lines: step && "things" in step ? step.things : [],
      ...(step ? { mixing: step } : {}),
    });
    clock += durationMin;
  };
  const has = (id: MixingStep["id"]) => mixing.some((step) => step.id === id);
  const find = (id: MixingStep["id"]) => mixing.find((step) => step.id === id);
  const within = (...ids: StepId[]) =>
    ids.reduce((sum, id) => sum + (has(id as MixingStep["id"]) ? WITHIN[id]! : 0), 0);
  const addWithin = (
    id: "mash" | "warm" | "lumps" | "oilFirst" | "strain" | "bottle" | "scent",
    minutes = WITHIN[id]!,
  ) => {
    if (has(id)) add(id, minutes, find(id));
  };

  add("gather", MINUTES.gather - within("mash", "warm"));
  addWithin("mash");
  addWithin("warm");
  addWithin("lumps");
  // Oil that is rubbed in first takes the time that it would take last.
  const oilAlone = has("oilFirst") && !has("oilLast") && !has("scent");
  add("dry", MINUTES.dry - within("lumps") - (has("oilFirst") && !oilAlone ? WITHIN.oilFirst! : 0), find("dry"));
  addWithin("oilFirst", oilAlone ? MINUTES.oil : WITHIN.oilFirst);
  if (has("wet")) add("wet", MINUTES.wet, find("wet"));
  add("firstPour", MINUTES.firstPour);
  add("pour", MINUTES.pour - within("strain", "bottle"));
  addWithin("strain");
  if (has("oilLast")) add("oil", MINUTES.oil - within("scent"), find("oilLast"));
  addWithin("scent", has("oilLast") ? WITHIN.scent : MINUTES.oil);
  addWithin("bottle");
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

/** The worksheet of a bowl as it is mixed in this kitchen. */
export const worksheetFor = (question: PasteQuestion, answer: PasteAnswer, vessels: Vessels = {}): Worksheet =>
  worksheet(answer, mixingOrder(question, answer, feelAdvice(question, answer), vessels));
