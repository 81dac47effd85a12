"use client";
import { feelAdvice } from "@/core/feel";
import { phaseOf } from "@/core/material";
import { mixingOrder } from "@/core/order";
import { lookupIn, type Choices, type PasteAnswer, type PasteQuestion } from "@/core/paste";
import { useShelf } from "../shelf/ShelfContext";
import { HowItFeels } from "./HowItFeels";
import { OrderOfMixing } from "./OrderOfMixing";

/** How the bowl will feel with what to do about it, and the order in which it is mixed. */
export function FeelAndOrder({ question, answer, choices, onChoose }: { question: PasteQuestion; answer: PasteAnswer; choices: Choices | undefined; onChoose?: (choices: Choices) => void }) {
  const { shelf, vessels } = useShelf();
  const feel = feelAdvice(question, answer, shelf.jars.filter(({ leftG }) => leftG > 0));
  const find = lookupIn(question);
  const hasOil = answer.lines.some(({ materialId, jarId }) => { const material = find(materialId, jarId); return material !== undefined && material.family !== "essentialOil" && phaseOf(material) === "oil"; });
  return (
    <>
      <OrderOfMixing steps={mixingOrder(question, answer, feel, vessels)} materialIds={answer.lines.map(({ materialId }) => materialId)} vessels={vessels} />
      <HowItFeels feel={feel} choices={choices} onChoose={onChoose} hasOil={hasOil} />
    </>
  );
}
