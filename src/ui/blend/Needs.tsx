"use client";
import type { PasteAnswer, PasteQuestion } from "@/core/paste";
import { costOf, gather } from "@/core/stock";
import { bandWords } from "@/words/amounts";
import { moneyWords } from "@/words/shelf";
import { useShelf } from "../shelf/ShelfContext";
import { Fold } from "../parts/Fold";
import { consistencyRange, consistencyWords } from "@/words/verdict";

/** How the amount for this head is made up, and what goes on each section. */
export function Needs({ question, answer }: { question: PasteQuestion; answer: PasteAnswer }) {
  const { shelf, currency } = useShelf();
  const { known, unpricedG } = costOf(gather([{ question, answer }], shelf));
  const { head, sections, leaveOnMin } = answer;
  const g = (band: Parameters<typeof bandWords>[0]) => `${bandWords(band).mid} g`;
  const rows: [string, string][] = [
    ["on the scalp", g(head.scalpG)],
    ["on the lengths", g(head.lengthsG)],
    ["left in the bowl", g(head.leftInBowlG)],
    [`each of ${sections.count} sections`, g(sections.eachG)],
    ["leave on", `${bandWords(leaveOnMin).range} min`],
    ["mixed, it is", consistencyWords(answer.mixed.mid)],
    ["on the head, it is", consistencyWords(answer.on.mid)],
    ...(known > 0
      ? [
          ["costs about", `${moneyWords(known, currency)}${unpricedG >= 1 ? " and what has no price" : ""}`] as [
            string,
            string,
          ],
        ]
      : []),
    [answer.liquid.state === "solved" ? "poured without looking" : "it may come out", consistencyRange(answer.on)],
  ];
  return (
    <Fold
      title="Where it goes"
      line={`${sections.count} sections of ${g(sections.eachG)}, on for ${bandWords(leaveOnMin).range} min`}
    >
      <dl className="mt-1 max-w-[26rem]">
        {rows.map(([name, value]) => (
          <div key={name} className="flex items-baseline justify-between gap-4 border-b border-line py-1">
            <dt className="text-quiet">{name}</dt>
            <dd className="text-right font-semibold">{value}</dd>
          </div>
        ))}
      </dl>
    </Fold>
  );
}
