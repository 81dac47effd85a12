"use client";
import Link from "next/link";
import type { BatchPayload, BatchState } from "@/core/batch";
import type { ColourPlan } from "@/core/colour";
import { PURPOSE } from "@/core/head";
import type { PasteQuestion } from "@/core/paste";
import { Button } from "../parts/Button";
import { opened } from "../parts/later";
import { Sheet } from "../parts/Sheet";
import { DayAfter } from "./DayAfter";
import { HowFar } from "./HowFar";

/** The science of colour comes when somebody opens it. */
const StrandTest = opened(() => import("../colour/StrandTest").then((file) => file.StrandTest));

interface OnTheHeadProps {
  readonly batchId: string;
  readonly question: PasteQuestion;
  /** What was in the bowl, g. */
  readonly bowlG: number;
  /** What it is to do to the colour, where there is a dye in it that is to. */
  readonly plan: ColourPlan | undefined;
  readonly state: BatchState;
  readonly closed: boolean;
  readonly timeZone: string;
  readonly nowMs: number;
  readonly onHappen: (payload: BatchPayload) => void;
}

/** What is asked and said of a bowl from the head on: how far it went, what follows a dye, what its colour will be. */
export function OnTheHead({ batchId, question, bowlG, plan, ...bowl }: OnTheHeadProps) {
  const { state, closed } = bowl;
  const { onHead, rinsed } = state.reachedMs;
  // In a bowl that was closed without them, what follows a dye is long past.
  const hasTasks = PURPOSE[question.purpose].dye && (!closed || state.tended.length > 0);
  return (
    <>
      {onHead !== undefined && <HowFar madeG={bowlG} {...bowl} />}
      {hasTasks && rinsed !== undefined && <DayAfter rinsedMs={rinsed} {...bowl} />}
      {plan && (
        <div className="flex flex-wrap gap-3">
          <Sheet title="A strand, tried first" trigger={<Button>A strand was tried …</Button>}>
            <StrandTest
              plan={plan}
              head={question.head}
              kitchenTempC={question.kitchenTempC}
              tests={state.strandTests}
              {...bowl}
            />
          </Sheet>
          <Link href={`/colour?batch=${batchId}`} className="pressable flex min-h-11 items-center">
            what it will look like
          </Link>
        </div>
      )}
    </>
  );
}
