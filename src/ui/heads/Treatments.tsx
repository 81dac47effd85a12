"use client";
import { LIMITS } from "@/core/limits";
import { TREATMENTS, type Treated, type Treatment } from "@/core/head";
import { TREATMENT_NAME } from "@/words/names";
import { Field } from "../forms/Field";

interface TreatmentsProps {
  readonly treated: readonly Treated[] | undefined;
  readonly onChange: (treated: readonly Treated[] | undefined) => void;
  /** What is wrong at `0.month` and the like. */
  readonly problemAt: (field: string) => string | undefined;
}

/** What was put on the hair before, and when: nothing has to be said, and a month may stay open. */
export function Treatments({ treated = [], onChange, problemAt }: TreatmentsProps) {
  const set = (all: readonly Treated[]) => onChange(all.length > 0 ? all : undefined);
  return (
    <div className="col-span-2 flex flex-col gap-2">
      <Field
        label="Put on it before"
        hint="A relaxer, bleach, perm or box dye, a plant dye, a restorer: what you know of."
      >
        {(attributes) => (
          <select
            {...attributes}
            value=""
            disabled={treated.length >= LIMITS.treatedCount.max}
            onChange={(event) => event.target.value && set([...treated, { what: event.target.value as Treatment }])}
          >
            <option value="">add one …</option>
            {TREATMENTS.map((what) => (
              <option key={what} value={what}>
                {TREATMENT_NAME[what]}
              </option>
            ))}
          </select>
        )}
      </Field>
      {treated.length > 0 && (
        <ul className="flex flex-col gap-2">
          {treated.map(({ what, month }, i) => (
            <li key={i} className="flex flex-wrap items-end gap-x-4">
              <span className="min-h-11 content-center font-semibold">{TREATMENT_NAME[what]}</span>
              <Field label={`Month of the ${TREATMENT_NAME[what]}, if known`} problem={problemAt(`${i}.month`)}>
                {(attributes) => (
                  <input
                    {...attributes}
                    type="month"
                    value={month ?? ""}
                    onChange={({ target: { value } }) =>
                      set(treated.map((one, at) => (at === i ? { what, ...(value ? { month: value } : {}) } : one)))
                    }
                  />
                )}
              </Field>
              <button
                type="button"
                className="pressable min-h-11"
                onClick={() => set(treated.filter((_, at) => at !== i))}
              >
                take it off again
              </button>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
