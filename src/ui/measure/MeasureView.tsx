"use client";
import Link from "next/link";
import { useRouter } from "next/navigation";
import { useRef, useState } from "react";
import { v7 as uuid } from "uuid";
import { asMade, unpackEvents, type BatchState } from "@/core/batch";
import { jarReading, readingsOf } from "@/core/learn";
import { LIMITS } from "@/core/limits";
import { findMaterial, massG, type Material } from "@/core/material";
import { parseAmount, spoonMl } from "@/core/measure";
import { correctPaste, pasteDensity, phiOf, solveAmountG, TARGET_PA, thing, wordFor, type PasteAnswer } from "@/core/paste";
import { checkReading, expectedReading, OUT_OF_REACH, readYield, type Reading } from "@/core/reading";
import { haveOf, jarMaterial } from "@/core/shelf";
import type { StoredBatch } from "@/store/batches";
import type { StoredJar } from "@/store/jars";
import { bandWords, kitchenNumber, minuteWords, roundTo } from "@/words/amounts";
import { againstTables, notLearntWords } from "@/words/learn";
import { CONSISTENCY_NAME, materialName } from "@/words/names";
import { problemWords } from "@/words/problems";
import { send } from "../api";
import { useEvents } from "../batch/useEvents";
import { WaysOn } from "../blend/Mixing";
import { typed } from "../blend/document";
import { mixColour } from "../bowl/mixColour";
import { houseNow } from "../clock";
import { Button } from "../parts/Button";
import { Field } from "../parts/Field";
import { Options } from "../parts/Options";
import { useShelf } from "../shelf/ShelfContext";
import { CardSheet } from "./CardSheet";
import { ConsistencyScale } from "./ConsistencyScale";
import { HowTo } from "./HowTo";
import { Minute } from "./Minute";
import { PlatePicture } from "./PlatePicture";
import { RingPicture } from "./RingPicture";
import { USUAL_PX_PER_MM, usePxPerMm } from "./trueSize";

interface MeasureViewProps {
  readonly bowl?: { readonly batch: StoredBatch; readonly packedEvents: string; readonly rev: number };
  readonly jar?: StoredJar;
  readonly kitchenTempC: number;
}
const MINUTE_MS = 60_000;
const CLAY: readonly [number, number, number] = [0.62, 0.07, 110];

/** Measures a paste with a ring or on a plate: of a bowl, of one jar's powder, or of anything. */
export function MeasureView({ bowl, jar, kitchenTempC }: MeasureViewProps) {
  if (bowl) return <OfBowl {...bowl} />;
  return jar ? <OfJar jar={jar} kitchenTempC={kitchenTempC} /> : <OfAnything />;
}

interface Typed { readonly by: Reading["by"]; readonly height: string; readonly slump: string; readonly drop: string; readonly across: string; readonly along: string }
const FIRST: Typed = { by: "plate", height: "50", slump: "", drop: "", across: "", along: "" };

function readingOf(text: Typed): Reading {
  return text.by === "ring" ? { by: "ring", heightMm: typed(text.height), slumpMm: typed(text.slump) } : { by: "plate", volumeMl: typed(text.drop), acrossMm: typed(text.across), alongMm: typed(text.along) };
}

/** The form and the true-size picture; what is read comes out as a reading, usable or not. */
function useReading(density: number) {
  const { spoons } = useShelf();
  const [text, setText] = useState<Typed>({ ...FIRST, drop: String(Number(spoonMl(spoons).tbsp.toFixed(1))) });
  const reading = readingOf(text);
  const problems = checkReading(reading, density);
  const read = problems.length === 0 ? readYield(reading, pasteDensity(density)) : undefined;
  const started = text.by === "ring" ? text.slump.trim() !== "" : text.across.trim() !== "" && text.along.trim() !== "";
  const outOfReach = problems.some(({ code }) => OUT_OF_REACH.includes(code));
  return { text, setText, reading, problems: started ? problems : [], read: read?.ok ? read.value : undefined, started, outOfReach, usable: started && (problems.length === 0 || outOfReach) };
}
type Form = ReturnType<typeof useReading>;

interface FrameProps { readonly title: string; readonly form: Form; readonly colour?: readonly [number, number, number]; readonly targetPa?: number; readonly density: number; readonly before?: React.ReactNode; readonly children: React.ReactNode }

