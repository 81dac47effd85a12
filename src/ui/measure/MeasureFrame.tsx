"use client";
import type { ReactNode } from "react";
import { wordFor } from "@/core/paste";
import { expectedReading } from "@/core/reading";
import { bandWords } from "@/words/amounts";
import { CONSISTENCY_NAME } from "@/words/names";
import { problemWords } from "@/words/problems";
import { Announced } from "../parts/Announced";
import { Field } from "../forms/Field";
import { Options } from "../forms/Options";
import { CardSheet } from "./CardSheet";
import { ConsistencyScale } from "./ConsistencyScale";
import { HowTo } from "./HowTo";
import { Minute } from "./Minute";
import { PlatePicture } from "./PlatePicture";
import { RingPicture } from "./RingPicture";
import { USUAL_PX_PER_MM, usePxPerMm } from "./trueSize";
import type { Form, Typed } from "./useReading";

const likeWords = (yieldPa: number): string => {
  const word = wordFor(yieldPa);
  return word ? `like ${CONSISTENCY_NAME[word]}` : "it runs like water";
};

const CLAY: readonly [number, number, number] = [0.62, 0.07, 110];

interface MeasureFrameProps {
  readonly title: string;
  readonly form: Form;
  readonly colour?: readonly [number, number, number];
  readonly targetPa?: number;
  readonly density: number;
  readonly before?: ReactNode;
  readonly children: ReactNode;
}

