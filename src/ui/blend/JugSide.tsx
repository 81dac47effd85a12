"use client";
import type { Simulated } from "@/core/figure";
import { inSpoons } from "@/core/measure";
import { pourPlan, type PasteAnswer } from "@/core/paste";
import { bandWords, roundTo, spoonWords } from "@/words/amounts";
import { materialName, ratioWords, warmthWord } from "@/words/names";
import { Jug } from "../bowl/Jug";
import { Announced } from "../parts/Announced";
import { useShelf } from "../shelf/ShelfContext";
import type { BlendDocument } from "./document";
import type { Edit } from "./edit";
import { JugSheet } from "./JugSheet";
import { counted } from "@/words/lists";

interface JugSideProps {
  readonly answer: PasteAnswer;
  readonly doc: BlendDocument;
  readonly stale: boolean;
  readonly drawn: Simulated | undefined;
  readonly problem: string | undefined;
  readonly dispatch: (action: Edit) => void;
}

/** The liquid: how much, how to pour it, and where it will stop. */
export function JugSide({ answer, doc, drawn, stale, dispatch, problem }: JugSideProps) {
  const { liquid } = answer;
  const { find, spoons } = useShelf();
  const colour = find(doc.liquidId)?.colour ?? [0.9, 0.03, 220];
  const warmth = Number(doc.liquidTempText);
  const name = `${Number.isFinite(warmth) ? `${warmthWord(warmth)} ` : ""}${materialName(doc.liquidId)}`;
  const second = doc.secondId ? Number(doc.secondShareText) / 100 : 0;
  // The draws take the place of the first-order band as soon as they are there.
  const shown =
    liquid.state === "solved" && drawn
      ? { ...liquid, ml: drawn.band, plan: pourPlan(drawn.band, spoons), spoons: inSpoons(drawn.band.mid, spoons) }
      : liquid;
  const words = shown.state === "unreachable" ? undefined : bandWords(shown.ml);
  return (
    <div className={stale ? "opacity-40" : ""}>
      {shown.state === "unreachable" ? (
        <p className="font-say text-figure font-semibold">no way</p>
      ) : (
        <>
          <p className="font-say text-figure font-semibold">{words!.mid} ml</p>
          <p className="text-quiet">
            {spoonWords(shown.spoons)} of {name}
            {shown.state === "solved" ? ` (${words!.range})` : ", as you set it"}
          </p>
          {doc.secondId && second > 0 && second < 1 && (
            <p>
              that is {roundTo(shown.ml.mid * (1 - second), 5)} ml {materialName(doc.liquidId)} and{" "}
              {roundTo(shown.ml.mid * second, 5)} ml {materialName(doc.secondId)}, {ratioWords(1 - second)} in every
              pour
            </p>
          )}
          <div className="mt-3">
            <Jug liquid={shown} colour={colour} drawn={drawn} />
          </div>
          {shown.state === "solved" && (
            <p className="text-quiet">
              then {shown.plan.step.count} {shown.plan.step.unit} ({roundTo(shown.plan.step.ml, 1)} ml) at a time
              {shown.plan.step.unit === "tbsp" && shown.plan.times
                ? `, ${counted(shown.plan.times, "time", "times")}, then teaspoons`
                : ""}
            </p>
          )}
        </>
      )}
      <Announced
        text={shown.state === "unreachable" ? "No amount of liquid does it." : `${words!.mid} ml of ${name}`}
      />
      <JugSheet
        text={doc.liquidMlText}
        problem={problem}
        onChange={(liquidMlText) => dispatch({ do: "set", change: { liquidMlText } })}
      />
    </div>
  );
}
