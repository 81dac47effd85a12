import type { PasteAnswer } from "@/core/paste";
import { bandWords } from "@/words/amounts";
import { consistencyWords } from "@/words/verdict";

/** How the amount for this head is made up, and what goes on each section. */
export function Needs({ answer }: { answer: PasteAnswer }) {
  const { head, sections, leaveOnMin } = answer;
  const g = (band: Parameters<typeof bandWords>[0]) => `${bandWords(band).mid} g`;
  const rows: [string, string][] = [
    ["on the scalp", g(head.scalpG)], ["on the lengths", g(head.lengthsG)], ["left in the bowl", g(head.leftInBowlG)],
    [`each of ${sections.count} sections`, g(sections.eachG)],
    ["leave on", `${bandWords(leaveOnMin).range} min`],
    ["mixed, it is", consistencyWords(answer.mixed.mid)], ["on the head, it is", consistencyWords(answer.on.mid)],
    ["it may come out", `${consistencyWords(answer.on.thinnest).split(",")[0]} to ${consistencyWords(answer.on.thickest).split(",")[0]}`],
  ];
  return (
    <section aria-label="Where it goes">
      <h2>Where it goes</h2>
      <dl className="mt-1 max-w-[26rem]">
        {rows.map(([name, value]) => (
          <div key={name} className="flex items-baseline justify-between gap-4 border-b border-line py-1">
            <dt className="text-quiet">{name}</dt><dd className="text-right font-semibold">{value}</dd>
          </div>
        ))}
      </dl>
    </section>
  );
}