function Frame({ title, form, colour = CLAY, targetPa, density, before, children }: FrameProps) {
  const { text, setText, problems, read, started } = form;
  const kept = usePxPerMm();
  const px = kept ?? USUAL_PX_PER_MM;
  const set = (change: Partial<Typed>) => setText({ ...text, ...change });
  const problemAt = (field: string) => { const found = problems.find((problem) => problem.field === field); return found && problemWords(found); };
  const [across, along] = [Number(text.across) || 60, Number(text.along) || Number(text.across) || 60];
  const [height, slump] = [Math.min(150, Math.max(20, Number(text.height) || 50)), Number(text.slump) || 15];
  const wanted = targetPa && text.by === "plate" && Number(text.drop) > 0 ? expectedReading.plateAcrossMm(targetPa, Number(text.drop), density) : undefined;
  const size = kept ? "at true size" : "not yet at true size";
  const slider = (label: string, value: number, max: number, change: (value: string) => void) => (
    <label className="flex items-center gap-2 text-sm"><span className="w-14">{label}</span><input type="range" className="flex-1" min={label === "sunk" ? 0 : 25} max={max} step={1} value={Math.min(max, value)} onChange={(event) => change(event.target.value)} /></label>
  );
  return (
    <div className="mx-auto max-w-[82rem] px-4 pt-6 md:px-10">
      <h1 className="text-sentence">{title}</h1>
      <div className="mt-3 grid gap-x-12 gap-y-6 lg:grid-cols-[minmax(0,1fr)_26rem]">
        <div className="flex min-w-0 flex-col gap-5">
          <div className={`flex min-w-0 flex-col gap-x-8 gap-y-4 ${text.by === "plate" ? "md:flex-row md:items-center" : ""}`}>
          <div className="min-w-0 shrink-0 overflow-x-auto">
            {text.by === "plate"
              ? <PlatePicture acrossMm={across} alongMm={along} pxPerMm={px} colour={colour} wantedMm={wanted} text={`A plate from above, ${size}: a drop ${Math.round(across)} by ${Math.round(along)} mm${wanted ? `; as wanted it would lie ${Math.round(wanted)} mm wide` : ""}.`} />
              : <RingPicture heightMm={height} slumpMm={Math.min(slump, height)} yieldPa={read?.yieldPa.mid} pxPerMm={px} colour={colour} text={`A ring of ${height} mm from the side, ${size}: the paste has sunk ${Math.round(Math.min(slump, height))} mm.`} />}
          </div>
          <HowTo by={text.by} />
          </div>
          <p className="text-sm text-quiet">
            {text.by === "plate" ? `Lay a clear plate on the screen, or hold a rule to the drop. ${wanted ? "The dashed round is the paste you want." : ""}` : "Hold the screen beside it, or a rule."}{" "}{kept ? "True size on this screen." : "Not true to size yet:"} <CardSheet />
          </p>
        </div>
        <div className="flex flex-col gap-4">
          {before}
          <Options label="Which test?" value={text.by} onChange={(by) => set({ by })} options={[{ value: "plate", label: "a drop on a plate", note: "batter and thinner creams" }, { value: "ring", label: "a ring, lifted off", note: "creams, thick pastes, mash" }]} />
          <Minute />
          {text.by === "plate" ? (
            <div className="grid grid-cols-3 gap-3">
              <Field label="The drop, ml" problem={problemAt("volumeMl")}>{(a) => <input {...a} className="w-full" inputMode="decimal" value={text.drop} onChange={(e) => set({ drop: e.target.value })} />}</Field>
              <Field label="Across, mm" problem={problemAt("acrossMm")}>{(a) => <input {...a} className="w-full" inputMode="decimal" value={text.across} onChange={(e) => set({ across: e.target.value })} />}</Field>
              <Field label="Along, mm" problem={problemAt("alongMm")}>{(a) => <input {...a} className="w-full" inputMode="decimal" value={text.along} onChange={(e) => set({ along: e.target.value })} />}</Field>
              <div className="col-span-3">{slider("across", across, 150, (value) => set({ across: value }))}{slider("along", along, 150, (value) => set({ along: value }))}</div>
            </div>
          ) : (
            <div className="grid grid-cols-2 gap-3">
              <Field label="The ring is high, mm" problem={problemAt("heightMm")}>{(a) => <input {...a} className="w-full" inputMode="decimal" value={text.height} onChange={(e) => set({ height: e.target.value })} />}</Field>
              <Field label="It sank, mm" problem={problemAt("slumpMm")}>{(a) => <input {...a} className="w-full" inputMode="decimal" value={text.slump} onChange={(e) => set({ slump: e.target.value })} />}</Field>
              <div className="col-span-2">{slider("sunk", slump, height, (value) => set({ slump: value }))}</div>
            </div>
          )}
          <div aria-live="polite">
            {read && started && <p className="font-say text-figure font-semibold">{bandWords(read.yieldPa).mid} Pa</p>}
            {read && started && <p className="text-quiet">{bandWords(read.yieldPa).range}; {wordFor(read.yieldPa.mid) ? `like ${CONSISTENCY_NAME[wordFor(read.yieldPa.mid)!]}` : "it runs like water"}</p>}
            {form.outOfReach && <p><button type="button" className="pressable min-h-11" onClick={() => set({ by: text.by === "ring" ? "plate" : "ring" })}>{text.by === "ring" ? "try the plate" : "try the ring"}</button></p>}
          </div>
          <ConsistencyScale band={started ? read?.yieldPa : undefined} targetPa={targetPa} />
          {children}
        </div>
      </div>
    </div>
  );
}

