"use client";
import "@/core/catalogue";
import Link from "next/link";
import { useEffect, useMemo, useState } from "react";
import { PLAIN_PLAN, sketchFactor, type ColourPlan } from "@/core/colour";
import type { StrandStep } from "@/core/batch";
import { PLAIN_HEAD, type Head, type Treatment } from "@/core/head";
import type { Spoons } from "@/core/measure";
import { hairWords } from "@/words/hair";
import { Field } from "../forms/Field";
import { Button } from "../parts/Button";
import { useNow } from "../clock";
import { momentOf } from "../rest/wallClock";
import { Plan } from "./Plan";
import { planFrom, planText } from "./planText";

interface ColourHead {
  readonly id: string;
  readonly name: string;
  readonly hair: Head;
  /** How strands of it looked beside the sketch. */
  readonly looks: readonly StrandStep[];
}
export interface ColourViewProps {
  readonly heads: readonly ColourHead[];
  readonly headId: string | undefined;
  readonly first: string | undefined;
  readonly second: string | undefined;
  readonly tomorrow: string;
  readonly kitchenTempC: number;
  readonly spoons: Spoons;
  readonly timeZone: string;
  readonly nowMs: number;
}
const NONE: readonly StrandStep[] = [];
/** What nobody can tell the colour over. */
const UNKNOWN_UNDER: readonly Treatment[] = ["metalSalts", "boxDye"];

/** What a bowl will do to this hair: a sketch, of one plan or of two beside each other. */
export function ColourView({
  heads,
  headId,
  first,
  second,
  tomorrow,
  kitchenTempC,
  spoons,
  timeZone,
  nowMs: firstNow,
}: ColourViewProps) {
  const [of, setOf] = useState(headId);
  const [plan, setPlan] = useState<ColourPlan>(() => planFrom(first));
  const [other, setOther] = useState<ColourPlan | undefined>(() => (second ? planFrom(second) : undefined));
  const [onHead, setOnHead] = useState(tomorrow);
  const [anyway, setAnyway] = useState(false);
  const nowMs = useNow(firstNow);
  const head = heads.find(({ id }) => id === of);
  const hair = head?.hair ?? PLAIN_HEAD;
  const looks = head?.looks ?? NONE;
  const factor = useMemo(() => sketchFactor(looks), [looks]);
  // A plan can be sent on by its address.
  useEffect(() => {
    const query = new URLSearchParams({
      ...(of ? { head: of } : {}),
      a: planText(plan),
      ...(other ? { b: planText(other) } : {}),
    });
    window.history.replaceState(window.history.state, "", `/colour?${query}`);
  }, [of, plan, other]);
  const under = (hair.treated ?? []).filter(({ what }) => UNKNOWN_UNDER.includes(what));
  const stopped = under.length > 0 && looks.length === 0;
  const onHeadMs = momentOf(onHead, timeZone);
  const common = { head: hair, headId: head?.id, factor, kitchenTempC, spoons, onHeadMs, timeZone, nowMs };
  return (
    <div className="mx-auto max-w-[82rem] px-4 pt-6 md:px-10">
      <h1 className="text-sentence">What will it look like on {head ? `${head.name}’s hair` : "this hair"}?</h1>
      <div className="mt-3 flex flex-wrap items-start gap-x-6 gap-y-3">
        {heads.length > 0 && (
          <Field label="Whose hair">
            {(a) => (
              <select {...a} value={of ?? ""} onChange={(event) => setOf(event.target.value || undefined)}>
                {heads.map(({ id, name }) => (
                  <option key={id} value={id}>
                    {name}
                  </option>
                ))}
                <option value="">somebody else, brown hair</option>
              </select>
            )}
          </Field>
        )}
        <Field label="On the head at" problem={onHeadMs === undefined ? "A day and a time." : undefined}>
          {(a) => (
            <input {...a} type="datetime-local" value={onHead} onChange={(event) => setOnHead(event.target.value)} />
          )}
        </Field>
        <p className="max-w-[36rem] self-end text-quiet">
          {hairWords(hair)}.{" "}
          {head ? (
            <Link href={`/heads/${head.id}`} className="pressable">
              its grey and its level
            </Link>
          ) : (
            <Link href="/heads/new" className="pressable">
              describe a head
            </Link>
          )}
        </p>
      </div>
      <p className="mt-2 max-w-[52rem] text-quiet">
        A sketch by daylight, and no promise: hair, water and powder differ, and a screen is not the sun.{" "}
        {looks.length > 0
          ? `${looks.length === 1 ? "One strand" : `${looks.length} strands`} of it, tried before, moved the sketch.`
          : "A strand from the comb, tried first and noted on its bowl, moves it to this hair."}
        {head &&
          hair.treated === undefined &&
          " Nobody said what was put on this hair before; a strand shows that too."}
      </p>
      {stopped && (
        <p role="alert" className="mt-3 max-w-[52rem] border-l-4 border-stop pl-3">
          <strong className="text-stop">Stop: a strand first.</strong>{" "}
          {under.some(({ what }) => what === "metalSalts")
            ? "There are metal salts on this hair. With henna or indigo they can turn green, heat up or break the hair."
            : "There is a dye from a box on this hair, and nobody knows what is in it."}{" "}
          Try a strand from the comb with the very bowl, for the whole time, and look at it by daylight the next day. A
          hairdresser can test for metals.
        </p>
      )}
      {stopped && !anyway ? (
        <Button className="mt-3" onClick={() => setAnyway(true)}>
          Show the sketch as it would be without that
        </Button>
      ) : (
        <div className={`mt-5 grid gap-x-12 gap-y-10 ${other ? "lg:grid-cols-2" : "max-w-[46rem]"}`}>
          <Plan name={other ? "One way" : "The plan"} plan={plan} onChange={setPlan} {...common} />
          {other ? (
            <Plan
              name="The other way"
              plan={other}
              onChange={setOther}
              onDrop={() => setOther(undefined)}
              {...common}
            />
          ) : (
            <Button
              className="self-start justify-self-start"
              onClick={() => setOther({ ...plan, ...(plan.parts.length > 1 ? { how: "after" } : { parts: TWO }) })}
            >
              Beside another plan
            </Button>
          )}
        </div>
      )}
      <p className="mt-8 max-w-[52rem] text-sm text-quiet">
        Amla in the bowl keeps curl and takes henna a little cooler and browner; black tea or coffee as its liquid make
        it a shade deeper; an iron pan blackens the paste and the skin, and hardly the hair. None of them makes it ready
        sooner: that is acid and warmth.
      </p>
    </div>
  );
}
const TWO: ColourPlan["parts"] = [...PLAIN_PLAN.parts, { dye: "indigo", parts: 1 }];
