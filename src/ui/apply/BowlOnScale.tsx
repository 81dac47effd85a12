import { useEffect, useRef, useState } from "react";
import { atMostG, HEAVIER_G, weightByItself, type Forecast } from "@/core/apply";
import { nowIn, type BatchPayload, type BatchState } from "@/core/batch";
import { checkNumber } from "@/core/checkNumber";
import type { Problem } from "@/core/problem";
import { roundTo } from "@/words/amounts";
import { forecastWords } from "@/words/apply";
import { NumberText } from "../forms/NumberText";
import { textOf, typed } from "../forms/typed";
import { useSteady } from "../instruments/useSteady";
import { Announced } from "../parts/Announced";
import { Button } from "../parts/Button";
import { useShelf } from "../shelf/ShelfContext";

interface BowlOnScaleProps {
  readonly state: BatchState;
  readonly bowlG: number;
  readonly seen: Forecast;
  readonly closed: boolean;
  readonly onHappen: (payload: BatchPayload) => void;
  readonly children?: React.ReactNode;
}

/** What is left in the bowl by the scale, typed or read off, and how far that will go. */
export function BowlOnScale({ state, bowlG, seen, closed, onHappen, children }: BowlOnScaleProps) {
  const { instruments } = useShelf();
  const [text, setText] = useState("");
  const [bareText, setBare] = useState(state.bareG === undefined ? "" : textOf(state.bareG));
  const [byItself, setByItself] = useState(false);
  const done = state.sections.done.length;
  const last = state.scale.at(-1);
  // What was weighed last, and what was mixed into it since.
  const lastG = last ? atMostG(last, nowIn(state)) : bowlG;
  const full = done === 0;
  const bareG = full ? (bareText.trim() === "" ? undefined : typed(bareText)) : state.bareG;
  const bareProblem = bareG === undefined ? undefined : checkNumber("bareG", bareG, "leftInBowlG");
  const grossG = typed(text);
  const offG = bareProblem ? 0 : (bareG ?? 0);
  const problem = problemOf(text, grossG, offG, full ? undefined : lastG);
  const heavier = useByItself(byItself && !closed && done > 0, state, lastG, onHappen);
  const line = seen.toDo < 1 ? forecastWords(seen) : "";
  const ready = text.trim() !== "" && !problem && !bareProblem;
  return (
    <section aria-label="The bowl on the scale" className="border-t border-line pt-3">
      {line && <p className={`text-lg ${seen.warns ? "font-semibold text-madder" : ""}`}>{line}</p>}
      <Announced text={heavier ? "" : line} />
      {children}
      {full && (
        <p className="text-quiet">
          About {roundTo(bowlG, 5)} g are in the bowl. Weigh it full if you can, and after each section: from then on it
          is said whether it reaches.
        </p>
      )}
      {heavier && (
        <p role="alert" className="text-stop">
          The bowl is heavier than before: is something else on the scale?
        </p>
      )}
      {!closed && (
        <form
          className="mt-2 flex flex-wrap items-end gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            if (!ready) return;
            onHappen({
              kind: "onScale",
              leftG: Math.round((grossG - offG) * 10) / 10,
              ...(full && bareG !== undefined ? { bareG } : {}),
            });
            setText("");
          }}
        >
          {full && (
            <NumberText
              label="The empty bowl weighs, g"
              hint="Left empty where the scale was set to zero with it."
              text={bareText}
              onText={setBare}
              problem={bareProblem}
            />
          )}
          <NumberText
            label="On the scale now, g"
            hint={offG > 0 ? `With the bowl; its ${roundTo(offG, 1)} g are taken off.` : "Without the bowl."}
            text={text}
            onText={setText}
            problem={problem}
            large
            readBy="scale"
          />
          <Button type="submit" className="min-h-12" disabled={!ready}>
            {full ? "That is all of it" : "Weighed"}
          </Button>
        </form>
      )}
      {!closed && instruments.includes("scale") && (
        <label className="mt-1 flex min-h-11 items-center gap-2">
          <input
            type="checkbox"
            className="size-6"
            checked={byItself}
            onChange={(event) => setByItself(event.target.checked)}
          />
          the bowl stays on the scale: each section is weighed by itself
        </label>
      )}
    </section>
  );
}

function problemOf(text: string, grossG: number, offG: number, mostG: number | undefined): Problem | undefined {
  if (text.trim() === "") return undefined;
  const problem = checkNumber("leftG", grossG, "weightG");
  if (problem) return problem;
  if (grossG < offG) return { field: "leftG", code: "tooSmall", detail: { min: Math.round(offG) } };
  if (mostG !== undefined && grossG - offG > mostG + HEAVIER_G)
    return { field: "leftG", code: "tooLarge", detail: { max: Math.round(mostG + offG) } };
  return checkNumber("leftG", grossG - offG, "leftInBowlG");
}

/** Notes each section's weight once it stands still; true while something else stands on the scale. */
function useByItself(
  active: boolean,
  state: BatchState,
  lastG: number,
  onHappen: (payload: BatchPayload) => void,
): boolean {
  const [steady, setSteady] = useState<number>();
  useSteady("scale", active, setSteady);
  const last = state.scale.at(-1);
  const heard =
    active && steady !== undefined
      ? weightByItself(steady, state.bareG ?? 0, lastG, last?.sectionsDone.length ?? 0, state.sections.done.length)
      : undefined;
  const leftG = heard && "notes" in heard ? heard.notes : undefined;
  const happen = useRef(onHappen);
  // Taken back, it is not noted once more from the same weight.
  const noted = useRef<number>(undefined);
  useEffect(() => {
    happen.current = onHappen;
  });
  useEffect(() => {
    if (leftG === undefined || noted.current === steady) return;
    noted.current = steady;
    happen.current({ kind: "onScale", leftG });
  }, [leftG, steady]);
  return heard !== undefined && "why" in heard && heard.why === "heavier";
}
