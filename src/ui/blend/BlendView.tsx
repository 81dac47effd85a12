"use client";
import dynamic from "next/dynamic";
import Link from "next/link";
import { useEffect, useMemo, useReducer, useRef, useState } from "react";
import type { Drawn } from "@/core/figure";
import { inSpoons, type Unit } from "@/core/measure";
import { computePaste, lookupIn, pourPlan, type PasteAnswer, type PasteQuestion } from "@/core/paste";
import type { BlendPage } from "@/server/blendPage";
import {
  bandWords,
  consistencyWords,
  countWords,
  coversWords,
  gramWords,
  kitchenNumber,
  materialName,
  mendWords,
  mlWords,
  obstacleWords,
  problemWords,
  ratioWords,
  roundTo,
  sizeWords,
  spoonWords,
  throughTimeWords,
  totalWords,
  verdictWords,
  warmthWord,
} from "@/words";
import { roundingWords } from "@/words/shelf";
import { Bowl, layerMiddles, VIEW } from "../bowl/Bowl";
import { bowlFor, spread } from "../bowl/geometry";
import { Jug } from "../bowl/Jug";
import { useShelf } from "../shelf/ShelfContext";
import { AddThing } from "./AddThing";
import { AsMuchAsThereIs } from "./AsMuchAsThereIs";
import { Cautions } from "./Cautions";
import {
  documentOf,
  edit,
  isBlendDocument,
  questionOf,
  type BlendDocument,
  type Edit,
  type TakenPage,
} from "./document";
import { JugSheet } from "./JugSheet";
import { CleanSpoons } from "./CleanSpoons";
import { LineSheet } from "./LineSheet";
import { TypedPage } from "./TypedPage";
import { isMuchEssentialOil } from "./MuchEssentialOil";
import { Mixing } from "./Mixing";
import { Needs } from "./Needs";
import { RestPicture } from "./RestPicture";
import { SaveAndMake } from "./SaveAndMake";
import { Sentence } from "./Sentence";
import { Announced } from "../parts/Announced";
import { OfferedDraft } from "../parts/OfferedDraft";
import { useDraft } from "../parts/useDraft";
import { usePour } from "./usePour";

// Below the fold, and with tables of its own: it comes after the bowl is drawn.
const FeelAndOrder = dynamic(() => import("./FeelAndOrder").then((file) => file.FeelAndOrder), { loading: () => null });
const LABEL_GAP = 35;
const SPOON_UNITS: readonly Unit[] = ["g", "ml", "tsp", "tbsp", "cup"];

const sentence = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** What a save keeps: everything but the head itself, which is kept under Heads. */
const contentOf = ({ head: _, ...kept }: BlendDocument): string =>
  JSON.stringify({
    ...kept,
    lines: kept.lines.map(({ materialId, jarId, role, text, unit, fill }) => ({
      materialId,
      jarId,
      role,
      text,
      unit,
      fill,
    })),
  });

/** The last answer that could be given, kept while something typed cannot be used yet. */
interface Solved {
  readonly answer: PasteAnswer;
  readonly question: PasteQuestion;
}