/** A bowl that is being made: what to do about it, and what its jars learn. */
function OfBowl({ batch, packedEvents, rev }: NonNullable<MeasureViewProps["bowl"]>) {
  const { question, answer } = batch;
  const { shelf } = useShelf();
  const [first] = useState(() => unpackEvents(packedEvents));
  const { events, state, trouble, refused, happen } = useEvents(batch.id, first, rev);
  const [nowMs] = useState(houseNow);
  const made = asMade(question, answer, state);
  const density = densityOf(made.answer ?? answer);
  const form = useReading(density);
  const minutes = soakedFor(state, nowMs);
  const correction = form.read && form.started ? correctPaste({ ...made.question, liquid: question.liquid }, { by: "test", reading: form.reading }, { pouredMl: state.pouredMl, minutesSoaked: minutes, haveG: haveOf(shelf, made.question.lines) }) : undefined;
  const kept = readingsOf(question, answer, events);
  const last = kept.at(-1);
  const keep = () => { happen({ kind: "tested", ...form.reading }); form.setText({ ...form.text, slump: "", across: "", along: "" }); };
  return (
    <Frame
      title={`Measure ${batch.blendName} for ${batch.headName}`} form={form} colour={mixColour(answer.layers)} targetPa={answer.targetYieldPa} density={density}
      before={<p><Link href={`/batches/${batch.id}`} className="pressable">the bowl</Link>: {roundTo(state.pouredMl, 1)} ml poured, {minutes < 1 ? "not soaked yet" : `soaked ${minuteWords(minutes)}`}.{state.pouredMl === 0 && <strong> Nothing is noted as poured; note it there first, or the test says little.</strong>}</p>}
    >
      <p aria-live="assertive" className="text-stop">{trouble}{refused}</p>
      {correction && (correction.ok ? <WaysOn found={correction.value} question={made.question} /> : <p className="text-stop">{correction.problems.map(problemWords).join(" ")}</p>)}
      {form.usable && <Button look="main" className="self-start" onClick={keep}>Keep this reading</Button>}
      {last && (
        <p role="status">
          Kept. {last.judged.learns
            ? <>It says the powders hold {againstTables(Math.exp(last.judged.lnFactor))}, and teaches {last.judged.shares.map(({ jarId }, i) => <span key={jarId}>{i > 0 && ", "}<Link href={`/shelf/${jarId}`} className="pressable">{jarName(shelf.jars, jarId)}</Link></span>)}.</>
            : notLearntWords(last.judged.why)}
        </p>
      )}
    </Frame>
  );
}
const jarName = (jars: readonly { readonly id: string; readonly materialId: string }[], id: string): string => { const jar = jars.find((one) => one.id === id); return jar ? materialName(jar.materialId) : "a jar that is gone"; };
const densityOf = ({ totalG, totalMl }: PasteAnswer): number => (totalMl > 0 ? totalG.mid / totalMl : 1.1);
const soakedFor = ({ reachedMs, firstPourMs }: BatchState, nowMs: number): number => Math.min(LIMITS.soakedMin.max, Math.max(0, (nowMs - (reachedMs.mixed ?? firstPourMs ?? nowMs)) / MINUTE_MS));

