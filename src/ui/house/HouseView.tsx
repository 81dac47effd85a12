"use client";
import { useRouter } from "next/navigation";
import { useCallback, useState } from "react";
import { LIMITS } from "@/core/limits";
import { checkNumber } from "@/core/checkNumber";
import { checkSpoons } from "@/core/measure";
import type { DoorAnswer } from "@/server/answers";
import type { Settings } from "@/store/household";
import type { PastImport } from "@/store/imports";
import type { Removed } from "@/store/removed";
import { problemWords } from "@/words/problems";
import { typed } from "../forms/typed";
import { useChanges } from "../useChanges";
import { Door } from "./Door";
import { TheBook } from "./TheBook";
import { RemovedList } from "../removed/RemovedList";
import { Button } from "../parts/Button";
import { Field } from "../forms/Field";
import { useWrite } from "../forms/useWrite";
import { InstrumentsHere } from "./InstrumentsHere";
import { OwnSpoonsFields } from "./OwnSpoonsFields";

interface HouseViewProps {
  readonly name: string;
  readonly settings: Settings;
  readonly timeZones: readonly string[];
  readonly currencies: readonly string[];
  readonly door: DoorAnswer;
  readonly imports: readonly PastImport[];
  readonly removed: readonly Removed[];
  readonly port: string;
  readonly nowMs: number;
  /** The household's when this was read. */
  readonly rev: number;
}

