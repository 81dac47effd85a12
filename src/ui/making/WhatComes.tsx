import type { Made } from "@/core/making";
import { bandWords, roundTo } from "@/words/amounts";
import { keepsWords, kitchenMl, type MethodWords } from "@/words/making";
import { Announced } from "../parts/Announced";

const tenths = (value: number): string => roundTo(value, 0.1);

interface WhatComesProps {
  readonly made: Made;
  readonly names: readonly string[];
  readonly words: MethodWords;
}

/** What to pour at first, what comes of it, and how long that keeps. */
export function WhatComes({ made, names, words }: WhatComesProps) {
  const { amounts, strengthGPer100Ml, drawn, material, isInTables, keeps } = made;
  const pour = kitchenMl(amounts.pourMl.mid);
  const rows: readonly (readonly [string, string])[] = [
    ["strained", `${bandWords(amounts.productMl).both} ml`],
    ["stays in the sieve, wet", `${kitchenMl(amounts.restG.mid)} g`],
    ["goes as steam", `${kitchenMl(amounts.steamG.mid)} ml`],
    [
      "dissolved in 100 ml",
      `${tenths(strengthGPer100Ml.mid)} g (${tenths(strengthGPer100Ml.low)}–${tenths(strengthGPer100Ml.high)})`,
    ],
    ["drawn of what dissolves", `${Math.round(drawn.mid * 100)} %`],
    ...(material.acidity
      ? [["as sour as", `${tenths(material.acidity.value * 100)} g citric acid in 100 ml`] as const]
      : []),
    ["keeps", keepsWords(keeps)],
  ];
  return (
    <section aria-label="What comes of it">
      <p className="font-say text-figure font-semibold">{pour} ml</p>
      <p className="text-quiet">
        of water to pour at first ({kitchenMl(amounts.pourMl.low)}–{kitchenMl(amounts.pourMl.high)})
      </p>
      <Announced text={`${pour} ml of water first, ${kitchenMl(amounts.productMl.mid)} ml in the end`} />
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
          ? `It is ${material.names[0].text}, with figures of its own.`
          : `It is ${words.product(names)}: the tables know none, so it is one of your own.`}
      </p>
    </section>
  );
}
