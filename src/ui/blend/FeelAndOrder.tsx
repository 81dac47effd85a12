"use client";
import { feelAdvice, type FeelAnswer } from "@/core/feel";
import { phaseOf } from "@/core/material";
import { mixingOrder } from "@/core/order";
import { lookupIn, type Choices, type PasteAnswer, type PasteQuestion } from "@/core/paste";
import { useShelf } from "../shelf/ShelfContext";
import { HowItFeels } from "./HowItFeels";
import { OrderOfMixing } from "./OrderOfMixing";

interface FeelProps {
  readonly question: PasteQuestion;
  readonly answer: PasteAnswer;
  readonly choices: Choices | undefined;
  readonly onChoose?: (choices: Choices) => void;
}

function useFeel(question: PasteQuestion, answer: PasteAnswer): FeelAnswer {
  const { shelf } = useShelf();
  return feelAdvice(
    question,
    answer,
    shelf.jars.filter(({ leftG }) => leftG > 0),
  );
}

/** How the bowl will feel, with what to do about it. */
export function Feel({ question, answer, choices, onChoose }: FeelProps) {
  const find = lookupIn(question);
  const hasOil = answer.lines.some(({ materialId, jarId }) => {
    const material = find(materialId, jarId);
    return material !== undefined && material.family !== "essentialOil" && phaseOf(material) === "oil";
  });
  return <HowItFeels feel={useFeel(question, answer)} choices={choices} onChoose={onChoose} hasOil={hasOil} />;
}

/** The order in which it is mixed, and how it will feel. */
export function FeelAndOrder(props: FeelProps) {
  const { question, answer } = props;
  const { vessels } = useShelf();
  const feel = useFeel(question, answer);
  return (
    <>
      <OrderOfMixing
        steps={mixingOrder(question, answer, feel, vessels)}
        materialIds={answer.lines.map(({ materialId }) => materialId)}
        vessels={vessels}
      />
      <Feel {...props} />
    </>
  );
}