export function BlendView({ start, heads, spoons, saved: savedAtFirst, tomorrow }: BlendPage) {
  const { shelf, find } = useShelf();
  const [doc, apply] = useReducer(edit, start, ({ blend, ...rest }) => documentOf(blend, rest));
  /** The last large edit, and the way back to just before it: not past what was done since. */
  const [undo, setUndo] = useState<{ readonly said: string; readonly press: string; readonly before: BlendDocument }>();
  const undoPress = useRef<HTMLButtonElement>(null);
  // What was pressed is gone with the line: the way back takes the focus.
  useEffect(() => {
    if (undo && (document.activeElement === null || document.activeElement === document.body))
      undoPress.current?.focus();
  }, [undo]);
  const dispatch = (action: Edit) => {
    const out = action.do === "remove" ? doc.lines.find(({ key }) => key === action.key) : undefined;
    setUndo(
      out && {
        said: `${sentence(find(out.materialId)?.names[0].text ?? "It")} is taken out.`,
        press: "put it back",
        before: doc,
      },
    );
    apply(action);
  };
  const [saved, setSaved] = useState(savedAtFirst);
  const [savedContent, setSavedContent] = useState(savedAtFirst ? contentOf(doc) : undefined);
  const [openLine, setOpenLine] = useState<number>();
  const question = useMemo(() => questionOf(doc, spoons, shelf), [doc, spoons, shelf]);
  const result = useMemo(() => computePaste(question), [question]);
  const last = useRef<Solved | undefined>(undefined);
  useEffect(() => {
    if (result.ok) last.current = { answer: result.value, question };
  }, [result, question]);
  const [kept, setKept] = useState<Solved>();
  useEffect(() => {
    if (!result.ok) setKept(last.current);
  }, [result]);
  const shown: Solved | undefined = result.ok ? { answer: result.value, question } : kept;

  const drawn = usePour(result.ok ? question : undefined);

  const problems = result.ok ? [] : result.problems;
  const problemAt = (field: string) => {
    const found = problems.find((problem) => problem.field === field);
    return found && problemWords(found);
  };
  const lineProblem = (i: number) => {
    const found = problems.find((problem) => problem.field.startsWith(`lines.${i}.`));
    return found && problemWords(found);
  };
  const whole = problemAt("lines");
  const changed = savedContent !== contentOf(doc);
  const draft = useDraft(
    `blend:${saved?.id ?? "new"}`,
    doc,
    isBlendDocument,
    saved ? changed : doc.lines.length > 0 || doc.name !== "",
    saved?.rev ?? 0,
  );
  const onSaved = (now: NonNullable<BlendPage["saved"]>, as: BlendDocument) => {
    draft.clear();
    setSaved(now);
    setSavedContent(contentOf(as));
    if (saved?.id !== now.id) window.history.replaceState(null, "", `/blend/${now.id}`);
  };

  const answer = shown?.answer;
  const sameLines =
    answer &&
    shown.question.lines.length === doc.lines.length &&
    shown.question.lines.every((line, i) => line.materialId === doc.lines[i].materialId);
  // Typed just now, and too much to be meant: it waits for a word.
  const unsure = (i: number) => {
    const material = find(doc.lines[i].materialId);
    return !doc.lines[i].sure && material !== undefined && isMuchEssentialOil(material, answer?.lines[i]?.massG.mid);
  };
  const anyUnsure = Boolean(sameLines) && doc.lines.some((_, i) => unsure(i));
  const multiply = (factor: number) => {
    setUndo({
      said: `Every amount was multiplied by ${kitchenNumber(factor)}.`,
      press: "as it was before",
      before: doc,
    });
    apply({ do: "multiply", factor, find });
  };
  const [typing, setTyping] = useState(false);
  const pageTrigger = useRef<HTMLButtonElement>(null);
  const closePage = () => {
    setTyping(false);
    pageTrigger.current?.focus();
  };
  const takePage = (page: TakenPage) => {
    // What stands in the bowl already keeps what it weighs now.
    const nowG = sameLines && doc.sizing !== "asGiven" ? answer.lines.map(({ massG }) => massG.mid) : undefined;
    dispatch({ do: "page", page, nowG });
    closePage();
  };
  const headName = heads.find(({ id }) => id === doc.headId)?.name ?? "";

  return (
    <div className="mx-auto max-w-[82rem] px-4 pt-5 md:px-10">
      <h1 className="sr-only">Blend</h1>
      {draft.offered && contentOf(draft.offered) !== contentOf(doc) && (
        <p role="status" className="no-print mb-2 border-l-4 border-madder pl-3">
          You were writing {draft.offered.name.trim() ? `“${draft.offered.name.trim()}”` : "a blend"} here and had not
          saved it{draft.overtaken ? "; it has been saved by somebody since" : ""}.{" "}
          <OfferedDraft draft={draft} onTake={(kept) => dispatch({ do: "restore", doc: kept })} />
        </p>
      )}
      <Sentence
        doc={doc}
        heads={heads}
        answer={result.ok ? result.value : undefined}
        dispatch={dispatch}
        problemAt={problemAt}
      />
      <TypedPage
        open={typing}
        already={doc.lines.map((line) => line.materialId)}
        onTake={takePage}
        onClose={closePage}
      />
      <div className="mt-4 grid gap-x-8 gap-y-4 xl:grid-cols-[minmax(0,1fr)_21rem] xl:grid-rows-[auto_1fr]">
        <BowlAndLabels
          doc={doc}
          question={question}
          answer={sameLines ? answer : undefined}
          stale={!result.ok}
          lineProblem={lineProblem}
          openLine={openLine}
          setOpenLine={setOpenLine}
          dispatch={dispatch}
          dropIn={
            <div className="flex flex-wrap gap-x-6">
              <AddThing
                already={doc.lines.map((line) => line.materialId)}
                onAdd={(material) => dispatch({ do: "add", material })}
              />
              <button
                type="button"
                ref={pageTrigger}
                className="pressable min-h-11 text-left"
                aria-expanded={typing}
                onClick={() => setTyping(true)}
              >
                type a page of your notebook
              </button>
            </div>
          }
        />
        <aside aria-label="The liquid" className="xl:row-span-2">
          {answer && (
            <JugSide
              answer={answer}
              doc={doc}
              drawn={drawn}
              stale={!result.ok}
              dispatch={dispatch}
              problem={problemAt("liquid.amountMl")}
            />
          )}
        </aside>
        <div>
          <div className="max-w-[52rem] text-lg leading-relaxed" aria-live="polite">
            {whole && (
              <p className="text-stop" role="alert">
                {whole}
              </p>
            )}
            {!whole && problems.length > 0 && (
              <p className="text-stop" role="alert">
                Something above cannot be used yet: {problemWords(problems[0])}
              </p>
            )}
            {result.ok && (
              <Verdict
                answer={result.value}
                doc={doc}
                headName={headName}
                onMend={(target) => dispatch({ do: "set", change: { target, liquidMlText: "" } })}
                onMultiply={multiply}
              />
            )}
            {undo && (
              <p>
                {undo.said}{" "}
                <button
                  type="button"
                  ref={undoPress}
                  className="pressable min-h-11"
                  onClick={() => dispatch({ do: "restore", doc: undo.before })}
                >
                  {undo.press}
                </button>
              </p>
            )}
            {anyUnsure && (
              <p className="text-stop" role="alert">
                There is more essential oil in it than a bowl takes. Open its line, and say that it is meant, or take
                less.
              </p>
            )}
          </div>
          <div className="mt-4">
            <SaveAndMake
              doc={doc}
              saved={saved}
              changed={changed}
              heads={heads}
              usable={result.ok && !anyUnsure}
              tomorrow={tomorrow}
              dispatch={dispatch}
              onSaved={onSaved}
            />
          </div>
        </div>
      </div>
      {answer && shown && (
        <div
          className={`mt-8 grid gap-x-12 gap-y-8 lg:grid-cols-[minmax(0,1fr)_24rem] ${result.ok ? "" : "opacity-50"}`}
        >
          <div className="flex flex-col gap-8">
            <section aria-label="Rest">
              <h2>While it rests</h2>
              <div className="mt-2 max-w-[40rem]">
                <RestPicture rest={answer.rest} kitchenTempC={shown.question.kitchenTempC} />
              </div>
            </section>
            {sameLines && (
              <CleanSpoons question={shown.question} answer={answer} lines={doc.lines} dispatch={dispatch} />
            )}
            <Mixing question={shown.question} answer={answer} />
            <Cautions cautions={answer.cautions} id="cautions" />
            {sameLines && (
              <FeelAndOrder
                question={shown.question}
                answer={answer}
                choices={doc.choices}
                onChoose={(choices) => dispatch({ do: "set", change: { choices } })}
              />
            )}
          </div>
          <div>
            <Needs question={shown.question} answer={answer} />
            {sameLines && <AsMuchAsThereIs question={shown.question} answer={answer} dispatch={dispatch} />}
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
      )}
    </div>
  );
}