/** One jar's powder by itself, in water: what it holds. */
function OfJar({ jar, kitchenTempC }: { jar: StoredJar; kitchenTempC: number }) {
  const { find, shelf, spoons } = useShelf();
  const router = useRouter();
  const material = find(jar.materialId);
  const [powder, setPowder] = useState("20 g");
  const [water, setWater] = useState(() => String(Math.round(20 * (material ? waterFor(material) : 3))));
  const [minutes, setMinutes] = useState("30");
  const [temp, setTemp] = useState(String(kitchenTempC));
  const [trouble, setTrouble] = useState<string>();
  const [busy, setBusy] = useState(false);
  const id = useRef<string>(undefined);
  const amount = parseAmount(powder);
  const form = useReading(1.1);
  if (!material) return null;
  const understood = amount.kind === "understood" ? { amount: amount.amount.count.value, unit: amount.amount.unit, fill: amount.amount.fill } : amount.kind === "number" ? { amount: amount.count, unit: "g" as const, fill: "level" as const } : undefined;
  const test = understood && { ...understood, waterMl: typed(water), minutes: typed(minutes), tempC: typed(temp), reading: form.reading };
  const own = jarMaterial(jar, material, spoons, shelf.learnt);
  const mass = understood && massG(own, understood.amount, understood.unit, understood.fill, spoons);
  const complete = test !== undefined && mass !== undefined && [test.waterMl, test.minutes, test.tempC].every(Number.isFinite);
  const judged = complete && form.read && form.started ? jarReading(test, jar.id, jarMaterial(jar, material, spoons), material, spoons) : undefined;
  const keep = async () => {
    if (!test) return;
    setBusy(true);
    // The same test sent again is the same test.
    const answer = await send("POST", `jars/${jar.id}/readings`, { id: (id.current ??= uuid()), ...test });
    setBusy(false);
    if (!answer.ok) return setTrouble([answer.title, ...answer.errors.map(({ message }) => message)].join(" "));
    router.push(`/shelf/${jar.id}`);
    router.refresh();
  };
  const field = (label: string, value: string, set: (text: string) => void, problem?: string, hint?: string) => <Field label={label} problem={problem} hint={hint}>{(a) => <input {...a} className="w-full" value={value} onChange={(e) => { set(e.target.value); id.current = undefined; }} />}</Field>;
  return (
    <Frame
      title={`Measure the ${materialName(jar.materialId)}`} form={form} colour={material.colour} density={1.1}
      before={(
        <div className="flex flex-col gap-3">
          <p>Stir a little of this jar with water, let it soak, and test it. <Link href={`/shelf/${jar.id}`} className="pressable">the jar</Link></p>
          <div className="grid grid-cols-2 gap-3">
            {field("Powder", powder, setPowder, mass ? undefined : "An amount, such as 20 g or 2 tbsp.", mass && understood?.unit !== "g" ? `about ${Math.round(mass.value)} g; a scale teaches more` : undefined)}
            {field("Water, ml", water, setWater, Number.isFinite(typed(water)) ? undefined : "A number.")}
            {field("Soaked, minutes", minutes, setMinutes, Number.isFinite(typed(minutes)) ? undefined : "A number.")}
            {field("Kitchen, °C", temp, setTemp, Number.isFinite(typed(temp)) ? undefined : "A number.")}
          </div>
        </div>
      )}
    >
      {judged && <p>{judged.learns ? <>By this test it holds <strong>{kitchenNumber(Math.round((own.holding.kind === "perGram" ? holdingOf(material) * Math.exp(judged.lnFactor) : 0) * 100) / 100)} ml a gram</strong>; the tables say {kitchenNumber(holdingOf(material))}.</> : notLearntWords(judged.why)}</p>}
      {trouble && <p role="alert" className="text-stop">{trouble}</p>}
      {form.usable && complete && <Button look="main" className="self-start" disabled={busy} onClick={() => void keep()}>Keep this reading</Button>}
    </Frame>
  );
}
const holdingOf = ({ holding }: Material): number => (holding.kind === "perGram" ? holding.mlPerG.value : 0);
/** ml of water that make a gram of it a cream. */
const waterFor = (material: Material): number => solveAmountG([thing(material, 1)], thing(findMaterial("water")!, 1), phiOf(TARGET_PA.cream)) ?? 3;

/** Any paste at all: what it stands at, and nothing kept. */
function OfAnything() {
  const form = useReading(1.1);
  return <Frame title="Measure a paste" form={form} density={1.1} targetPa={TARGET_PA.cream}><p className="text-quiet">Nothing is kept here. Open it from a bowl or a jar, and what it teaches is kept with them.</p></Frame>;
}
