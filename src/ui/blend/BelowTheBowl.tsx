"use client";
import "@/core/catalogue";
import Link from "next/link";
import { Suspense } from "react";
import { PURPOSE } from "@/core/head";
import type { PasteAnswer, PasteQuestion } from "@/core/paste";
import { minuteWords } from "@/words/amounts";
import { Fold } from "../parts/Fold";
import { opened } from "../parts/later";
import { AsMuchAsThereIs } from "./AsMuchAsThereIs";
import { Cautions } from "./Cautions";
import { CleanSpoons } from "./CleanSpoons";
import type { BlendDocument } from "./document";
import type { Edit } from "./edit";
import { FeelAndOrder } from "./FeelAndOrder";
import { Mixing } from "./Mixing";
import { Needs } from "./Needs";
import { RestPicture } from "./RestPicture";

/** What dyes leave on hair comes when somebody is there. */
const Tints = opened(() => import("./Tints").then((file) => file.Tints));
/** Every method of making something comes with it. */
const MakeFirst = opened(() => import("./MakeFirst").then((file) => file.MakeFirst));

export interface BelowProps {
  readonly question: PasteQuestion;
  readonly answer: PasteAnswer;
  /** The lines as typed, where the answer is about them. */
  readonly lines: BlendDocument["lines"] | undefined;
  readonly choices: BlendDocument["choices"];
  readonly stale: boolean;
  readonly dispatch: (action: Edit) => void;
}

/** Everything that follows from the bowl: rest, spoons, mixing, cautions, feel, and where it goes. */
export function BelowTheBowl({ question, answer, lines, choices, stale, dispatch }: BelowProps) {
  return (
    <div
      className={
        "mt-8 grid gap-x-12 gap-y-4 lg:gap-y-8 lg:grid-cols-[minmax(0,1fr)_24rem] " + (stale ? "opacity-50" : "")
      }
    >
      <div className="flex flex-col gap-4 lg:gap-8">
        <Mixing question={question} answer={answer} />
        <Fold label="Rest" title="While it rests" line={minuteWords(answer.rest.restMin)}>
          <div className="mt-2 max-w-[40rem]">
            <RestPicture rest={answer.rest} kitchenTempC={question.kitchenTempC} />
            {!PURPOSE[question.purpose].dye && (
              <Suspense fallback={null}>
                <Tints question={question} answer={answer} />
              </Suspense>
            )}
            {(answer.rest.dye || answer.rest.quick) && (
              <Link href="/colour" className="pressable inline-flex min-h-11 items-center">
                what it will look like, and two bowls to one moment
              </Link>
            )}
          </div>
        </Fold>
        {lines && <CleanSpoons question={question} answer={answer} lines={lines} dispatch={dispatch} />}
        <Cautions cautions={answer.cautions} id="cautions" />
        {lines && (
          <FeelAndOrder
            question={question}
            answer={answer}
            choices={choices}
            onChoose={(chosen) => dispatch({ do: "set", change: { choices: chosen } })}
          />
        )}
      </div>
      <div>
        <Needs question={question} answer={answer} />
        {lines && <AsMuchAsThereIs question={question} answer={answer} dispatch={dispatch} />}
        <Suspense fallback={null}>
          <MakeFirst question={question} answer={answer} />
        </Suspense>
        <p className="mt-2 max-w-[26rem]">
          Not sure by eye?{" "}
          <Link href="/practice" className="pressable">
            A practice bowl
          </Link>{" "}
          costs no powder;{" "}
          <Link href="/measure" className="pressable">
            a ring or a plate
          </Link>{" "}
          measures a real one.
        </p>
      </div>
    </div>
  );
}