/** What is the same for every bowl in this house, who may come in, and the whole book. */
export function HouseView({
  name,
  settings,
  timeZones,
  currencies,
  door,
  imports,
  removed,
  port,
  nowMs,
  rev,
}: HouseViewProps) {
  const router = useRouter();
  // A phone that comes in, or is sent away, shows here by itself.
  useChanges(
    rev,
    useCallback(() => router.refresh(), [router]),
  );
  const [houseName, setHouseName] = useState(name);
  const noName = houseName.trim() === "" ? "The house wants a name." : undefined;
  const [spoons, setSpoons] = useState(settings.spoons);
  const [kitchenText, setKitchenText] = useState(String(settings.kitchenTempC));
  const [timeZone, setTimeZone] = useState(settings.timeZone);
  const [currency, setCurrency] = useState(settings.currency);
  const [blenderText, setBlenderText] = useState(
    settings.vessels.blenderMl === undefined ? "" : String(settings.vessels.blenderMl),
  );
  const [bottleText, setBottleText] = useState(
    settings.vessels.bottleMl === undefined ? "" : String(settings.vessels.bottleMl),
  );
  const [said, setSaid] = useState("");
  const { write } = useWrite();
  const [altitudeText, setAltitudeText] = useState(String(settings.altitudeM));
  const { nightTempC } = settings;
  const [nightText, setNightText] = useState(
    nightTempC === undefined || nightTempC === settings.kitchenTempC ? "" : String(nightTempC),
  );
  const nightC = nightText.trim() ? typed(nightText) : typed(kitchenText);
  const tooCold = nightText.trim() ? checkNumber("nightTempC", nightC, "kitchenTempC") : undefined;
  const problem = checkNumber("kitchenTempC", typed(kitchenText), "kitchenTempC");
  const tooHigh = checkNumber("altitudeM", typed(altitudeText), "altitudeM");
  const vessel = (text: string) => {
    const wrong = text.trim() === "" ? undefined : checkNumber("vessels", typed(text), "vesselMl");
    return wrong && problemWords(wrong);
  };
  const unfit = vessel(blenderText) ?? vessel(bottleText);
  const save = async () => {
    const answer = await write("PUT", "settings", {
      name: houseName.trim(),
      spoons: typeof spoons === "string" ? { set: spoons } : { own: spoons },
      kitchenTempC: typed(kitchenText),
      nightTempC: nightC,
      altitudeM: typed(altitudeText),
      timeZone,
      currency,
      vessels: {
        ...(blenderText.trim() ? { blenderMl: typed(blenderText) } : {}),
        ...(bottleText.trim() ? { bottleMl: typed(bottleText) } : {}),
      },
    });
    setSaid(answer.ok ? "Kept." : answer.title);
    if (answer.ok) router.refresh();
  };
  return (
    <div className="mx-auto max-w-[82rem] px-4 pt-6 md:px-10">
      <h1 className="text-sentence">{name}</h1>
      <div className="mt-4 grid grid-cols-1 gap-x-16 gap-y-10 lg:grid-cols-2">
        <div className="min-w-0">
          <form
            className="flex max-w-md flex-col gap-5"
            onSubmit={(event) => {
              event.preventDefault();
              void save();
            }}
          >
            <Field label="The house is called" problem={noName}>
              {(a) => (
                <input
                  {...a}
                  value={houseName}
                  maxLength={LIMITS.nameChars.max}
                  onChange={(e) => setHouseName(e.target.value)}
                />
              )}
            </Field>
            <OwnSpoonsFields spoons={spoons} onChange={setSpoons} />
            <Field label="The kitchen is usually, °C" problem={problem && problemWords(problem)}>
              {(a) => (
                <input
                  {...a}
                  inputMode="decimal"
                  value={kitchenText}
                  onChange={(e) => setKitchenText(e.target.value)}
                />
              )}
            </Field>
            <Field
              label="And at night, °C"
              hint="Empty where it is as warm; from ten to seven."
              problem={tooCold && problemWords(tooCold)}
            >
              {(a) => (
                <input {...a} inputMode="decimal" value={nightText} onChange={(e) => setNightText(e.target.value)} />
              )}
            </Field>
            <Field
              label="The house stands above the sea, m"
              hint="Water boils cooler up there."
              problem={tooHigh && problemWords(tooHigh)}
            >
              {(a) => (
                <input
                  {...a}
                  inputMode="numeric"
                  value={altitudeText}
                  onChange={(e) => setAltitudeText(e.target.value)}
                />
              )}
            </Field>
            <div className="grid grid-cols-2 gap-3">
              <Field label="The blender's beaker, ml" hint="Empty where there is none." problem={vessel(blenderText)}>
                {(a) => (
                  <input
                    {...a}
                    className="w-full"
                    inputMode="numeric"
                    value={blenderText}
                    onChange={(e) => setBlenderText(e.target.value)}
                  />
                )}
              </Field>
              <Field label="The nozzle bottle, ml" hint="Empty where there is none." problem={vessel(bottleText)}>
                {(a) => (
                  <input
                    {...a}
                    className="w-full"
                    inputMode="numeric"
                    value={bottleText}
                    onChange={(e) => setBottleText(e.target.value)}
                  />
                )}
              </Field>
            </div>
            <Field label="Clock times are in">
              {(a) => (
                <select {...a} value={timeZone} onChange={(e) => setTimeZone(e.target.value)}>
                  {timeZones.map((zone) => (
                    <option key={zone}>{zone}</option>
                  ))}
                </select>
              )}
            </Field>
            <Field label="Jars are paid for in">
              {(a) => (
                <select {...a} value={currency} onChange={(e) => setCurrency(e.target.value)}>
                  {currencies.map((one) => (
                    <option key={one}>{one}</option>
                  ))}
                </select>
              )}
            </Field>
            <div className="flex items-center gap-4">
              <Button
                look="main"
                type="submit"
                disabled={Boolean(problem ?? tooCold ?? tooHigh ?? unfit ?? noName) || checkSpoons(spoons).length > 0}
              >
                Keep
              </Button>
              <span aria-live="polite">{said}</span>
            </div>
          </form>
          <section className="mt-10 max-w-xl" aria-label="About">
            <h2>What this is, and is not</h2>
            <p>
              Infusing computes amounts, thickness, rest and coverage from published models and sourced figures, and
              gives ranges where it does not know better. It promises no growth and no cure, and it is no doctor.
            </p>
          </section>
        </div>
        <div className="flex min-w-0 flex-col gap-10">
          <InstrumentsHere />
          <Door door={door} port={port} timeZone={settings.timeZone} nowMs={nowMs} />
          <TheBook imports={imports} timeZone={settings.timeZone} nowMs={nowMs} />
          <RemovedList removed={removed} timeZone={settings.timeZone} nowMs={nowMs} />
        </div>
      </div>
    </div>
  );
}
