import type { Made } from "@/core/making";
import { bandWords, roundTo } from "@/words/amounts";
import { keepsWords, kitchenMl, productName, saidFigures, type MethodWords } from "@/words/making";
import { Announced } from "../parts/Announced";

interface WhatComesProps {
  readonly made: Made;
  readonly names: readonly string[];
  readonly words: MethodWords;
}

/** What to pour at first, or what it comes to; what else comes of it, and how long that keeps. */
export function WhatComes({ made, names, words }: WhatComesProps) {
  const { amounts, says, material, isInTables, keeps } = made;
  const { pourMl, productMl, restG, steamG } = amounts;
  const first = pourMl ?? productMl;
  const rows: readonly (readonly [string, string])[] = [
    ...(pourMl ? [["comes to", `${bandWords(productMl).both} ml`] as const] : []),
    ["weighs", `${kitchenMl(amounts.productG.mid)} g`],
    ...(restG.mid >= 0.5 ? [[words.stays ?? "stays behind", `${kitchenMl(restG.mid)} g`] as const] : []),
    ...(steamG.mid >= 0.5 ? [["goes as steam", `${kitchenMl(steamG.mid)} ml`] as const] : []),
    ...saidFigures(says),
    ...(material.acidity
      ? [["as sour as", `${roundTo(material.acidity.value * 100, 0.1)} g citric acid in 100 ml`] as const]
      : []),
    ["keeps", keeps ? keepsWords(keeps) : "as what is in it"],
  ];
  return (
    <section aria-label="What comes of it">
      <p className="font-say text-figure font-semibold">{kitchenMl(first.mid)} ml</p>
      <p className="text-quiet">
        {pourMl ? "of water to pour at first" : "is what it comes to"}
        {first.low < first.high && ` (${kitchenMl(first.low)}–${kitchenMl(first.high)})`}
      </p>
      <Announced
        text={
          (pourMl ? `${kitchenMl(pourMl.mid)} ml of water first, ` : "") + `${kitchenMl(productMl.mid)} ml in the end`
        }
      />
      <dl className="mt-2 max-w-[26rem]">
        {rows.map(([name, value]) => (
          <div key={name} className="flex items-baseline justify-between gap-4 border-b border-line py-1">
            <dt className="shrink-0 text-quiet">{name}</dt>
            <dd className="text-right font-semibold">{value}</dd>
          </div>
        ))}
      </dl>
      <p className="mt-2 max-w-[26rem] text-sm text-quiet">
        {isInTables
          ? `It is ${productName(made, words, names)}, with figures of its own.`
          : `It is ${productName(made, words, names)}: the tables know none, so it is one of your own.`}
      </p>
    </section>
  );
}
