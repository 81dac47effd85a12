"use client";
import { LIMITS } from "@/core/limits";
import { problemWords } from "@/words/problems";
import { Button } from "../parts/Button";
import { Field } from "../forms/Field";
import { Options } from "../forms/Options";
import { notPouredIn, type MakePlan } from "./makePlan";

export interface MakeItProps {
  readonly plan: MakePlan;
  readonly change: (change: Partial<MakePlan>) => void;
  readonly busy: boolean;
  /** The head was described on the spot, and is kept under a name. */
  readonly askName: boolean;
  readonly trouble: string | undefined;
  readonly onMake: () => void;
}

/** When it is made, and for whom. */
export function MakeIt({ plan, change, busy, askName, trouble, onMake }: MakeItProps) {
  const notPoured = notPouredIn(plan);
  return (
    <div className="flex flex-col gap-3">
      <Options
        label="When?"
        value={plan.when}
        onChange={(when) => change({ when })}
        options={[
          { value: "now", label: "start now" },
          { value: "onHead", label: "on the head at …", note: "counts back from there" },
          { value: "made", label: "it was made already", note: "on paper, yesterday: enter it as it was" },
        ]}
      />
      {plan.when === "onHead" && (
        <Field label="On the head at">
          {(a) => (
            <input
              {...a}
              type="datetime-local"
              value={plan.onHeadAt}
              onChange={(e) => change({ onHeadAt: e.target.value })}
            />
          )}
        </Field>
      )}
      {plan.when === "made" && (
        <>
          <Field label="Mixed at">
            {(a) => (
              <input
                {...a}
                type="datetime-local"
                value={plan.madeAt}
                onChange={(e) => change({ madeAt: e.target.value })}
              />
            )}
          </Field>
          <Field
            label="Really poured, ml"
            hint="Empty where nobody wrote it down."
            problem={notPoured && problemWords(notPoured)}
          >
            {(a) => (
              <input
                {...a}
                inputMode="decimal"
                value={plan.pouredText}
                onChange={(e) => change({ pouredText: e.target.value })}
              />
            )}
          </Field>
        </>
      )}
      {askName && (
        <Field label="Whose head is it?" hint="It is kept under Heads.">
          {(a) => (
            <input
              {...a}
              value={plan.headName}
              maxLength={LIMITS.nameChars.max}
              onChange={(e) => change({ headName: e.target.value })}
            />
          )}
        </Field>
      )}
      <Button
        look="main"
        disabled={
          busy ||
          (plan.when === "onHead" && !plan.onHeadAt) ||
          (plan.when === "made" && (!plan.madeAt || Boolean(notPoured)))
        }
        onClick={onMake}
      >
        {plan.when === "made" ? "Enter it" : "Open the worksheet"}
      </Button>
      {trouble && <p className="text-stop">{trouble}</p>}
    </div>
  );
}
