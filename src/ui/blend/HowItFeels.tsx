"use client";
import type { Advice, FeelAnswer } from "@/core/feel";
import { FEELS } from "@/core/feel";
import { CHOICES, type Choices } from "@/core/paste";
import { adviceWords, FEEL_NAME, feelDegree, OIL_NAME, TOOL_NAME, WASH_NAME, WHERE_NAME } from "@/words/feel";
import { materialName, WORN_NAME } from "@/words/names";
import { Field } from "../forms/Field";
import { Fold } from "../parts/Fold";
import { Sheet } from "../parts/Sheet";

interface HowItFeelsProps {
  readonly feel: FeelAnswer;
  readonly choices: Choices | undefined;
  /** Left out where a bowl is made and nothing can be chosen any more. */
  readonly onChoose?: (choices: Choices) => void;
  readonly hasOil: boolean;
}

const STRAND = { width: 94, wave: 4.5 };

/** Six sides of the feel as six strands, each as far drawn as it scores; then what to do about them. */
export function HowItFeels({ feel, choices, onChoose, hasOil }: HowItFeelsProps) {
  const strongest = [...FEELS].sort((a, b) => feel.scores[b].score - feel.scores[a].score).slice(0, 2);
  const line = strongest.map((side) => `${FEEL_NAME[side]} ${feelDegree(feel.scores[side].score)}`).join(", ");
  return (
    <Fold title="How it will feel" line={line}>
      <dl className="mt-1 grid max-w-[40rem] gap-x-8 sm:grid-cols-2">
        {FEELS.map((side) => {
          const { score, by } = feel.scores[side];
          return (
            <div key={side} className="flex items-center justify-between gap-3 border-b border-line py-1">
              <dt className="w-16 text-quiet">{FEEL_NAME[side]}</dt>
              <dd className="flex flex-1 items-center justify-end gap-3">
                <Strand score={score} />
                <span className="w-36 text-right text-sm sm:w-28">
                  <strong>{feelDegree(score)}</strong>
                  {by !== undefined && score >= 0.05 && (
                    <span className="block leading-tight text-quiet">{materialName(feel.things[by].materialId)}</span>
                  )}
                </span>
              </dd>
            </div>
          );
        })}
      </dl>
      <ul className="mt-3 max-w-[44rem] space-y-1">
        {feel.advice.map((advice) => (
          <li key={advice.topic}>{own(advice, choices) ?? adviceWords(advice, feel)}</li>
        ))}
        {choices?.tool && <li>You chose: put on {TOOL_NAME[choices.tool]}; the amount goes by that.</li>}
        {choices?.worn && <li>You chose: the hair {WORN_NAME[choices.worn]} while it is on.</li>}
        {hasOil && choices?.oil === "first" && <li>You chose: oil {OIL_NAME.first}.</li>}
      </ul>
      {onChoose && <Otherwise choices={choices ?? {}} onChoose={onChoose} hasOil={hasOil} />}
    </Fold>
  );
}

/** A wavy line, as long as the score. */
function Strand({ score }: { score: number }) {
  const points = Array.from(
    { length: 31 },
    (_, i) =>
      `${((i / 30) * STRAND.width * score).toFixed(1)} ` +
      `${(8 + STRAND.wave * Math.sin((i / 30) * score * 10)).toFixed(1)}`,
  );
  return (
    <svg viewBox={`-2 0 ${STRAND.width + 4} 16`} className="hidden h-4 w-20 sm:block" aria-hidden>
      <line x1="0" x2={STRAND.width} y1="8" y2="8" className="stroke-line" strokeWidth="1" strokeDasharray="2 4" />
      {score > 0.01 && (
        <path
          d={`M${points.join("L")}`}
          className="fill-none stroke-ink"
          strokeWidth="3.4"
          strokeLinecap="round"
          strokeLinejoin="round"
        />
      )}
    </svg>
  );
}

/** The maker's own choice, where it differs from the advice. */
function own(advice: Advice, choices: Choices | undefined): string | undefined {
  if (!choices || !("choice" in advice)) return undefined;
  const chosen = choices[advice.topic];
  if (chosen === undefined || chosen === advice.choice) return undefined;
  switch (advice.topic) {
    case "strain":
      return chosen
        ? "You chose: through a sieve, before any oil."
        : "You chose: unstrained. Conditioner floats bits out.";
    case "where":
      return `You chose: ${WHERE_NAME[chosen as keyof typeof WHERE_NAME]}.`;
    case "washOut":
      return `You chose: ${WASH_NAME[chosen as keyof typeof WASH_NAME]}.`;
    case "conditionAfter":
      return chosen ? "You chose: conditioner afterwards." : "You chose: no conditioner afterwards.";
  }
}

const YES_NO = { true: "yes", false: "no" } as const;

/** Where a maker knows better; kept with the blend. */
function Otherwise({
  choices,
  onChoose,
  hasOil,
}: {
  choices: Choices;
  onChoose: (choices: Choices) => void;
  hasOil: boolean;
}) {
  const pick = <K extends keyof Choices>(key: K, label: string, names: Readonly<Record<string, string>>) => (
    <Field label={label}>
      {(a) => (
        <select
          {...a}
          className="w-full"
          value={String(choices[key] ?? "")}
          onChange={(event) => {
            const { [key]: _, ...rest } = choices;
            const value = CHOICES[key].find((one) => String(one) === event.target.value);
            onChoose(value === undefined ? rest : { ...rest, [key]: value });
          }}
        >
          <option value="">as advised</option>
          {CHOICES[key].map((one) => (
            <option key={String(one)} value={String(one)}>
              {names[String(one)]}
            </option>
          ))}
        </select>
      )}
    </Field>
  );
  return (
    <Sheet
      title="Do it otherwise"
      trigger={
        <button type="button" className="pressable mt-1 min-h-11 text-left">
          do it otherwise
        </button>
      }
    >
      <div className="flex flex-col gap-3">
        {pick("strain", "Through a sieve?", YES_NO)}
        {pick("tool", "Put on with?", TOOL_NAME)}
        {pick("where", "Where on the head?", WHERE_NAME)}
        {pick("washOut", "Washed out with?", WASH_NAME)}
        {pick("conditionAfter", "Conditioner afterwards?", YES_NO)}
        {pick("worn", "While it is on, the hair?", WORN_NAME)}
        {hasOil && pick("oil", "The oil?", OIL_NAME)}
      </div>
    </Sheet>
  );
}