interface VerdictProps {
  readonly answer: PasteAnswer;
  readonly doc: BlendDocument;
  readonly headName: string;
  readonly onMend: (target: BlendDocument["target"]) => void;
  readonly onMultiply: (factor: number) => void;
}

function Verdict({ answer, doc, headName, onMend, onMultiply }: VerdictProps) {
  const size = sizeWords(answer, doc.sizing);
  const obstacle = obstacleWords(answer, doc.liquidId);
  const mend = mendWords(answer);
  const stop = answer.cautions.find((caution) => caution.level === "stop");
  return (
    <>
      <p>
        {obstacle ? <span className="text-stop">{obstacle}</span> : verdictWords(answer)}{" "}
        {!obstacle && mend && (
          <>
            <button type="button" className="pressable" onClick={() => onMend(mend.word)}>
              {mend.press}
            </button>{" "}
            {mend.then}
          </>
        )}
      </p>
      {!obstacle && <p>{throughTimeWords(answer)}</p>}
      <p>
        {totalWords(answer, headName)}
        {!obstacle && doc.sizing === "asGiven" && coversWords(answer)}{" "}
        {!obstacle && size && (
          <>
            <button type="button" className="pressable min-h-11" onClick={() => onMultiply(size.factor)}>
              {size.press}
            </button>{" "}
          </>
        )}
        {stop && (
          <a href="#cautions" className="font-semibold text-stop">
            Read the cautions below first.
          </a>
        )}
      </p>
    </>
  );
}

