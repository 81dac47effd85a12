import { practice, type Figure } from "../figure";
import { TENDINGS, type Tending } from "./events/tended";

/** Hours after the rinse from which on each is done. All common practice. */
export const AFTER_RINSE_H: Readonly<Record<Tending, Figure>> = {
  stains: practice(0, 0, 1, "while they are wet"),
  dry: practice(0.5, 0.2, 3, "by air, no heat"),
  oil: practice(4, 1, 12, "once it is dry"),
  shampoo: practice(24, 20, 48, "no shampoo until the next day"),
  moisture: practice(26, 24, 72, "with or after the first shampoo"),
  judge: practice(48, 40, 72, "the colour settles for two days"),
};
const HOUR_MS = 3_600_000;

export interface AfterTask {
  readonly task: Tending;
  readonly fromMs: number;
}
/** What is done after a dye was rinsed out, each with the moment from which on. */
export const dayAfter = (rinsedMs: number): AfterTask[] =>
  TENDINGS.map((task) => ({ task, fromMs: rinsedMs + AFTER_RINSE_H[task].value * HOUR_MS }));
