import type { MakingStep } from "../method";
import type { Draw } from "./figures";
import type { Outcome } from "./outcome";
import { heatUpH } from "./pot";
import { heated, type Brew } from "./said";

/** What is done in which order, minutes from the start. Common practice for what is not computed. */
export function stepsOf(brew: Brew, { pourG, holdH }: Outcome, draw: Draw): MakingStep[] {
  const steps: MakingStep[] = [];
  let clock = 0;
  const add = (id: MakingStep["id"], durationMin: number) => {
    steps.push({ id, startMin: clock, durationMin });
    clock += durationMin;
  };
  add("weigh", 5);
  if (heated(brew.way)) {
    add("heat", Math.ceil(heatUpH(brew, draw, pourG) * 60));
    add(brew.way === "reduced" ? "reduce" : "boil", Math.round(holdH * 60));
  } else {
    if (brew.way !== "cold" && brew.way !== "fridge") add("pour", 2);
    add("stand", Math.round(holdH * 60));
  }
  add("strain", 5);
  add("keep", 2);
  return steps;
}
