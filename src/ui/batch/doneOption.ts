import type { BatchPayload } from "@/core/batch";
import { addMl } from "@/words/mixing";
import type { CorrectionOption } from "@/core/correct";
import type { PasteQuestion } from "@/core/paste";

/** What happens to a bowl when a way on is done: liquid is poured, powder is put in besides the plan. */
export function doneOption(option: CorrectionOption, question: PasteQuestion): BatchPayload[] {
  if (option.kind === "liquid") return [{ kind: "poured", ml: addMl(option.ml.mid) }];
  if (option.kind !== "powder") return [];
  return option.lines
    .filter(({ massG }) => massG >= 0.05)
    .map(({ line, massG }): BatchPayload => ({
      kind: "added",
      materialId: question.lines[line].materialId,
      amount: Math.round(massG * 10) / 10,
      unit: "g",
      fill: "level",
    }));
}
