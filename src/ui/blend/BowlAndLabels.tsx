"use client";
import { useRef, type ReactNode } from "react";
import type { Unit } from "@/core/measure";
import { lookupIn, type PasteAnswer, type PasteQuestion } from "@/core/paste";
import { countWords, gramWords, mlWords } from "@/words/amounts";
import { materialName } from "@/words/names";
import { roundingWords } from "@/words/shelf";
import { consistencyWords } from "@/words/verdict";
import { Bowl, layerMiddles, VIEW } from "../bowl/Bowl";
import { bowlFor, spread } from "../bowl/geometry";
import { useLabelHeights } from "../bowl/useLabelHeights";
import type { BlendDocument } from "./document";
import type { Edit } from "./edit";
import { LineSheet } from "./LineSheet";

/** Picture units: of a label in one line, and where the first may begin, under the spoon. */
const LABEL_HEIGHT = 39;
const LABELS_FROM = 42;
const SPOON_UNITS: readonly Unit[] = ["g", "ml", "tsp", "tbsp", "cup"];

interface BowlAndLabelsProps {
  readonly doc: BlendDocument;
  readonly question: PasteQuestion;
  readonly answer: PasteAnswer | undefined;
  readonly stale: boolean;
  readonly lineProblem: (i: number) => string | undefined;
  readonly openLine: number | undefined;
  readonly setOpenLine: (key: number | undefined) => void;
  readonly dispatch: (action: Edit) => void;
  readonly dropIn: ReactNode;
}

/** The bowl with a fine line from each layer to its name and amount. Top layer first, as one sees it. */
export function BowlAndLabels({
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
  const keyOf = (i: number) => {
    const { kind, line } = layers[i];
    return kind === "line" ? `${doc.lines[line!].key}` : kind;
  };
  const [list, picture] = [useRef<HTMLUListElement>(null), useRef<SVGSVGElement>(null)];
  const heights = useLabelHeights(list, picture, VIEW.width, fromTop.map(keyOf), LABEL_HEIGHT);
  // More of them than fit beside the bowl stand as a list, and no line leads to them.
  const placed = spread(
    fromTop.map((i) => middles[i]),
    heights,
    LABELS_FROM,
    VIEW.height,
  );
  const labelY = placed && layers.map((_, i) => placed[fromTop.indexOf(i)]);
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
    ? `A ${bowlFor(answer.totalMl)} ml bowl in section with ${Math.round(answer.totalMl)} ml of paste, ` +
      `${consistencyWords(answer.on.mid)}. From the bottom: ` +
      layers
        .map(
          (layer) =>
            (layer.kind === "line"
              ? materialName(answer.lines[layer.line!].materialId)
              : layer.kind === "held"
                ? "water the powders hold"
                : "water that flows") + ` ${gramWords(layer.volumeMl)} ml`,
        )
        .join(", ") +
      "."
    : "An empty bowl.";
  return (
    <div>
      <div className="grid md:grid-cols-[61%_1fr] data-over:bg-sunk" data-drop="bowl">
        <Bowl
          layers={layers}
          totalMl={answer?.totalMl ?? 0}
          consistency={answer?.on.mid ?? { state: "dry" }}
          text={text}
          labelY={labelY}
          ref={picture}
          faded={stale}
          onPress={(layer) => layer.line !== undefined && setOpenLine(doc.lines[layer.line].key)}
        />
        <ul ref={list} className="relative">
          {fromTop.map((i, rank) => {
            const layer = layers[i];
            return (
              <li
                key={keyOf(i)}
                className={placed ? "settles md:absolute md:left-2 md:right-0 md:-translate-y-1/2" : "md:ml-2"}
                style={placed && { top: `${(placed[rank] / VIEW.height) * 100}%` }}
              >
                {layer.kind === "line" ? (
                  lineLabel(layer.line!)
                ) : (
                  <div className="grid min-h-11 grid-cols-[1fr_auto] items-center gap-3 md:min-h-6">
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