interface BowlAndLabelsProps {
  readonly doc: BlendDocument;
  readonly question: PasteQuestion;
  readonly answer: PasteAnswer | undefined;
  readonly stale: boolean;
  readonly lineProblem: (i: number) => string | undefined;
  readonly openLine: number | undefined;
  readonly setOpenLine: (key: number | undefined) => void;
  readonly dispatch: (action: Edit) => void;
  readonly dropIn: React.ReactNode;
}

/** The bowl with a fine line from each layer to its name and amount. Top layer first, as one sees it. */
function BowlAndLabels({
  doc,
  question,
  answer,
  stale,
  lineProblem,
  openLine,
  setOpenLine,
  dispatch,
  dropIn,
}: BowlAndLabelsProps) {
  const layers = answer?.layers ?? [];
  const fromTop = [...layers.keys()].reverse();
  const middles = answer ? layerMiddles(layers, answer.totalMl) : [];
  const gap = Math.min(LABEL_GAP, (VIEW.height - 60) / Math.max(1, layers.length));
  const placed = spread(
    fromTop.map((i) => middles[i]),
    gap,
    60,
    VIEW.height - 6,
  );
  const labelY = layers.map((_, i) => placed[fromTop.indexOf(i)]);
  const drawn = new Set(layers.map((layer) => layer.line));
  const undrawn = doc.lines.map((_, i) => i).filter((i) => !drawn.has(i));

  const amountOf = (i: number) => {
    const line = answer?.lines[i];
    if (!line) return "…";
    return `${gramWords(line.massG.mid)} g · ${countWords(line.count, line.unit, line.spoons)}`;
  };
  /** What the spoons named for it really hold, against what it should be. */
  const roundingOf = (i: number): string | undefined => {
    const line = answer?.lines[i];
    const density = line && lookupIn(question)(line.materialId, line.jarId)?.bulkDensityGPerMl.value;
    return line && density && SPOON_UNITS.includes(line.unit)
      ? roundingWords(line.spoons, density, line.massG.mid)
      : undefined;
  };
  const lineLabel = (i: number) => (
    <>
      <LineSheet
        line={doc.lines[i]}
        amount={amountOf(i)}
        rounding={roundingOf(i)}
        massG={answer?.lines[i]?.massG.mid}
        problem={lineProblem(i)}
        dispatch={dispatch}
        question={question}
        index={i}
        onHaveOnly={
          answer &&
          ((grams) =>
            dispatch({
              do: "grams",
              massG: answer.lines.map(({ massG }) => (massG.mid * grams) / answer.lines[i].massG.mid),
            }))
        }
        open={openLine === doc.lines[i].key}
        onOpenChange={(open) => setOpenLine(open ? doc.lines[i].key : undefined)}
      />
      {lineProblem(i) && openLine !== doc.lines[i].key && <p className="text-sm text-stop">{lineProblem(i)}</p>}
    </>
  );
  const text = answer
    ? `A ${bowlFor(answer.totalMl)} ml bowl in section with ${Math.round(answer.totalMl)} ml of paste, ${consistencyWords(answer.on.mid)}. From the bottom: ${layers.map((layer) => `${layer.kind === "line" ? materialName(answer.lines[layer.line!].materialId) : layer.kind === "held" ? "water the powders hold" : "water that flows"} ${gramWords(layer.volumeMl)} ml`).join(", ")}.`
    : "An empty bowl.";
  return (
    <div>
      <div className="grid md:grid-cols-[61%_1fr]">
        <Bowl
          layers={layers}
          totalMl={answer?.totalMl ?? 0}
          consistency={answer?.on.mid ?? { state: "dry" }}
          text={text}
          labelY={labelY}
          faded={stale}
          onPress={(layer) => layer.line !== undefined && setOpenLine(doc.lines[layer.line].key)}
        />
        <ul className="relative">
          {fromTop.map((i, rank) => {
            const layer = layers[i];
            return (
              <li
                key={layer.kind === "line" ? doc.lines[layer.line!].key : layer.kind}
                className="settles md:absolute md:left-2 md:right-0 md:-translate-y-1/2"
                style={{ top: `${(placed[rank] / VIEW.height) * 100}%` }}
              >
                {layer.kind === "line" ? (
                  lineLabel(layer.line!)
                ) : (
                  <div className="grid min-h-11 grid-cols-[1fr_auto] items-center gap-3 md:min-h-8">
                    <span className="text-quiet">
                      {layer.kind === "held" ? "liquid the powders hold" : "liquid that flows"}
                    </span>
                    <span className="font-semibold">{mlWords(layer.volumeMl)} ml</span>
                  </div>
                )}
              </li>
            );
          })}
        </ul>
      </div>
      <div className="mt-1 max-w-xl md:ml-8">
        {undrawn.map((i) => (
          <div key={doc.lines[i].key}>{lineLabel(i)}</div>
        ))}
        {dropIn}
      </div>
    </div>
  );
}

