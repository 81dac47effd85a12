"use client";
import { Suspense, useEffect, useMemo, useReducer, useRef, useState } from "react";
import { computePaste, type PasteAnswer, type PasteQuestion } from "@/core/paste";
import type { Material } from "@/core/material";
import type { BlendPage } from "@/server/blendPage";
import { kitchenNumber } from "@/words/amounts";
import { problemWords } from "@/words/problems";
import { inShortWords } from "@/words/verdict";
import { Announced } from "../parts/Announced";
import { later, opened } from "../parts/later";
import { useLastGood } from "../parts/useLastGood";
import { OfferedDraft } from "../forms/OfferedDraft";
import { useDraft } from "../forms/useDraft";
import { allTables } from "../shelf/allTables";
import { useShelf } from "../shelf/ShelfContext";
import { AddThing } from "./AddThing";
import type { BelowProps } from "./BelowTheBowl";
import { BowlAndLabels } from "./BowlAndLabels";
import { documentOf, isBlendDocument, questionOf, type BlendDocument } from "./document";
import { edit, type Edit, type TakenPage } from "./edit";
import type { FiguresChangedProps } from "./FiguresChanged";
import { JugSide } from "./JugSide";
import { isMuchEssentialOil } from "./isMuchEssentialOil";
import { SaveAndMake } from "./SaveAndMake";
import { Sentence } from "./Sentence";
import type { ToDropInProps } from "./ToDropIn";
import { TypedPage } from "./TypedPage";
import { usePour } from "./usePour";
import type { WhenProps } from "./WhenItGoesOn";
import { Verdict } from "./Verdict";

const BelowTheBowl = later<BelowProps>(() => import("./BelowTheBowl").then((file) => file.BelowTheBowl));

const WhenItGoesOn = opened<WhenProps>(() => import("./WhenItGoesOn").then((file) => file.WhenItGoesOn));
const ToDropIn = later<ToDropInProps>(() => import("./ToDropIn").then((file) => file.ToDropIn));
const FiguresChanged = later<FiguresChangedProps>(() => import("./FiguresChanged").then((file) => file.FiguresChanged));

const sentence = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** What a save keeps: everything but the head itself, which is kept under Heads. */
const contentOf = ({ head: _, whenText: __, ...kept }: BlendDocument): string =>
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

export function BlendView({
  start,
  heads,
  spoons,
  saved: savedAtFirst,
  tomorrow,
  figures,
  made = [],
  starts = [],
}: BlendPage) {
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
  const [begun] = useState(start.blend.lines.length === 0);
  const [openLine, setOpenLine] = useState<number>();
  const question = useMemo(() => questionOf(doc, spoons, shelf), [doc, spoons, shelf]);
  const result = useMemo(() => computePaste(question), [question]);
  const shown = useLastGood(
    useMemo((): Solved | undefined => (result.ok ? { answer: result.value, question } : undefined), [result, question]),
  );

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
  // An empty bowl is a first step and no error.
  const empty = doc.lines.length === 0;
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
  const add = (material: Material) => dispatch({ do: "add", material });
  const already = doc.lines.map((line) => line.materialId);
  const trouble =
    whole ?? (problems.length > 0 ? `Something above cannot be used yet: ${problemWords(problems[0])}` : undefined);
  const headName = heads.find(({ id }) => id === doc.headId)?.name ?? "";

  return (
    <div className="mx-auto max-w-[82rem] px-4 pt-5 md:px-10">
      <h1 className="sr-only">Blend</h1>
      {draft.offered && contentOf(draft.offered) !== contentOf(doc) && (
        <p role="status" className="no-print mb-2 border-l-4 border-madder pl-3">
          You were writing {draft.offered.name.trim() ? `“${draft.offered.name.trim()}”` : "a blend"} here and had not
          saved it{draft.overtaken ? "; it has been saved by somebody since" : ""}.{" "}
          <OfferedDraft
            draft={draft}
            onTake={(kept) => void allTables().then(() => dispatch({ do: "restore", doc: kept }))}
          />
        </p>
      )}
      {figures && saved && <FiguresChanged blendId={saved.id} change={figures} />}
      <Sentence
        doc={doc}
        heads={heads}
        answer={result.ok ? result.value : undefined}
        dispatch={dispatch}
        problemAt={problemAt}
      />
      <div
        className={
          "mt-4 grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-4 " +
          (typing
            ? "xl:grid-cols-[minmax(0,1fr)_27rem] xl:grid-rows-[auto_auto_1fr]"
            : "xl:grid-cols-[minmax(0,1fr)_21rem] xl:grid-rows-[auto_1fr]")
        }
      >
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
              <AddThing already={already} onAdd={add} />
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
        <TypedPage open={typing} already={already} onTake={takePage} onClose={closePage} />
        <aside aria-label="The liquid" className={typing ? "xl:col-start-1" : "xl:row-span-2"}>
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
          {/* Once it stands still, and not at each key. */}
          <Announced text={result.ok ? inShortWords(result.value) : empty ? "" : "It cannot be worked out yet."} />
          <div className="max-w-[52rem] text-lg leading-relaxed">
            {trouble && <p className={empty ? "" : "text-stop"}>{trouble}</p>}
            {result.ok && (
              <Verdict
                answer={result.value}
                doc={doc}
                headName={headName}
                onMend={(target) => dispatch({ do: "set", change: { target, liquidMlText: "" } })}
                onWear={(worn) => dispatch({ do: "set", change: { choices: { ...doc.choices, worn } } })}
                onMultiply={multiply}
              />
            )}
            {result.ok && doc.whenText && (
              <Suspense fallback={null}>
                <WhenItGoesOn question={question} answer={result.value} whenText={doc.whenText} />
              </Suspense>
            )}
            <div role="status">
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
            </div>
            {anyUnsure && (
              <p className="text-stop" role="alert">
                There is more essential oil in it than a bowl takes. Open its line, and say that it is meant, or take
                less.
              </p>
            )}
          </div>
          {begun && !saved && <ToDropIn empty={empty} already={already} onAdd={add} made={made} starts={starts} />}
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
        <BelowTheBowl
          question={shown.question}
          answer={answer}
          lines={sameLines ? doc.lines : undefined}
          choices={doc.choices}
          stale={!result.ok}
          dispatch={dispatch}
        />
      )}
    </div>
  );
}
