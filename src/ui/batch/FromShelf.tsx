import Link from "next/link";
import { useMemo, useSyncExternalStore } from "react";
import { withdrawalsOf, pricePerG } from "@/core/stock";
import { type BatchEvent } from "@/core/batch";
import type { PasteAnswer, PasteQuestion } from "@/core/paste";
import { gramWords } from "@/words/amounts";
import { materialName } from "@/words/names";
import { moneyWords } from "@/words/shelf";
import { useShelf } from "../shelf/ShelfContext";

const nothingChanges = () => () => undefined;

/** What a bowl has taken off the shelf so far, jar by jar, and what that cost. */
export function FromShelf({
  question,
  answer,
  events,
}: {
  question: PasteQuestion;
  answer: PasteAnswer;
  events: readonly BatchEvent[];
}) {
  const {
    shelf: { jars },
    currency,
  } = useShelf();
  const inBrowser = useSyncExternalStore(
    nothingChanges,
    () => true,
    () => false,
  );
  const byJar = useMemo(() => {
    // A long bowl is folded once more for this; the page does not wait for it.
    if (!inBrowser) return [];
    const sums = new Map<string, number>();
    for (const { jarId, massG } of withdrawalsOf(question, answer, events))
      if (jarId !== undefined) sums.set(jarId, (sums.get(jarId) ?? 0) + massG);
    return [...sums];
  }, [inBrowser, question, answer, events]);
  if (byJar.length === 0) return null;
  const known = byJar.map(([jarId, massG]) => ({ massG, jar: jars.find(({ id }) => id === jarId) }));
  const cost = known.reduce((sum, { jar, massG }) => sum + (jar ? (pricePerG(jar) ?? 0) * massG : 0), 0);
  const unpriced = known.some(({ jar }) => !jar || pricePerG(jar) === undefined);
  return (
    <p className="mt-2 text-sm text-quiet">
      Off the shelf:{" "}
      {known.map(({ jar, massG }, i) => (
        <span key={jar?.id ?? i}>
          {i > 0 && ", "}
          {gramWords(massG)} g of{" "}
          {jar ? (
            <Link href={`/shelf/${jar.id}`} className="hover:underline">
              {materialName(jar.materialId)}
            </Link>
          ) : (
            "a jar that is gone"
          )}
        </span>
      ))}
      .{cost > 0 && ` It cost about ${moneyWords(cost, currency)}${unpriced ? " and what has no price" : ""}.`}
    </p>
  );
}