interface JugSideProps {
  readonly answer: PasteAnswer;
  readonly doc: BlendDocument;
  readonly stale: boolean;
  readonly drawn: Drawn | undefined;
  readonly problem: string | undefined;
  readonly dispatch: (action: Edit) => void;
}

function JugSide({ answer, doc, drawn, stale, dispatch, problem }: JugSideProps) {
  const { liquid } = answer;
  const { find, spoons } = useShelf();
  const colour = find(doc.liquidId)?.colour ?? [0.9, 0.03, 220];
  const warmth = Number(doc.liquidTempText);
  const name = `${Number.isFinite(warmth) ? `${warmthWord(warmth)} ` : ""}${materialName(doc.liquidId)}`;
  const second = doc.secondId ? Number(doc.secondShareText) / 100 : 0;
  // The draws take the place of the first-order band as soon as they are there.
  const shown =
    liquid.state === "solved" && drawn
      ? { ...liquid, ml: drawn.band, plan: pourPlan(drawn.band, spoons), spoons: inSpoons(drawn.band.mid, spoons) }
      : liquid;
  const words = shown.state === "unreachable" ? undefined : bandWords(shown.ml);
  return (
    <div className={stale ? "opacity-40" : ""}>
      {shown.state === "unreachable" ? (
        <p className="font-say text-figure font-semibold">no way</p>
      ) : (
        <>
          <p className="font-say text-figure font-semibold">{words!.mid} ml</p>
          <p className="text-quiet">
            {spoonWords(shown.spoons)} of {name}
            {shown.state === "solved" ? ` (${words!.range})` : ", as you set it"}
          </p>
          {doc.secondId && second > 0 && second < 1 && (
            <p>
              that is {roundTo(shown.ml.mid * (1 - second), 5)} ml {materialName(doc.liquidId)} and{" "}
              {roundTo(shown.ml.mid * second, 5)} ml {materialName(doc.secondId)}, {ratioWords(1 - second)} in every
              pour
            </p>
          )}
          <div className="mt-3">
            <Jug liquid={shown} colour={colour} drawn={drawn} />
          </div>
          {shown.state === "solved" && (
            <p className="text-quiet">
              then {shown.plan.step.count} {shown.plan.step.unit} ({roundTo(shown.plan.step.ml, 1)} ml) at a time
              {shown.plan.step.unit === "tbsp" && shown.plan.times
                ? `, ${shown.plan.times} ${shown.plan.times === 1 ? "time" : "times"}, then teaspoons`
                : ""}
            </p>
          )}
        </>
      )}
      <Announced
        text={shown.state === "unreachable" ? "No amount of liquid does it." : `${words!.mid} ml of ${name}`}
      />
      <JugSheet
        text={doc.liquidMlText}
        problem={problem}
        onChange={(liquidMlText) => dispatch({ do: "set", change: { liquidMlText } })}
      />
    </div>
  );
}
