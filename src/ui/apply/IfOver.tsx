import type { Forecast, Section } from "@/core/apply";
import { roundTo } from "@/words/amounts";
import { sectionName } from "@/words/apply";

/** So much over, at the middle and by the share of the bowl, is worth a second layer. Estimates. */
const LEAST_G = 30;
const LEAST_SHARE = 0.12;

/** What to do with what will be left: a second layer where hair stands thickest, or the freezer. */
export function IfOver({ seen, sections }: { seen: Forecast; sections: readonly Section[] }) {
  const { overG, leftG, toDo, needG } = seen;
  const bowlG = leftG + (1 - toDo) * needG.mid;
  if (toDo >= 1 || overG < LEAST_G || overG < LEAST_SHARE * bowlG) return null;
  const most = [...sections].sort((a, b) => b.share - a.share)[0];
  return (
    <p>
      About {roundTo(overG, 5)} g will be left: a second layer where it matters ({sectionName(most)} has the most hair),
      or freeze it once all is on.
    </p>
  );
}