/** What every measuring shares: the picture at true size, how it is done, the readings and where they stand. */
export function MeasureFrame({ title, form, colour = CLAY, targetPa, density, before, children }: MeasureFrameProps) {
  const { text, setText, problems, read, started } = form;
  const kept = usePxPerMm();
  const px = kept ?? USUAL_PX_PER_MM;
  const set = (change: Partial<Typed>) => setText({ ...text, ...change });
  const problemAt = (field: string) => {
    const found = problems.find((problem) => problem.field === field);
    return found && problemWords(found);
  };
  const [across, along] = [Number(text.across) || 60, Number(text.along) || Number(text.across) || 60];
  const [height, slump] = [Math.min(150, Math.max(20, Number(text.height) || 50)), Number(text.slump) || 15];
  const wanted =
    targetPa && text.by === "plate" && Number(text.drop) > 0
      ? expectedReading.plateAcrossMm(targetPa, Number(text.drop), density)
      : undefined;
  const size = kept ? "at true size" : "not yet at true size";
  const slider = (label: string, value: number, max: number, change: (value: string) => void) => (
    <label className="flex items-center gap-2 text-sm">
      <span className="w-14">{label}</span>
      <input
        type="range"
        className="flex-1"
        min={label === "sunk" ? 0 : 25}
        max={max}
        step={1}
        value={Math.min(max, value)}
        onChange={(event) => change(event.target.value)}
      />
    </label>
  );
  return (
    <div className="mx-auto max-w-[82rem] px-4 pt-6 md:px-10">
      <h1 className="text-sentence">{title}</h1>
      <div className="mt-3 grid gap-x-12 gap-y-6 lg:grid-cols-[minmax(0,1fr)_26rem]">
        <div className="flex min-w-0 flex-col gap-5">
          <div
            className={
              "flex min-w-0 flex-col gap-x-8 gap-y-4" + (text.by === "plate" ? " md:flex-row md:items-center" : "")
            }
          >
            <div className="min-w-0 shrink-0 overflow-x-auto">
              {text.by === "plate" ? (
                <PlatePicture
                  acrossMm={across}
                  alongMm={along}
                  pxPerMm={px}
                  colour={colour}
                  wantedMm={wanted}
                  text={
                    `A plate from above, ${size}: a drop ${Math.round(across)} by ${Math.round(along)} mm` +
                    (wanted ? `; as wanted it would lie ${Math.round(wanted)} mm wide` : "") +
                    "."
                  }
                />
              ) : (
                <RingPicture
                  heightMm={height}
                  slumpMm={Math.min(slump, height)}
                  yieldPa={read?.yieldPa.mid}
                  pxPerMm={px}
                  colour={colour}
                  text={
                    `A ring of ${height} mm from the side, ${size}: the paste has sunk ` +
                    `${Math.round(Math.min(slump, height))} mm.`
                  }
                />
              )}
            </div>
            <HowTo by={text.by} />
          </div>
          <p className="text-sm text-quiet">
            {text.by === "plate"
              ? "Lay a clear plate on the screen, or hold a rule to the drop. " +
                `${wanted ? "The dashed round is the paste you want." : ""}`
              : "Hold the screen beside it, or a rule."}{" "}
            {kept ? "True size on this screen." : "Not true to size yet:"} <CardSheet />
          </p>
        </div>
        <div className="flex flex-col gap-4">
          {before}
          <Options
            label="Which test?"
            value={text.by}
            onChange={(by) => set({ by })}
            options={[
              { value: "plate", label: "a drop on a plate", note: "batter and thinner creams" },
              { value: "ring", label: "a ring, lifted off", note: "creams, thick pastes, mash" },
            ]}
          />
          <Minute />
          {text.by === "plate" ? (
            <div className="grid grid-cols-3 gap-3">
              <Field label="The drop, ml" problem={problemAt("volumeMl")}>
                {(a) => (
                  <input
                    {...a}
                    className="w-full"
                    inputMode="decimal"
                    value={text.drop}
                    onChange={(e) => set({ drop: e.target.value })}
                  />
                )}
              </Field>
              <Field label="Across, mm" problem={problemAt("acrossMm")}>
                {(a) => (
                  <input
                    {...a}
                    className="w-full"
                    inputMode="decimal"
                    value={text.across}
                    onChange={(e) => set({ across: e.target.value })}
                  />
                )}
              </Field>
              <Field label="Along, mm" problem={problemAt("alongMm")}>
                {(a) => (
                  <input
                    {...a}
                    className="w-full"
                    inputMode="decimal"
                    value={text.along}
                    onChange={(e) => set({ along: e.target.value })}
                  />
                )}
              </Field>
              <div className="col-span-3">
                {slider("across", across, 150, (value) => set({ across: value }))}
                {slider("along", along, 150, (value) => set({ along: value }))}
              </div>
            </div>
          ) : (
            <div className="grid grid-cols-2 gap-3">
              <Field label="The ring is high, mm" problem={problemAt("heightMm")}>
                {(a) => (
                  <input
                    {...a}
                    className="w-full"
                    inputMode="decimal"
                    value={text.height}
                    onChange={(e) => set({ height: e.target.value })}
                  />
                )}
              </Field>
              <Field label="It sank, mm" problem={problemAt("slumpMm")}>
                {(a) => (
                  <input
                    {...a}
                    className="w-full"
                    inputMode="decimal"
                    value={text.slump}
                    onChange={(e) => set({ slump: e.target.value })}
                  />
                )}
              </Field>
              <div className="col-span-2">{slider("sunk", slump, height, (value) => set({ slump: value }))}</div>
            </div>
          )}
          <div>
            <Announced
              text={read && started ? `${bandWords(read.yieldPa).mid} Pa, ${likeWords(read.yieldPa.mid)}` : ""}
            />
            {read && started && <p className="font-say text-figure font-semibold">{bandWords(read.yieldPa).mid} Pa</p>}
            {read && started && (
              <p className="text-quiet">
                {bandWords(read.yieldPa).range}; {likeWords(read.yieldPa.mid)}
              </p>
            )}
            {form.outOfReach && (
              <p>
                <button
                  type="button"
                  className="pressable min-h-11"
                  onClick={() => set({ by: text.by === "ring" ? "plate" : "ring" })}
                >
                  {text.by === "ring" ? "try the plate" : "try the ring"}
                </button>
              </p>
            )}
          </div>
          <ConsistencyScale band={started ? read?.yieldPa : undefined} targetPa={targetPa} />
          {children}
        </div>
      </div>
    </div>
  );
}
