import type { Band } from "@/core/figure";
import { CONSISTENCIES, fromPa, wordFor } from "@/core/paste";
import { bandWords } from "@/words/amounts";
import { CONSISTENCY_NAME } from "@/words/names";
import { placeOnScale, SCALE_PA } from "./scaleShape";

const WIDE = 520;
const SHORT: Readonly<Record<(typeof CONSISTENCIES)[number], string>> = {
  drizzle: "drizzle",
  pancakeBatter: "batter",
  cream: "cream",
  thickPaste: "thick",
  mash: "mash",
  tooStiff: "too stiff",
};

/** The scale of words by yield stress, with what was read on it and what is wanted. */
export function ConsistencyScale({ band, targetPa }: { band?: Band; targetPa?: number }) {
  const x = (pa: number) => 8 + (WIDE - 16) * placeOnScale(pa);
  const name = (pa: number) => {
    const word = wordFor(pa);
    return word ? CONSISTENCY_NAME[word] : "water";
  };
  const text =
    (band ? `Read ${bandWords(band).both} Pa, ${name(band.mid)}` : "The scale of consistencies") +
    (targetPa ? `; wanted ${Math.round(targetPa)} Pa, ${name(targetPa)}` : "") +
    ".";
  return (
    <svg
      viewBox={`0 0 ${WIDE} 66`}
      role="img"
      aria-label={text}
      className="block w-full max-w-[36rem] overflow-visible"
    >
      {CONSISTENCIES.map((word, i) => {
        const [from, to] = [
          x(fromPa(word)),
          i + 1 < CONSISTENCIES.length ? x(fromPa(CONSISTENCIES[i + 1])) : x(SCALE_PA.to),
        ];
        return (
          <g key={word}>
            <path d={`M${from} 34v8`} className="stroke-ink" strokeWidth="1.4" />
            <text x={(from + to) / 2} y="60" textAnchor="middle" className="fill-quiet text-[16px]">
              {SHORT[word]}
            </text>
          </g>
        );
      })}
      <path d={`M8 38H${WIDE - 8}`} className="stroke-ink" strokeWidth="2.4" strokeLinecap="round" />
      {band && (
        <path d={`M${x(band.low)} 28Q${x(band.mid)} 6 ${x(band.high)} 28Z`} className="fill-press" opacity="0.35" />
      )}
      {band && <path d={`M${x(band.mid)} 12v24`} className="stroke-press" strokeWidth="3" strokeLinecap="round" />}
      {targetPa && (
        <path d={`M${x(targetPa) - 7} 38l7 -9l7 9l-7 9Z`} className="fill-ground stroke-madder" strokeWidth="2.6" />
      )}
    </svg>
  );
}
